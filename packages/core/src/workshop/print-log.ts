import { MaterialKey } from '../materials/material-key.js';
import { isISO8601 } from 'class-validator';
import { Choice, Quantity, Text, Vector } from '../input/fields.js';
import { plates, type Plate } from '../materials/family.js';
import { InputError, parseInput, type Problem } from '../input/parse.js';

/** How a print can have gone. */
export const printOutcomes = ['well', 'failed', 'timed'] as const;
/** How a print went; `timed` is a program's file of it, read for how long it will take. */
export type PrintOutcome = (typeof printOutcomes)[number];

/** `hornblende-print/1`: one print, or one file for a print, and what it took. */
export class PrintEntry {
  @Choice(['hornblende-print'], { doc: 'Always hornblende-print.' }) format!: 'hornblende-print';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @Choice(printOutcomes, { doc: 'well, failed; timed: a G-code file that was read, nothing printed.' })
  outcome!: PrintOutcome;
  @Text({ maxLength: 40, doc: 'When, as an ISO 8601 date or date and time.' }) at!: string;
  @Text({ maxLength: 120, doc: 'What was printed.' }) part!: string;
  @Text({ maxLength: 60, optional: true, nullable: true, doc: 'The part’s id; default null.' })
  partId: string | null = null;
  @Text({ maxLength: 60, nullable: true, doc: 'The printer’s id; null where it is gone from the workshop.' })
  printerId!: string | null;
  @MaterialKey({ doc: 'The key of its family or grade.' }) material!: string;
  @Text({ maxLength: 80, doc: 'The key of its family.' }) family!: string;
  @Text({ maxLength: 60, optional: true, nullable: true, doc: 'The spool it came off; default null.' })
  spoolId: string | null = null;
  @Quantity({ min: 0, max: 20_000, unit: 'g', doc: 'Filament that went in.' }) grams!: number;
  @Quantity({
    min: 0.1,
    max: 100_000,
    unit: 'min',
    optional: true,
    nullable: true,
    doc: 'How long it took; null when not noted.',
  })
  minutes: number | null = null;
  @Quantity({
    min: 0.1,
    max: 100_000,
    unit: 'min',
    optional: true,
    nullable: true,
    doc: 'How long it was expected to take.',
  })
  expectedMinutes: number | null = null;
  @Text({ maxLength: 300, optional: true, allowEmpty: true, doc: 'What went wrong, or anything else.' })
  note = '';
  @Choice(plates, { optional: true, nullable: true, doc: 'The plate it was printed on; default null.' })
  plate: Plate | null = null;
  @Text({
    maxLength: 60,
    optional: true,
    nullable: true,
    doc: 'What that plate is called, where it is one of one’s own; default null: a bought one.',
  })
  ownPlate: string | null = null;
  @Vector({
    length: 2,
    min: -2000,
    max: 2000,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Middle of the part on the plate from its front left corner, [x, y]; null when not noted.',
  })
  placeMm: [number, number] | null = null;
  @Vector({
    length: 2,
    min: 0.1,
    max: 2000,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Its size on the plate, [x, y]; null when not noted.',
  })
  sizeMm: [number, number] | null = null;
}

/** Reads an entry of the print log. @throws InputError */
export function parsePrintEntry(plain: unknown): PrintEntry {
  const entry = parseInput(PrintEntry, plain);
  const problems: Problem[] = [];
  if (!isISO8601(entry.at, { strict: true, strictSeparator: true }) || !/^\d{4}-\d{2}-\d{2}/.test(entry.at))
    problems.push({ field: 'at', value: entry.at, message: 'must be a date such as 2026-03-14' });
  if (entry.outcome === 'timed' && entry.minutes === null)
    problems.push({ field: 'minutes', value: null, message: 'is needed: how long the file says it takes' });
  if (problems.length) throw new InputError(problems);
  return entry;
}
