import { isISO8601 } from 'class-validator';
import { Choice, Choices, ListOf, Nested, OpenMap, Text } from '../input/fields.js';
import { numberEntry } from '../input/open-map.js';
import { InputError, parseInput, type Problem } from '../input/parse.js';
import { FaultContext } from './fault-context.js';
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

/** How mending went. */
export const mendings = ['helped', 'did not', 'not known'] as const;
/** How mending went. */
export type Mending = (typeof mendings)[number];

/** Where a fault that is solved is told of again. */
export const faultPlaces = ['card', 'spool', 'printer'] as const;
/** Where a fault that is solved is told of again: on the part's print card, at the spool, at the printer. */
export type FaultPlace = (typeof faultPlaces)[number];

/** What a fault turned out to be, and where it is told of again. */
export class FaultEnd {
  @Text({ maxLength: 40, doc: 'The cause that it turned out to be.' }) cause!: string;
  @Text({ maxLength: 300, optional: true, allowEmpty: true, doc: 'What was done about it; default nothing.' })
  remedy = '';
  @Choice(mendings, { optional: true, doc: 'Whether that helped; default not known.' })
  mending: Mending = 'not known';
  @Text({ maxLength: 40, doc: 'When it was found, as an ISO 8601 date or date and time.' }) at!: string;
  @Choices(faultPlaces, { optional: true, doc: 'Where it is told of again; default nowhere.' })
  tellAt: FaultPlace[] = [];
}

/** What a fault was of: names and the ids of a workshop. */
export class FaultOf {
  @Text({
    maxLength: 120,
    optional: true,
    allowEmpty: true,
    doc: 'What was printed, in words; default not said.',
  })
  name = '';
  @Text({ maxLength: 60, optional: true, nullable: true, doc: 'The print’s id in the log; default null.' })
  printId: string | null = null;
  @Text({ maxLength: 60, optional: true, nullable: true, doc: 'The part’s id; default null.' })
  partId: string | null = null;
  @Text({ maxLength: 60, optional: true, nullable: true, doc: 'The printer’s id; default null.' })
  printerId: string | null = null;
  @Text({ maxLength: 60, optional: true, nullable: true, doc: 'The spool’s id; default null.' })
  spoolId: string | null = null;
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
  @Text({
    maxLength: 40,
    optional: true,
    nullable: true,
    doc: 'When, as an ISO 8601 date or date and time; default null.',
  })
  at: string | null = null;
  @Nested(() => FaultOf, { optional: true, doc: 'What it was of; default not said.' })
  of: FaultOf = new FaultOf();
  @Nested(() => FaultEnd, {
    optional: true,
    nullable: true,
    doc: 'What it turned out to be; null while it is open.',
  })
  end: FaultEnd | null = null;
}

/** Reads a fault. @throws InputError */
export function parseFault(plain: unknown): Fault {
  const fault = parseInput(Fault, plain);
  requireKnown(fault);
  return fault;
}

/** @throws InputError for tests and causes that are not known, and for what is seen and not seen at once */
export function requireKnown({ symptoms, absent, tried, history, at, end }: Fault): void {
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
  if (end && !ids.has(end.cause))
    problems.push({ field: 'end.cause', value: end.cause, message: 'is no cause' });
  const dates = [
    ['at', at],
    ['end.at', end?.at ?? null],
  ] as const;
  for (const [field, date] of dates)
    if (date !== null && !isISO8601(date, { strict: true }))
      problems.push({ field, value: date, message: 'must be a date such as 2026-03-14' });
  if (problems.length) throw new InputError(problems);
}
