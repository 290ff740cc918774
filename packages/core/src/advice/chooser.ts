import { runnerUp, type Candidate, type Ranking, type Status } from '../score/candidate.js';

/** A filament that a need is answered with. */
export interface ChooserPick {
  material: string;
  name: string;
  family: string;
  status: Status;
  score: number;
  /** Its first reason, in a sentence. */
  why: string;
}

/** What a workshop reaches for where something is needed, by the ranking of the part that stands for it. */
export interface ChooserCell {
  /** Null where nothing does it. */
  first: ChooserPick | null;
  /** The best of another family; null where there is none. */
  second: ChooserPick | null;
  /** Where nothing does it: the filament that is kept out by least, and what would let it in. */
  letsIn: { name: string; words: string[] } | null;
}

/**
 * A cell of the chooser: first and second choice of a ranking, or of those in it that count.
 * @param counts which candidates count, such as those on the shelf; default all
 */
export function chooserCell(
  { candidates }: Pick<Ranking, 'candidates'>,
  counts: (candidate: Candidate) => boolean = () => true,
): ChooserCell {
  const running = candidates.filter(c => c.rank !== null && counts(c));
  const [first] = running;
  const second = runnerUp(running);
  return {
    first: first ? pickOf(first) : null,
    second: second ? pickOf(second) : null,
    letsIn: first ? null : nearestOf(candidates.filter(counts)),
  };
}

function pickOf({ material, name, family, status, score, for: reasons }: Candidate): ChooserPick {
  return { material, name, family, status, score, why: reasons[0] ?? '' };
}

/** Whoever fails the fewest gates, of equals the one with the better score; what each of them asks. */
function nearestOf(candidates: readonly Candidate[]): ChooserCell['letsIn'] {
  const failed = (c: Candidate): Candidate['gates'] => c.gates.filter(g => g.verdict === 'fail');
  const [nearest] = [...candidates].sort((a, b) => failed(a).length - failed(b).length || b.score - a.score);
  return nearest ? { name: nearest.name, words: failed(nearest).map(g => g.rescue ?? g.why) } : null;
}
