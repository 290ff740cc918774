import type { Tried } from './tried.js';
import type { FillerKey } from './filler-keys.js';
import {
  eachProperty,
  rangeOf,
  type PropertyName,
  type Range,
  type RangeRow,
  type Window,
} from './property.js';
import { unloadedFrom, type Structure } from './unloaded.js';
import type { SpoolState } from './spool-state.js';
import type { VapourKey } from './vapours.js';
import { closedRetention, type RetentionPoints } from './retention.js';

/** Chemicals that a part may touch. */
export const chemicals = [
  'petrol',
  'oil',
  'alcohol',
  'acetone',
  'weak-acid',
  'strong-acid',
  'alkali',
  'salt-water',
  'bleach',
  'brake-fluid',
  'detergent',
] as const;

/** A chemical that a part may touch. */
export type Chemical = (typeof chemicals)[number];

/** How well a family bears a chemical: for good, for a while, or not. */
export type Resistance = 'good' | 'fair' | 'poor';

/** Build plates. */
export const plates = ['smooth-pei', 'textured-pei', 'glass', 'garolite', 'pp-sheet'] as const;

/** A build plate. */
export type Plate = (typeof plates)[number];

/** What may be put on a plate, so that a print holds or lets go. */
export const adhesives = ['glue-stick', 'pp-tape', 'release-layer'] as const;

/** What is put on a plate. */
export type Adhesive = (typeof adhesives)[number];

/** Liquids that smooth, weld or dissolve. */
export const solvents = ['acetone', 'isopropanol', 'limonene', 'ethyl-acetate', 'water'] as const;

/** A liquid that smooths, welds or dissolves. */
export type Solvent = (typeof solvents)[number];

/** A process window. */
export type WindowName = 'nozzleC' | 'bedC' | 'chamberC' | 'speedMmS' | 'fanPct' | 'retractionMm';

/** How a family bears rubbing: for good, with care for what it rubs on, or not. */
export type WearClass = 'good' | 'fair' | 'poor';

/** What an oven makes of a family that gains by it. */
export interface Baked {
  /** How hot the oven is kept, °C, and for how many hours. */
  ovenC: number;
  hours: number;
  /** How its chains lie afterwards; as printed, unless it says otherwise. */
  structure?: Structure;
  /** Linear shrinkage while it crystallises, %. */
  shrinkagePct: number;
  properties: Partial<Record<PropertyName, Range>>;
  retention: RetentionPoints;
}

/** How a family holds on a plate, J/m². Energies are effective ones, set so that practice holds. */
export interface PlateHold {
  bare: number;
  /** Bare, it bonds so hard that it tears the plate. */
  grips?: true;
  adhesive?: Partial<Record<Adhesive, number>>;
}

/** What a family is, apart from its numbers. */
export interface FamilyFlags {
  /** How its chains lie as printed: it decides what heat does to a loaded part. */
  structure: Structure;
  /** Water-soluble: only a support. */
  soluble: boolean;
  /** Wears a brass nozzle. */
  abrasive: boolean;
  /** The least demanding feed that carries it: whatever there is, a slow remote drive, or a direct drive only. */
  drive: 'any' | 'slow-bowden' | 'direct';
  /** What printing it damp does: little, rough and stringy, or spoiled. */
  moisture: 'low' | 'medium' | 'high';
  fumes: 'low' | 'moderate' | 'styrene';
  /** Its chief vapour while it is printed, and what one printer gives off of it, µg/min; null for next to none. */
  vapour: { of: VapourKey; ugMin: readonly [low: number, typical: number, high: number] } | null;
  clarity: 'opaque' | 'translucent' | 'clear';
  /** Sticks to a cold plate well enough. */
  coldBed: boolean;
  /** Bends as a living hinge: no, for a while, or for ever. */
  hinge: 'no' | 'short' | 'lasting';
  /** How much it strings and bridges badly, 0 (not) to 1. */
  stringing: number;
  /** How fair an as-printed surface looks, 0 to 1. */
  finish: number;
  /** How its surface reflects light as it is printed. */
  sheen: 'glossy' | 'satin' | 'matt';
  /** How paint holds on it: as it is cleaned, over a primer, or hardly at all. */
  paint: 'well' | 'primed' | 'poorly';
  /** Takes up dye from a warm bath, in its natural colour. */
  dyes: boolean;
  /** How it can be sanded: well, with water and patience because it softens or furs, or not. */
  sanding: 'well' | 'wet' | 'no';
  /** Some grades are sold as fit for food as a polymer; the printed part is another matter. */
  foodPolymer: boolean;
  /** How rafts and supports of itself come off: they break away, they cling, or they dissolve. */
  support: 'breaks' | 'clings' | 'dissolves';
  /** Liquids that smooth, weld or dissolve it. */
  smoothedBy: readonly Solvent[];
  /** Swells while printing: from, at its fullest, and where it collapses, °C; null for a compact filament. */
  foaming: { fromC: number; peakC: number; collapseC: number } | null;
  /** Chars or cross-links when left hot in the nozzle. */
  chars: boolean;
  /** What is left where it dissolves. */
  residue: 'none' | 'gel';
  /** What it is made for: to work, to be looked at (or smoothed, or merely light), or to hold others up. */
  role: 'work' | 'looks' | 'support';
  /** Share of its notched toughness where it stays dry: nylons are judged as the room's damp leaves them. */
  dryToughness: number;
  /** What it does with electricity: keeps it off, leads a charge away, or conducts and so hides radio. */
  electricity: 'insulates' | 'dissipates' | 'conducts';
  /** Share of its ultraviolet half-dose after which its colour has visibly changed: it yellows, chalks or pales. */
  fadeShare: number;
  /** How it burns once a flame is taken away. */
  burning: 'freely' | 'slowly' | 'goes-out';
  /** Whether oil, alcohol, petrol or detergent make it crack under a stress that it would bear without them. */
  stressCracks: boolean;
  /** Whether moulded plaques of such grades reach a flame class; a print is another matter. */
  flameRated: boolean;
  /** How it bears rubbing and teeth, dry against itself or smooth steel. */
  wear: WearClass;
  /** The colours it is sold in: all of them, or dark ones only, because of what is in it. */
  colours: 'any' | 'dark';
}

