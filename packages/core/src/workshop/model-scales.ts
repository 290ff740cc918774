import { ListOf, Quantity } from '../input/fields.js';
import type { Family } from '../materials/family.js';
import { familyByKey } from '../materials/library.js';
import { FamilyKey } from '../materials/material-key.js';
import { propertyDefinition, type PropertyName, type Range } from '../materials/property.js';

/** How strong a family is here, by several of its makers' filaments that were measured. */
export class FamilyStrength {
  @FamilyKey({ doc: 'The family.' }) family!: string;
  @Quantity({ min: 0.2, max: 5, doc: 'What its strength is multiplied by.' }) factor!: number;
}

/**
 * How far a workshop moves the models, by what its parts in service taught it: accepted by hand from what
 * `modelCalibration` proposes.
 */
export class ModelScales {
  @Quantity({
    min: -60,
    max: 60,
    unit: 'K',
    optional: true,
    doc: 'What heat that filaments stand is moved by, below 0 where the model promised too much; default 0.',
  })
  heatK = 0;
  @Quantity({ min: 0.05, max: 20, optional: true, doc: 'What life in the sun is multiplied by; default 1.' })
  uv = 1;
  @Quantity({
    min: 0.05,
    max: 20,
    optional: true,
    doc: 'What room under creep is multiplied by, of held loads and of clamps; default 1.',
  })
  creep = 1;
  @Quantity({ min: 0.05, max: 20, optional: true, doc: 'What knocks it bears are multiplied by; default 1.' })
  impact = 1;
  @ListOf(() => FamilyStrength, {
    max: 200,
    optional: true,
    doc: 'Families that are stronger or weaker here than the library says, by their makers’ grades; default none.',
  })
  strengths: FamilyStrength[] = [];
}

/** A scale of all families alike. */
export type ScaleName = Exclude<keyof ModelScales, 'strengths'>;

/** Whether nothing is moved. */
export function isUnscaled({ heatK, uv, creep, impact, strengths = [] }: ModelScales): boolean {
  return heatK === 0 && uv === 1 && creep === 1 && impact === 1 && !strengths.length;
}

/** What is done to each property of every family. The field’s word on the sun is relative to the laboratory’s. */
function moves(s: ModelScales): Moves {
  const shift = (x: number): number => x + s.heatK;
  const knocks = (x: number): number => x * s.impact;
  return {
    ...(s.heatK === 0 ? {} : { unloadedC: shift, hdt045C: shift, hdt18C: shift }),
    ...(s.uv === 1
      ? {}
      : { uvHalfDoseMJm2: (x: number) => x * s.uv, fieldUvFactor: (x: number) => x / s.uv }),
    ...(s.creep === 1 ? {} : { creepA: (x: number) => x / s.creep }),
    ...(s.impact === 1
      ? {}
      : { charpy23KJm2: knocks, charpyMinus30KJm2: knocks, charpyUnnotched23KJm2: knocks }),
  };
}

type Moves = Partial<Record<PropertyName, (x: number) => number>>;

/** What is done to a family’s strength, and to that of a grade of it that does not state its own. */
function strengthMove(f: Family, strengths: readonly FamilyStrength[]): Moves {
  const base = f.grade?.family ?? f.key;
  const found = strengths.find(s => s.family === base);
  const isOwn = f.properties.yieldMPa?.source !== familyByKey(base)?.properties.yieldMPa?.source;
  return found && !(f.grade && isOwn) ? { yieldMPa: x => x * found.factor } : {};
}

/** Families and grades as a workshop has learnt to judge them: the same list where nothing is moved. */
export function scaledFamilies(families: readonly Family[], scales: ModelScales): readonly Family[] {
  if (isUnscaled(scales)) return families;
  const ofAll = moves(scales);
  const scaled = <P extends Partial<Record<PropertyName, Range | null>>>(properties: P, by: Moves): P =>
    Object.fromEntries(
      Object.entries(properties).map(([name, range]) => [
        name,
        movedRange(name as PropertyName, range ?? null, by),
      ]),
    ) as P;
  function movedRange(name: PropertyName, range: Range | null, by: Moves): Range | null {
    const move = by[name];
    const why = ofAll[name] ? 'what this workshop’s parts in service taught' : 'what this workshop measured';
    if (!range || !move) return range;
    const { min, max } = propertyDefinition(name);
    const inside = (x: number): number => Math.min(max, Math.max(min, move(x)));
    return {
      ...range,
      low: inside(range.low),
      typical: inside(range.typical),
      high: inside(range.high),
      source: `${range.source}; moved by ${why}`,
    };
  }
  return families.map(f => {
    const by = { ...ofAll, ...strengthMove(f, scales.strengths ?? []) };
    return {
      ...f,
      properties: scaled(f.properties, by),
      baked: f.baked && { ...f.baked, properties: scaled(f.baked.properties, by) },
    };
  });
}
