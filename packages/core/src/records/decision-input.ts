import type { Brief } from '../brief/brief.js';
import { Flag, Text } from '../input/fields.js';
import type { Problem } from '../input/parse.js';

/** What someone says when deciding. */
export class DecisionInput {
  @Text({ maxLength: 80, doc: 'The key of the family or grade chosen.' }) firstChoice!: string;
  @Text({ maxLength: 80, optional: true, nullable: true, doc: 'The key of the second choice.' })
  secondChoice: string | null = null;
  @Text({ maxLength: 4000, doc: 'Why.' }) reason!: string;
  @Text({ maxLength: 120, doc: 'Who decided.' }) decidedBy!: string;
  @Flag({ optional: true, doc: 'Whether the hazard notice was acknowledged.' }) hazardAcknowledged = false;
}

/** What of a decision must hold beyond its fields. @param known keys of the families and grades there are */
export function decisionProblems(input: DecisionInput, brief: Brief, known: ReadonlySet<string>): Problem[] {
  const problems: Problem[] = [];
  if (input.reason.trim().length < 3)
    problems.push({ field: 'reason', value: input.reason, message: 'must say why, in a few words' });
  if (input.secondChoice === input.firstChoice)
    problems.push({
      field: 'secondChoice',
      value: input.secondChoice,
      message: 'must differ from the first choice',
    });
  if (brief.ifItFails === 'injures' && !input.hazardAcknowledged)
    problems.push({
      field: 'hazardAcknowledged',
      value: false,
      message: 'must be true: a failure of this part could injure someone',
    });
  for (const field of ['firstChoice', 'secondChoice'] as const) {
    const key = input[field];
    if (key !== null && !known.has(key))
      problems.push({ field, value: key, message: 'is neither a family nor a grade that is in use' });
  }
  return problems;
}
