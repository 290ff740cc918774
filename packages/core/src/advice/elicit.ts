import { TOP_WEIGHT } from '../brief/choices.js';
import type { CriterionId } from '../brief/choices.js';
import { sig } from '../lib/figures.js';
import { criterionLabels } from '../score/criteria.js';
import { type Criterion } from '../score/criteria/criterion.js';
import type { Candidate, Ranking } from '../score/candidate.js';

/** A question of the form "would you give up this much of one criterion for that much of another?". */
export interface TradeQuestion {
  give: CriterionId;
  gain: CriterionId;
  /** What is given up and gained, as desirability: the answer says which is worth more. */
  giveBy: number;
  gainBy: number;
  text: string;
}

/** An answer: yes (the gain is worth more), no (what is given up is), or they weigh the same. */
export interface TradeAnswer {
  question: Pick<TradeQuestion, 'give' | 'gain' | 'giveBy' | 'gainBy'>;
  answer: 'yes' | 'no' | 'same';
}

/** A yes means that the gain is worth at least this many times what is given up. */
const LEAST_WORTH_RATIO = 1.25;
/** The difference in desirability that is felt at all. */
const LEAST_DIFFERENCE_FELT = 0.02;
/** Rounds of projection; a few answers are settled in some, contradictory ones come to rest between. */
const PROJECTION_ROUNDS = 200;

/**
 * Paired questions about a ranking, the most telling first: those whose answer moves the first choice's
 * lead over the second most.
 * Amounts are what the leading candidates really differ by, said in their own units.
 */
export function tradeQuestions(ranking: Ranking, count = 5): TradeQuestion[] {
  const [first, ...rivals] = ranking.candidates.filter(c => c.rank !== null);
  if (!first) return [];
  const asked = new Set<string>();
  const questions: TradeQuestion[] = [];
  for (const rival of rivals) {
    for (const q of pairQuestions(first, rival)) {
      const pair = [q.give, q.gain].sort().join();
      if (questions.length >= count || asked.has(pair)) continue;
      asked.add(pair);
      questions.push(q);
    }
  }
  return questions;
}

/**
 * Questions between the first and one rival: each win of the first against each win of the rival, the
 * weightiest pairs first.
 */
function pairQuestions(a: Candidate, b: Candidate): TradeQuestion[] {
  const weighed = a.criteria.flatMap((mine): { mine: Criterion; theirs: Criterion; gap: number }[] => {
    const theirs = b.criteria.find(k => k.id === mine.id);
    return theirs && mine.weight > 0 && Number.isFinite(mine.value) && Number.isFinite(theirs.value)
      ? [{ mine, theirs, gap: mine.desirability - theirs.desirability }]
      : [];
  });
  const worth = (x: { mine: Criterion; gap: number }): number => Math.abs(x.gap) * x.mine.weight;
  const wins = weighed.filter(x => x.gap > LEAST_DIFFERENCE_FELT).sort((x, y) => worth(y) - worth(x));
  const losses = weighed.filter(x => x.gap < -LEAST_DIFFERENCE_FELT).sort((x, y) => worth(y) - worth(x));
  return wins
    .flatMap(w => losses.map(l => ({ w, l })))
    .sort((x, y) => worth(y.w) * worth(y.l) - worth(x.w) * worth(x.l))
    .map(({ w, l }) => ({
      give: w.mine.id,
      gain: l.mine.id,
      giveBy: w.gap,
      gainBy: -l.gap,
      text: `Would you let ${step(w.mine, w.theirs)} to get ${step(l.mine, l.theirs)}?`,
    }));
}

/** "heat go from 24 K to 14 K". */
function step(from: Criterion, to: Criterion): string {
  return (
    `${criterionLabels[from.id].label.toLowerCase()} go from ${sig(from.value, 2)} to ` +
    `${sig(to.value, 2)} ${from.unit}`
  ).trimEnd();
}

/**
 * Weights that agree with the answers and differ from the stated ones as little as may be, in ratio: each
 * answer is a half-space (or a plane)
 * in the logarithms of the weights, and the point is projected onto them in turn (Kaczmarz 1937). Criteria
 * that were not asked about keep their weight.
 * @returns every weight, none above 5 or below 0.05 unless it was 0
 */
export function inferWeights(
  stated: Record<CriterionId, number>,
  answers: readonly TradeAnswer[],
): Record<CriterionId, number> {
  const log = new Map(
    (Object.entries(stated) as [CriterionId, number][])
      .filter(([, w]) => w > 0)
      .map(([id, w]) => [id, Math.log(w)]),
  );
  for (let round = 0; round < PROJECTION_ROUNDS; round++) {
    let moved = 0;
    for (const { question: q, answer } of answers) {
      const give = log.get(q.give);
      const gain = log.get(q.gain);
      if (give === undefined || gain === undefined || q.giveBy <= 0 || q.gainBy <= 0) continue;
      // ln(w_gain·gain / w_give·give): above 0 when the gain is worth more.
      const worth = gain + Math.log(q.gainBy) - give - Math.log(q.giveBy);
      const margin = Math.log(LEAST_WORTH_RATIO);
      const wanted =
        answer === 'same' ? 0 : answer === 'yes' ? Math.max(worth, margin) : Math.min(worth, -margin);
      const shift = (wanted - worth) / 2;
      log.set(q.gain, gain + shift);
      log.set(q.give, give - shift);
      moved = Math.max(moved, Math.abs(shift));
    }
    if (moved < 1e-9) break;
  }
  // Only ratios matter: what would go over the top takes everything down with it.
  const over = Math.max(0, ...[...log.values()].map(x => x - Math.log(TOP_WEIGHT)));
  return Object.fromEntries(
    (Object.entries(stated) as [CriterionId, number][]).map(([id, w]) => [
      id,
      w > 0 ? Math.max(0.05, Number(Math.exp((log.get(id) ?? 0) - over).toPrecision(3))) : 0,
    ]),
  ) as Record<CriterionId, number>;
}
