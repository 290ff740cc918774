import type { Ranking } from '../candidate.js';
import type { Robustness } from './robustness.js';

/** How sure the first choice is, in words: "leads in 84 of 100 draws; PETG in 11". */
export function robustnessWords(r: Robustness, firstChoice: string | null): string {
  const of100 = (p: number): string => (p > 0 && p < 0.005 ? 'under 1' : String(Math.round(100 * p)));
  const first = r.candidates.find(c => c.material === firstChoice);
  const rivals = r.candidates.filter(c => c.material !== firstChoice && c.pFirst >= 0.005);
  if (!first)
    return rivals[0]
      ? `nothing fits as things are; ${rivals[0].name} leads in ${of100(rivals[0].pFirst)} of 100 draws`
      : 'nothing fits in any draw';
  return (
    `leads in ${of100(first.pFirst)} of 100 ` +
    `draws${rivals[0] ? `; ${rivals[0].name} in ${of100(rivals[0].pFirst)}` : ''}`
  );
}

/** A ranking with each candidate's chances beside its scores, as the command line and the API give it. */
export function withRobustness(
  ranking: Ranking,
  r: Robustness | null,
): Ranking & { robustness?: { draws: number; seed: number } } {
  if (!r) return ranking;
  const of = new Map(r.candidates.map(c => [c.material, c]));
  return {
    ...ranking,
    robustness: { draws: r.draws, seed: r.seed },
    candidates: ranking.candidates.map(c => {
      const a = of.get(c.material);
      return a
        ? {
            ...c,
            robustness: {
              pFirst: a.pFirst,
              pFits: a.pFits,
              seFirst: a.seFirst,
              seFits: a.seFits,
              rankAcceptability: a.rankAcceptability,
            },
          }
        : c;
    }),
  };
}
