import { Choice, Choices, ListOf, Nested, OpenMap, Quantity, Text } from '../input/fields.js';
import { numberEntry, type EntryRule } from '../input/open-map.js';
import { InputError, parseInput, type Problem } from '../input/parse.js';
import { adhesives, plates } from '../materials/family.js';
import { causes } from './knowledge.js';
import { symptomIds, type SymptomId } from './symptoms.js';
import { tellingTests } from './telling-tests.js';

/** What a test came to. */
export const outcomes = ['yes', 'no', 'unclear'] as const;
/** What a test came to. */
export type Outcome = (typeof outcomes)[number];

/** A test that was made. */
export class TriedTest {
  @Text({ maxLength: 40, doc: 'The test.' }) test!: string;
  @Choice(outcomes, { doc: 'What it came to: yes or no to its question, or unclear.' }) outcome!: Outcome;
}

/** Anything: what of it matters is read by name, and the rest is left alone. */
const anything: EntryRule = { must: 'may be anything', holds: () => true };

/** What is known of the print besides what is seen. */
export class FaultContext {
  @Text({ maxLength: 80, optional: true, nullable: true, doc: 'The key of its family; default not said.' })
  family: string | null = null;
  /** Its chamber, chamberC, drive, nozzleMetal, linerLimitC and buildMm matter. */
  @OpenMap(anything, {
    max: 60,
    optional: true,
    doc: 'The printer, or some of its profile; default not said.',
  })
  printer: Record<string, unknown> = {};
  @OpenMap(anything, {
    max: 60,
    optional: true,
    doc: 'The spool: its state (dry, dry it first, damp, wet, unusable); default not said.',
  })
  spool: Record<string, unknown> = {};
  @OpenMap(anything, {
    max: 60,
    optional: true,
    doc: 'The part: lengthMm, widthMm, heightMm, sharpCorners, overhangMm2, walls, infill; default not said.',
  })
  part: Record<string, unknown> = {};
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

/** `hornblende-fault/1`: what is seen of a fault, what is known besides, and what was tried. */
export class Fault {
  @Choice(['hornblende-fault'], { doc: 'Always hornblende-fault.' }) format!: 'hornblende-fault';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @Choices(symptomIds, { doc: 'What is seen.' }) symptoms!: SymptomId[];
  @Choices(symptomIds, { optional: true, doc: 'What was looked for and is not there; default nothing.' })
  absent: SymptomId[] = [];
  @Nested(() => FaultContext, { optional: true, doc: 'What is known besides; default nothing.' })
  context: FaultContext = new FaultContext();
  @ListOf(() => TriedTest, { max: 60, optional: true, doc: 'What was tried; default nothing.' })
  tried: TriedTest[] = [];
  @OpenMap(numberEntry(0, 1e5), {
    max: 100,
    optional: true,
    doc: 'How often each cause turned out to be the one in this workshop; default never.',
  })
  history: Record<string, number> = {};
}

/** Reads a fault. @throws InputError */
export function parseFault(plain: unknown): Fault {
  const fault = parseInput(Fault, plain);
  requireKnown(fault);
  return fault;
}

/** @throws InputError for tests and causes that are not known, and for what is seen and not seen at once */
export function requireKnown({ symptoms, absent, tried, history }: Fault): void {
  const problems: Problem[] = [];
  const both = absent.find(s => symptoms.includes(s));
  if (both) problems.push({ field: 'absent', value: both, message: 'is among the symptoms as well' });
  const tests = tellingTests.map(x => x.id);
  for (const [n, { test }] of tried.entries())
    if (!tests.includes(test))
      problems.push({
        field: `tried[${n}].test`,
        value: test,
        message: `must be one of ${tests.join(', ')}`,
      });
  const ids = new Set(causes.map(c => c.id));
  for (const id of Object.keys(history))
    if (!ids.has(id)) problems.push({ field: `history.${id}`, value: history[id], message: 'is no cause' });
  if (problems.length) throw new InputError(problems);
}
