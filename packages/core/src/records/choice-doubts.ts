import type { Ranking } from '../score/candidate.js';
import type { DecisionInput } from './decision-input.js';

/**
 * What speaks against choices that are out: they may be taken all the same, but not without a word.
 * @returns a sentence a choice; none where both are in the running
 */
export function choiceDoubts(
  { firstChoice, secondChoice }: Pick<DecisionInput, 'firstChoice' | 'secondChoice'>,
  { candidates }: Pick<Ranking, 'candidates'>,
): string[] {
  const named = [
    { key: firstChoice, as: 'the first choice' },
    { key: secondChoice, as: 'the second choice' },
  ];
  return named.flatMap(({ key, as }) => {
    const c = candidates.find(x => x.material === key);
    if (c?.status !== 'out') return [];
    const failed = c.gates.filter(g => g.verdict === 'fail').map(g => g.why);
    return [`${c.name}, ${as}, is out for this part: ${failed.join(' ')}`];
  });
}
