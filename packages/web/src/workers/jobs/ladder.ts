import { ladder, type Ladder, type LadderInput } from '@hornblende/core/drills';
import type { Progress } from '../job';

/** Printers, log, open parts, and what is printed here: what the ladder rests on. */
export type LadderQuestion = Pick<LadderInput, 'printers' | 'prints' | 'parts' | 'families'>;

/** Orders the families by how hard they are here: a ranking for each open part, one judgement for each family. */
export function run(question: LadderQuestion, progress: Progress): Ladder {
  return ladder({ ...question, progress });
}
