import type { Baked, Family, FamilyFlags, WindowName } from './family.js';
import { propertyDefinitions } from './property-definitions.js';
import { eachProperty, rangeOf, type PropertyName, type Range, type RangeRow } from './property.js';
import { unloadedFrom } from './unloaded.js';
import { closedRetention, type RetentionPoints } from './retention.js';
import type { FillerKey } from './filler-keys.js';

/** What a filler does to any family it is put into: factors on properties, and what becomes of its flags. */
export interface Filler {
  key: FillerKey;
  name: string;
  factors: Partial<Record<PropertyName, number>>;
  flags: Partial<FamilyFlags>;
}

/** A filled family: its base, its filler, and what is known better than the filler's factors say. */
export interface FilledTable {
  key: string;
  name: string;
  note: string;
  /** Measured or published for this compound; the rest is base × filler. */
  overrides: Partial<Record<PropertyName, RangeRow>>;
  windows?: Partial<Record<WindowName, readonly [number, number]>>;
  flags?: Partial<FamilyFlags>;
  retention?: Family['retention'];
  chemicals?: Partial<Family['chemicals']>;
  adhesion?: Family['adhesion'];
  disputes?: Family['disputes'];
  baked?: BakedTable;
}

/** What an oven makes of a filled family, as its file states it. */
export interface BakedTable extends Omit<Baked, 'properties'> {
  properties: Partial<Record<PropertyName, RangeRow>>;
}

/** Digits kept where a value is computed as base × filler: it is no better known than that. */
const FIGURES = 3;

const rounded = (x: number): number => Number(x.toPrecision(FIGURES));

/**
 * Builds a filled family as base × filler, with overrides where data exist.
 * @throws Error if an override is not in order
 */
export function filled(base: Family, filler: Filler, table: FilledTable): Family {
  const properties = eachProperty(name => {
    const row = table.overrides[name];
    if (row && !(row[0] <= row[1] && row[1] <= row[2]))
      throw new Error(`${table.key}.${name}: low ≤ typical ≤ high does not hold`);
    return row ? rangeOf(name, row, table.note) : modified(name, base, filler);
  });
  const flags = { ...base.flags, ...filler.flags, ...table.flags };
  if (!table.overrides.unloadedC) properties.unloadedC = unloadedFrom(flags.structure, properties);
  const closed = (points: RetentionPoints): RetentionPoints =>
    closedRetention(points, properties.tmC?.typical, properties.tgC?.typical);
  const windows = { ...base.windows };
  for (const [name, [low, high]] of Object.entries(table.windows ?? {}) as [
    WindowName,
    readonly [number, number],
  ][])
    windows[name] = { low, high };
  return {
    key: table.key,
    name: table.name,
    base: base.key,
    filler: filler.key,
    grade: null,
    spool: null,
    note: table.note,
    properties,
    windows,
    flags,
    retention: closed(table.retention ?? base.retention),
    chemicals: { ...base.chemicals, ...table.chemicals },
    adhesion: table.adhesion ?? base.adhesion,
    disputes: table.disputes ?? base.disputes,
    baked: table.baked ? bakedOf(table.baked, closed) : null,
  };
}

function bakedOf(table: BakedTable, closed: (points: RetentionPoints) => RetentionPoints): Baked {
  const note = `after ${table.hours} h at ${table.ovenC} °C`;
  const properties: Baked['properties'] = {};
  for (const [name, row] of Object.entries(table.properties) as [PropertyName, RangeRow][])
    properties[name] = rangeOf(name, row, note);
  return { ...table, properties, retention: closed(table.retention) };
}

/** A property of the base as the filler changes it. */
function modified(name: PropertyName, base: Family, filler: Filler): Range | null {
  const p = base.properties[name];
  const factor = filler.factors[name];
  if (!p || factor === undefined) return p;
  const { min, max } = propertyDefinitions[name];
  const times = (x: number): number => Math.min(max, Math.max(min, rounded(x * factor)));
  return {
    ...p,
    low: times(p.low),
    typical: times(p.typical),
    high: times(p.high),
    confidence: 'estimate',
    source: `${propertyDefinitions[name].standard}; ${base.name} × ${factor} for ${filler.name}`,
  };
}
