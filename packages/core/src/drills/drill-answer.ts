import { isISO8601 } from 'class-validator';
import { Choice, Flag, Quantity, Text } from '../input/fields.js';
import { InputError, parseInput, type Problem } from '../input/parse.js';
import { drillKinds, type DrillKind } from './drill.js';

/** `hornblende-drill-answer/1`: a drill that was answered, and how sure whoever did was. */
export class DrillAnswer {
  @Choice(['hornblende-drill-answer'], { doc: 'Always hornblende-drill-answer.' })
  format!: 'hornblende-drill-answer';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @Text({ maxLength: 60, doc: 'An id of its own, made where it was answered: sent twice it is one.' })
  id!: string;
  @Choice(drillKinds, { doc: 'The kind of drill.' }) kind!: DrillKind;
  @Quantity({ min: 0, max: 2_147_483_647, whole: true, doc: 'Its seed.' }) seed!: number;
  @Quantity({ min: 0, max: 1, doc: 'How likely it was held to be right, 0 to 1.' }) sure!: number;
  @Flag({ doc: 'Whether it was right.' }) right!: boolean;
  @Text({ maxLength: 40, doc: 'When, as an ISO 8601 date and time.' }) at!: string;
  @Text({
    maxLength: 60,
    optional: true,
    allowEmpty: true,
    doc: 'Who answered; default nobody in particular.',
  })
  who = '';
}

/** Reads an answer. @throws InputError */
export function parseDrillAnswer(plain: unknown): DrillAnswer {
  const answer = parseInput(DrillAnswer, plain);
  const problems: Problem[] = [];
  if (!isISO8601(answer.at, { strict: true }))
    problems.push({
      field: 'at',
      value: answer.at,
      message: 'must be a date and time such as 2026-03-14T09:30:00Z',
    });
  if (!/^[\w-]+$/.test(answer.id))
    problems.push({ field: 'id', value: answer.id, message: 'may hold letters, digits, - and _' });
  if (problems.length) throw new InputError(problems);
  return answer;
}
