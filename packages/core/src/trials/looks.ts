import { OpenMap } from '../input/fields.js';
import { numbersEntry } from '../input/open-map.js';
import { InputError } from '../input/parse.js';
import { chiSquareTail } from '../lib/distributions.js';
import { sig } from '../lib/figures.js';
import { model, step } from '../models/model.js';

/** Input of `trial.looks`. */
export class TrialLooksInput {
  @OpenMap(numbersEntry(50), {
    max: 40,
    doc: 'The places of each piece, one of each person in the same order, 1 the best; ties share a place.',
  })
  places!: Record<string, number[]>;
}

/** A piece by looks. */
export interface LooksStanding {
  key: string;
  meanPlace: number;
  /** Borda's count: pieces it stands before, summed over the people; a tie is half. */
  borda: number;
}

/** Result of `trial.looks`. */
export interface TrialLooksResult {
  /** The best by Borda's count first. */
  standings: LooksStanding[];
  /** Kendall's W: 0 no agreement, 1 all alike. */
  agreement: number;
  /** Chance of so much agreement by luck, by the chi-square of Friedman. */
  byLuck: number;
  people: number;
}

/**
 * What several people made of the looks of the same pieces: Borda's count for the order, Kendall's W with ties for
 * how far they agree: W = 12·S/(m²(n³ − n) − m·ΣT), T = Σ(t³ − t) over each person's ties; m(n − 1)W is about χ² with
 * n − 1 degrees (Kendall and Babington Smith 1939).
 */
export function trialLooks({ places }: TrialLooksInput): TrialLooksResult {
  const keys = Object.keys(places);
  const n = keys.length;
  const people = Object.values(places)[0]?.length ?? 0;
  const ranked = Array.from({ length: people }, (_, j) => midRanks(keys.map(key => places[key]![j]!)));
  const sums = keys.map((_, i) => ranked.reduce((sum, r) => sum + r[i]!, 0));
  const middle = (people * (n + 1)) / 2;
  const spread = sums.reduce((s, r) => s + (r - middle) ** 2, 0);
  const ties = ranked.reduce((sum, r) => sum + tieTerm(r), 0);
  const most = people ** 2 * (n ** 3 - n) - people * ties;
  const agreement = most > 0 ? (12 * spread) / most : 0;
  return {
    standings: keys
      .map((key, i) => ({ key, meanPlace: sums[i]! / people, borda: people * n - sums[i]! }))
      .sort((a, b) => b.borda - a.borda),
    agreement,
    byLuck: n > 1 && people > 1 ? chiSquareTail(people * (n - 1) * agreement, n - 1) : 1,
    people,
  };
}

/** Places with ties sharing the middle of theirs: 1, 2, 2, 4 → 1, 2.5, 2.5, 4. */
function midRanks(places: readonly number[]): number[] {
  return places.map(p => {
    const before = places.filter(q => q < p).length;
    const alike = places.filter(q => q === p).length;
    return before + (alike + 1) / 2;
  });
}

function tieTerm(ranks: readonly number[]): number {
  return [...new Set(ranks)].reduce((sum, r) => {
    const t = ranks.filter(q => q === r).length;
    return sum + t ** 3 - t;
  }, 0);
}

/** From this chance of luck on, people are said not to agree. */
const AGREE = 0.05;

/** `trial.looks`: pieces ranked blind by several people. */
export const trialLooksModel = model({
  id: 'trial.looks',
  title: 'Looks, ranked blind by several people',
  source:
    "Borda's count; Kendall's coefficient of concordance W with ties (Kendall and Babington Smith 1939), its chance " +
    'by Friedman’s chi-square',
  validity:
    'Everybody places all pieces, the names hidden; the chi-square is good from about seven pieces on.',
  Input: TrialLooksInput,
  compute(i: TrialLooksInput) {
    const all = Object.entries(i.places);
    const people = all[0]?.[1].length ?? 0;
    const uneven = all.find(([, places]) => places.length !== people);
    if (uneven)
      throw new InputError([
        {
          field: `places.${uneven[0]}`,
          value: uneven[1].length,
          message: `must be ${people} places, one of each person, as of the first piece`,
        },
      ]);
    const r = trialLooks(i);
    const warnings: string[] = [];
    if (people < 2) warnings.push('One person’s order says nothing of anybody else’s.');
    else if (r.byLuck > AGREE) warnings.push('So much agreement comes about by luck: they do not agree.');
    return {
      result: r,
      warnings,
      steps: [
        ...r.standings.map(s => step(s.key, 'Σ (n − place)', `mean place ${sig(s.meanPlace)}`, s.borda, '')),
        step('W', '12·S/(m²(n³ − n) − m·ΣT)', `${people} people, ${all.length} pieces`, r.agreement, ''),
        step(
          'p',
          'P(χ²(n−1) > m(n − 1)·W)',
          `${people} × ${all.length - 1} × ${sig(r.agreement)}`,
          r.byLuck,
          '',
        ),
      ],
    };
  },
});
