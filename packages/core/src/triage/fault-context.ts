import { Choice, Nested, OpenMap, Quantity, Text } from '../input/fields.js';
import type { EntryRule } from '../input/open-map.js';
import { adhesives, plates } from '../materials/family.js';
import { OwnFacts } from '../materials/own-facts.js';

/** Anything: what of it matters is read by name, and the rest is left alone. */
const anything: EntryRule = { must: 'may be anything', holds: () => true };

/** What matters of a printer's profile. */
export const printerFacts = [
  'chamber',
  'chamberC',
  'drive',
  'nozzleMetal',
  'linerLimitC',
  'buildMm',
] as const;
/** What matters of a spool: its state, in a word (dry, dry it first, damp, wet, unusable). */
export const spoolFacts = ['state'] as const;
/**
 * What matters of a part: its size, mm; what is sharp, overhangs and fills it; the warp model's chance that it lifts;
 * and how many prints stood on that place of the plate, and failed there.
 */
export const partFacts = [
  'lengthMm',
  'widthMm',
  'heightMm',
  'sharpCorners',
  'overhangMm2',
  'walls',
  'infill',
  'liftChance',
  'printsThere',
  'failedThere',
] as const;
/** Facts by their names, none of which need be known; what else was sent along is left alone. */
export type Facts<Name extends string> = Readonly<Partial<Record<Name, unknown>>>;

/** What is known of the print besides what is seen. */
export class FaultContext {
  @Text({ maxLength: 80, optional: true, nullable: true, doc: 'The key of its family; default not said.' })
  family: string | null = null;
  @OpenMap(anything, {
    max: 60,
    optional: true,
    doc: `The printer, or some of its profile: ${printerFacts.join(', ')}; default not said.`,
  })
  printer: Facts<(typeof printerFacts)[number]> = {};
  @OpenMap(anything, {
    max: 60,
    optional: true,
    doc: 'The spool: its state (dry, dry it first, damp, wet, unusable); default not said.',
  })
  spool: Facts<(typeof spoolFacts)[number]> = {};
  @Nested(() => OwnFacts, {
    optional: true,
    nullable: true,
    doc: 'What is stated of this very spool or grade and beats what the library says of its family; default null.',
  })
  facts: OwnFacts | null = null;
  @OpenMap(anything, {
    max: 60,
    optional: true,
    doc: `The part: ${partFacts.join(', ')}; default not said.`,
  })
  part: Facts<(typeof partFacts)[number]> = {};
  @Choice(plates, { optional: true, nullable: true, doc: 'The plate; default not said.' })
  plate: (typeof plates)[number] | null = null;
  @Choice(adhesives, { optional: true, nullable: true, doc: 'What is put on it; default not said.' })
  adhesive: (typeof adhesives)[number] | null = null;
  @Quantity({
    min: 100,
    max: 500,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'Nozzle; default not said.',
  })
  nozzleC: number | null = null;
  @Quantity({ min: 0, max: 250, unit: '°C', optional: true, nullable: true, doc: 'Bed; default not said.' })
  bedC: number | null = null;
  @Quantity({
    min: -10,
    max: 250,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'Air about it; default not said.',
  })
  chamberC: number | null = null;
  @Quantity({ min: 0, max: 100, unit: '%', optional: true, nullable: true, doc: 'Fan; default not said.' })
  fanPct: number | null = null;
  @Quantity({
    min: 1,
    max: 1000,
    unit: 'mm/s',
    optional: true,
    nullable: true,
    doc: 'Speed; default not said.',
  })
  speedMmS: number | null = null;
  @Quantity({
    min: 0,
    max: 20,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Retraction; default not said.',
  })
  retractionMm: number | null = null;
}
