import { MaterialKey } from '../materials/material-key.js';
import { isISO8601 } from 'class-validator';
import { Choice, Flag, Interval, ListOf, Nested, Quantity, Text } from '../input/fields.js';
import { InputError, parseInput, type Problem } from '../input/parse.js';
import { PhotoRef, photoProblems } from '../records/photo-ref.js';
import { SectionPrintedInput } from '../models/section-printed.js';
import { propertyNames } from '../materials/property.js';
import { breakManners, type BreakManner } from './break.js';

/** Something that is measured of every filament of a trial. */
export class TrialCriterion {
  @Text({ maxLength: 40, doc: 'Its short name, such as mass.' }) id!: string;
  @Text({ maxLength: 80, doc: 'What it is called.' }) label!: string;
  @Text({ maxLength: 20, optional: true, allowEmpty: true, doc: 'Its unit; default none.' }) unit = '';
  @Flag({ optional: true, doc: 'Whether less of it is better; default false.' }) lessIsBetter = false;
  @Quantity({ min: 0, max: 5, optional: true, doc: 'What it weighs; default 1.' }) weight = 1;
  @Quantity({
    min: -1e9,
    max: 1e9,
    optional: true,
    nullable: true,
    doc: 'What its mean must reach, or stay under where less is better; default null: nothing.',
  })
  limit: number | null = null;
  @Interval({
    min: -1e9,
    max: 1e9,
    optional: true,
    nullable: true,
    doc: 'Between which its mean must lie, where neither more nor less is better, [low, high]; default null.',
  })
  band: [number, number] | null = null;
  @Quantity({
    min: -1e9,
    max: 1e9,
    optional: true,
    nullable: true,
    doc: 'Where it is enough: beyond it more, or less, earns nothing; default null.',
  })
  enough: number | null = null;
  @Flag({
    optional: true,
    doc: 'Whether readings have a sign and are judged by their size: −0.2 is as far off as 0.2; default false.',
  })
  signed = false;
  @Choice(propertyNames, {
    optional: true,
    nullable: true,
    doc: 'The property of the library that it measures, in its unit; default null.',
  })
  property: (typeof propertyNames)[number] | null = null;
}

/** How the door of the printer stood, or what was in its place. */
export const doors = ['open', 'propped', 'closed'] as const;
/** How the door of the printer stood. */
export type Door = (typeof doors)[number];
/** When a piece was measured after its print: still hot on the plate, cooled on it, or off it. */
export const pieceStates = ['hot', 'cooled', 'released'] as const;
/** When a piece was measured after its print. */
export type PieceState = (typeof pieceStates)[number];

/** One reading. */
export class TrialReading {
  @Text({ maxLength: 40, doc: 'The criterion.' }) criterion!: string;
  @Quantity({ min: -1e9, max: 1e9, doc: 'What was read.' }) value!: number;
  @Text({ maxLength: 40, doc: 'When, as an ISO 8601 date and time.' }) at!: string;
  @Text({ maxLength: 60, optional: true, allowEmpty: true, doc: 'What it was read with; default by hand.' })
  instrument = '';
  @Flag({ optional: true, doc: 'Struck out: kept, and not counted; default false.' }) struck = false;
  @Text({
    maxLength: 1000,
    optional: true,
    allowEmpty: true,
    doc: 'How it came about, such as the falls behind it; default nothing.',
  })
  note = '';
  @Choice(breakManners, {
    optional: true,
    nullable: true,
    doc: 'How the piece gave way; default null: it did not, or nobody said.',
  })
  broke: BreakManner | null = null;
  @Choice(doors, {
    optional: true,
    nullable: true,
    doc: 'How the printer’s door stood while it was printed; default null: not said.',
  })
  door: Door | null = null;
  @Choice(pieceStates, {
    optional: true,
    nullable: true,
    doc: 'When it was measured: hot on the plate, cooled on it, released; default null: as usual, released.',
  })
  state: PieceState | null = null;
  @Quantity({
    min: 0.1,
    max: 100,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'How thick the piece was, where that decides what is read; default null: not said.',
  })
  thicknessMm: number | null = null;
  @ListOf(() => PhotoRef, { max: 6, optional: true, doc: 'Photographs of the piece; default none.' })
  photos: PhotoRef[] = [];
}

/** What stands in a trial without being a filament of the library: another process, or a bought part. */
export class TrialForeign {
  @Text({
    maxLength: 80,
    doc: 'What it is called, such as “turned brass” or “printed in resin by a service”.',
  })
  name!: string;
  @Quantity({
    min: 0,
    max: 1e6,
    optional: true,
    nullable: true,
    doc: 'What one costs, in the workshop’s currency; default null: not known.',
  })
  priceEach: number | null = null;
  @Text({
    maxLength: 300,
    optional: true,
    allowEmpty: true,
    doc: 'What it asks besides: gloves and a mask, cleaning, curing, a minimum order; default nothing.',
  })
  needs = '';
}