/** A disputed fact: the positions, why each is held, and which the scoring uses. */
export interface Dispute {
  question: string;
  positions: { school: string; claim: string; reasoning: string }[];
  used: string;
}

/** A filament family of the library. */
export interface Family {
  key: string;
  name: string;
  /** The family it is made from by a filler, or null. */
  base: string | null;
  filler: FillerKey | null;
  /** Set where this stands for a named grade on top of a family; null for the family itself. */
  grade: { family: string; maker: string; soakedGcm3: number | null } | null;
  /** What is known of the spool that would be used; null where none is on the shelf. */
  spool: SpoolState | 'dried first' | null;
  /** What the values stand for. */
  note: string;
  properties: Record<PropertyName, Range | null>;
  windows: Record<WindowName, Window>;
  flags: FamilyFlags;
  /** Share of the 23 °C strength and stiffness left at a temperature: [°C, share], rising in temperature. */
  retention: RetentionPoints;
  chemicals: Record<Chemical, Resistance>;
  /** Adhesion energy Γ in J/m² on a plate, bare and with an adhesive. */
  adhesion: Partial<Record<Plate, PlateHold>>;
  disputes: Dispute[];
  /** What it becomes in an oven, where it gains by it; its figures otherwise are as printed. */
  baked: Baked | null;
  /** What was read of the part itself printed in it; nothing but in a trial. */
  tried?: Tried;
}

/** An ordinary filament: a family's file states only what differs. */
const ordinary: FamilyFlags = {
  structure: 'amorphous',
  soluble: false,
  abrasive: false,
  drive: 'any',
  moisture: 'low',
  fumes: 'low',
  vapour: null,
  clarity: 'opaque',
  coldBed: false,
  hinge: 'no',
  stringing: 0.3,
  finish: 0.7,
  sheen: 'satin',
  paint: 'well',
  dyes: false,
  sanding: 'well',
  foodPolymer: false,
  support: 'breaks',
  smoothedBy: [],
  foaming: null,
  chars: false,
  residue: 'none',
  role: 'work',
  dryToughness: 1,
  electricity: 'insulates',
  flameRated: false,
  fadeShare: 0.5,
  burning: 'freely',
  stressCracks: false,
  wear: 'poor',
  colours: 'any',
};

/** What a family's file states; the rest is derived. */
export interface FamilyTable extends Omit<
  Family,
  'properties' | 'windows' | 'disputes' | 'flags' | 'base' | 'filler' | 'grade' | 'spool' | 'baked'
> {
  base?: string;
  filler?: FillerKey;
  flags: Partial<FamilyFlags>;
  windows: Record<WindowName, readonly [number, number]>;
  /** Where it keeps its shape unloaded follows from the rest unless it is stated; only rubbers have a set. */
  properties: Record<
    Exclude<PropertyName, 'unloadedC' | 'compressionSetPct' | 'steamCycles134'>,
    RangeRow | null
  > & {
    unloadedC?: RangeRow;
    compressionSetPct?: RangeRow;
    steamCycles134?: RangeRow;
  };
  disputes?: Dispute[];
}

/** Builds a family from its table. @throws Error if a range is not in order: the library must not load wrong. */
export function family(table: FamilyTable): Family {
  const { note, properties, windows, flags, base = null, filler = null, disputes = [], ...rest } = table;
  const ranges = eachProperty(name => {
    const row = properties[name] ?? null;
    if (row && !(row[0] <= row[1] && row[1] <= row[2]))
      throw new Error(`${table.key}.${name}: low ≤ typical ≤ high does not hold`);
    return row ? rangeOf(name, row, note) : null;
  });
  ranges.unloadedC ??= unloadedFrom(flags.structure ?? ordinary.structure, ranges);
  const spans = {} as Record<WindowName, Window>;
  for (const name of Object.keys(windows) as WindowName[])
    spans[name] = { low: windows[name][0], high: windows[name][1] };
  return {
    ...rest,
    base,
    filler,
    grade: null,
    spool: null,
    note,
    properties: ranges,
    windows: spans,
    flags: { ...ordinary, ...flags },
    disputes,
    baked: null,
    retention: closedRetention(rest.retention, ranges.tmC?.typical, ranges.tgC?.typical),
  };
}

/**
 * A property's typical value. @throws Error where the family has none: callers ask {@link has} first when
 * it may be missing.
 */
export function typical(f: Family, name: PropertyName): number {
  const range = f.properties[name];
  if (!range) throw new Error(`${f.name} has no ${name}`);
  return range.typical;
}

/** A property's typical value, or null where it does not apply. */
export function typicalOrNull(f: Family, name: PropertyName): number | null {
  return f.properties[name]?.typical ?? null;
}
