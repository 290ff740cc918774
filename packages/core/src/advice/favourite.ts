import { yearsWords } from '../lib/years-text.js';
import type { Brief } from '../brief/brief.js';
import { sig } from '../lib/figures.js';
import type { Candidate, Ranking } from '../score/candidate.js';
import { deflectionLimits } from '../score/comfort.js';
import type { Gate } from '../score/gate.js';
import { isOfService } from '../score/gate.js';
import type { RankOptions } from '../score/judge.js';
import { rank } from '../score/rank.js';

/** What would let an easier filament lead than the one that does. */
export interface FavouriteTip {
  material: string;
  name: string;
  /** A condition: "1.4 mm at its tip is acceptable". */
  condition: string;
}

/** Only what is clearly easier to print is told of, points of difficulty. */
const EASIER_BY = 0.4;
/** So many of the easiest are asked. */
const MOST_ASKED = 4;
/** Figures that are let go are let go with so much to spare. */
const SPARE = 1.02;

/** A requirement that is let go so far that a gate is at ease, and how that is said. */
interface LetGo {
  brief: Brief;
  condition: string;
}

/**
 * The easiest filament that one requirement alone keeps from leading, and what would have to be acceptable. The change
 * is tried: it must lead then. Null where nothing easier is kept out by one requirement.
 */
export function favouriteTip(brief: Brief, ranking: Ranking, options: RankOptions = {}): FavouriteTip | null {
  const first = ranking.candidates.find(c => c.rank === 1);
  if (!first) return null;
  const equals = new Set(ranking.asGood.map(g => g.family));
  const easier = ranking.candidates
    .filter(c => !equals.has(c.family) && c.printing.difficulty < first.printing.difficulty - EASIER_BY)
    .sort((a, b) => a.printing.difficulty - b.printing.difficulty)
    .slice(0, MOST_ASKED);
  for (const c of easier) {
    const held = heldBackBy(c);
    const change = held && letGo(brief, held);
    if (!change) continue;
    const then = rank(change.brief, options).candidates.find(x => x.rank === 1);
    if (then?.family === c.family) return { material: c.material, name: c.name, condition: change.condition };
  }
  return null;
}

/** The one gate of service that a candidate does not pass with ease; null where there is none, or more than one. */
function heldBackBy(c: Candidate): Gate | null {
  const [one, ...more] = c.gates.filter(g => g.verdict !== 'pass');
  return one && !more.length && isOfService(one.id) ? one : null;
}

function letGo(brief: Brief, g: Gate): LetGo | null {
  if (typeof g.have !== 'number') return null;
  switch (g.id) {
    case 'creep':
    case 'stiffness': {
      const { fail, comfortable } = deflectionLimits(brief);
      const deflectionLimitPct = SPARE * g.have * (fail / comfortable);
      return { brief: { ...brief, deflectionLimitPct }, condition: moved(brief, g.have) };
    }
    case 'heat': {
      const partC = Math.floor(g.have - 10);
      const heat = { ...brief.heat, setting: 'custom' as const, partC, climate: null };
      return { brief: { ...brief, heat }, condition: `the part stays under ${sig(partC, 3)} °C` };
    }
    case 'uv': {
      const lifeYears = Math.floor(10 * g.have) / 10;
      if (lifeYears < 0.5) return null;
      return { brief: { ...brief, lifeYears }, condition: `it need only last ${yearsWords(lifeYears)}` };
    }
    default:
      return null;
  }
}

/** A movement in millimetres where one span alone can move, else in percent. */
function moved(brief: Brief, pct: number): string {
  const spans = brief.loads.filter(l => l.lengthMm !== null && l.case !== 'snap-fit');
  const [span] = spans;
  if (spans.length !== 1 || !span?.lengthMm) return `moving by ${sig(pct, 2)} % is acceptable`;
  const where = span.case === 'cantilever' ? 'at its tip' : 'in its middle';
  return `${sig((pct / 100) * span.lengthMm, 2)} mm ${where} are acceptable`;
}

/** The tip in a sentence: "PETG leads if 1.4 mm at its tip are acceptable." */
export function favouriteWords({ name, condition }: FavouriteTip): string {
  return `${name} leads if ${condition}.`;
}