/** A filament in a trial. */
export class TrialEntrant {
  @MaterialKey({ doc: 'The key of its family or grade; of something else, any name of its own.' })
  material!: string;
  @Text({ maxLength: 60, optional: true, nullable: true, doc: 'The spool it comes off; default null.' })
  spoolId: string | null = null;
  @Quantity({
    min: 0,
    max: 1,
    optional: true,
    nullable: true,
    doc: 'Its infill, where it is not that of the others; default null: the same.',
  })
  infill: number | null = null;
  @Text({
    maxLength: 300,
    optional: true,
    allowEmpty: true,
    doc: 'How else its pieces differ, such as colour, layers or weather: named, not corrected for; default nothing.',
  })
  differs = '';
  @ListOf(() => TrialReading, { max: 500, optional: true, doc: 'What was read of it; default nothing.' })
  readings: TrialReading[] = [];
  @Text({ maxLength: 500, optional: true, nullable: true, doc: 'Why it is out; default null: it is not.' })
  eliminated: string | null = null;
  @Flag({
    optional: true,
    doc: 'Whether it is there to lose: what the others are better than. It is read, and never chosen; default false.',
  })
  baseline = false;
  @Nested(() => TrialForeign, {
    optional: true,
    nullable: true,
    doc: 'What it is, where it is no filament of the library; default null: it is one.',
  })
  foreign: TrialForeign | null = null;
}

/** What a trial came to. */
export class TrialDecision {
  @Text({ maxLength: 80, doc: 'The first choice.' }) first!: string;
  @Text({ maxLength: 80, optional: true, nullable: true, doc: 'The second choice; default null.' })
  second: string | null = null;
  @Text({ maxLength: 2000, doc: 'Why.' }) reason!: string;
  @Text({ maxLength: 40, doc: 'When, as an ISO 8601 date and time.' }) at!: string;
}

/** `hornblende-trial/1`: one thing printed in several filaments, measured and decided. */
export class Trial {
  @Choice(['hornblende-trial'], { doc: 'Always hornblende-trial.' }) format!: 'hornblende-trial';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @Text({ maxLength: 120, doc: 'What it is called.' }) name!: string;
  @Text({ maxLength: 60, optional: true, nullable: true, doc: 'The part that it is for; default null.' })
  partId: string | null = null;
  @Text({ maxLength: 120, optional: true, allowEmpty: true, doc: 'What is printed: the part, or a coupon.' })
  piece = '';
  @Choice(['part', 'coupon'], {
    optional: true,
    doc: 'Whether the piece is the part itself: then its mass, price and truth are those of the part; default coupon.',
  })
  pieceIs: 'part' | 'coupon' = 'coupon';
  @Text({
    maxLength: 1000,
    optional: true,
    allowEmpty: true,
    doc: 'What is held the same; default not said.',
  })
  heldSame = '';
  @Nested(() => SectionPrintedInput, {
    optional: true,
    nullable: true,
    doc: 'The section that is weighed and broken, as all but the exceptions are printed; default null: not said.',
  })
  section: SectionPrintedInput | null = null;
  @Quantity({ min: 1, max: 50, whole: true, optional: true, doc: 'Prints of each; default 3.' }) replicates =
    3;
  @Quantity({ min: 0, max: 1e9, whole: true, optional: true, doc: 'Seed of the order; default 1.' }) seed = 1;
  @ListOf(() => TrialCriterion, { max: 40, doc: 'What is measured.' }) criteria!: TrialCriterion[];
  @ListOf(() => TrialEntrant, { max: 40, doc: 'The filaments.' }) entrants!: TrialEntrant[];
  @Nested(() => TrialDecision, {
    optional: true,
    nullable: true,
    doc: 'What it came to; default null: open.',
  })
  decided: TrialDecision | null = null;
}

/** Reads a trial: defaults filled in, unknown fields refused. @throws InputError */
export function parseTrial(plain: unknown): Trial {
  const trial = parseInput(Trial, plain);
  const problems: Problem[] = [];
  const ids = trial.criteria.map(c => c.id);
  const keys = trial.entrants.map(e => e.material);
  const say = (field: string, value: unknown, message: string): void =>
    void problems.push({ field, value, message });
  for (const [i, id] of ids.entries())
    if (ids.indexOf(id) !== i) say(`criteria[${i}].id`, id, 'stands there twice');
  for (const [i, key] of keys.entries())
    if (keys.indexOf(key) !== i) say(`entrants[${i}].material`, key, 'stands there twice');
  for (const [i, { readings }] of trial.entrants.entries())
    for (const [j, { criterion, at, photos }] of readings.entries()) {
      const field = `entrants[${i}].readings[${j}]`;
      problems.push(...photoProblems(photos).map(p => ({ ...p, field: `${field}.${p.field}` })));
      if (!ids.includes(criterion))
        say(`${field}.criterion`, criterion, `must be one of ${ids.join(', ') || 'none'}`);
      if (!isISO8601(at, { strict: true, strictSeparator: true }))
        say(`${field}.at`, at, 'must be a date and time such as 2026-03-14T09:30:00Z');
    }
  const { decided } = trial;
  for (const name of ['first', 'second'] as const) {
    const key = decided?.[name];
    if (key && !keys.includes(key)) say(`decided.${name}`, key, 'is not among its filaments');
    if (key && trial.entrants.some(e => e.material === key && e.baseline))
      say(`decided.${name}`, key, 'is printed to lose: it cannot be chosen');
  }
  if (problems.length) throw new InputError(problems);
  return trial;
}

/** A reading with nothing said of it but what is given. */
export function newReading(
  said: Pick<TrialReading, 'criterion' | 'value' | 'at'> & Partial<TrialReading>,
): TrialReading {
  return Object.assign(new TrialReading(), { photos: [] }, said);
}

/** A filament or something else that joins a trial, with nothing read of it yet. */
export function newEntrant(said: Pick<TrialEntrant, 'material'> & Partial<TrialEntrant>): TrialEntrant {
  return Object.assign(new TrialEntrant(), { readings: [] }, said);
}
