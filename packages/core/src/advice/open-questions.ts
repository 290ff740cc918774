import { capital } from '../lib/capital.js';
import type { Brief } from '../brief/brief.js';
import { BriefLoad } from '../brief/brief-load.js';
import { isUntouched, unanswered, type OpeningQuestion } from '../brief/unsaid.js';
import type { RankOptions } from '../score/judge.js';
import { rank } from '../score/rank.js';
import type { Ranking } from '../score/candidate.js';

/** A question that a brief leaves open, and whether an answer to it would change the first choice. */
export interface OpenQuestion {
  id: OpeningQuestion;
  /** What is asked, as a subject: "the sun". */
  what: string;
  /** The first answer found that would change the first choice, in words, and what would lead then; null for none. */
  changes: { answer: string; first: string } | null;
}

/** How much of what a brief opens with is answered, and what is open. */
export interface Provisional {
  answered: number;
  of: number;
  open: OpenQuestion[];
  /** Whether any open question would change the first choice. */
  provisional: boolean;
}

/** Answers that are tried for an open question: other than the default, and usual. */
interface Trial {
  answer: string;
  put: (b: Brief) => Brief;
}

/** A load of the hand that a bracket carries; and one that is knocked. */
const HANGS = { kind: 'sustained', case: 'cantilever', forceN: 20, lengthMm: 60, widthMm: 20, heightMm: 6 };
const FALLS = { kind: 'impact', case: 'drop', massKg: 0.2, heightM: 1, widthMm: 20, heightMm: 4 };
const load = (fields: object): BriefLoad => Object.assign(new BriefLoad(), fields);

const questions: Readonly<Record<OpeningQuestion, { what: string; trials: readonly Trial[] }>> = {
  failing: {
    what: 'what happens if it fails, and how long it lasts',
    trials: [
      { answer: 'if somebody could be hurt', put: b => ({ ...b, ifItFails: 'injures' }) },
      { answer: 'if it has to last fifteen years', put: b => ({ ...b, lifeYears: 15 }) },
    ],
  },
  place: {
    what: 'where it lives',
    trials: [
      { answer: 'outdoors', put: b => ({ ...b, heat: { ...b.heat, setting: 'outdoors' } }) },
      { answer: 'in a closed vehicle', put: b => ({ ...b, heat: { ...b.heat, setting: 'closed-vehicle' } }) },
    ],
  },
  sun: {
    what: 'the sun',
    trials: [
      { answer: 'in full sun', put: b => ({ ...b, sun: 'full' }) },
      { answer: 'out of the sun', put: b => ({ ...b, sun: 'none' }) },
    ],
  },
  water: {
    what: 'water',
    trials: [
      { answer: 'in the rain', put: b => ({ ...b, water: 'rain' }) },
      { answer: 'under water', put: b => ({ ...b, water: 'immersed' }) },
    ],
  },
  load: {
    what: 'what it carries',
    trials: [
      { answer: 'with 20 N hanging on it', put: b => ({ ...b, loads: [load(HANGS)] }) },
      { answer: 'where it is dropped', put: b => ({ ...b, loads: [load(FALLS)] }) },
    ],
  },
};

/**
 * What a brief leaves open of what it opens with, and which of it would change the first choice: a usual answer is put
 * in the place of each, and the ranking run again. Another family must lead, and not only another of equals.
 * @param given the brief before defaults
 */
export function openQuestions(brief: Brief, given: object, options: RankOptions = {}): Provisional {
  const all = Object.keys(questions) as OpeningQuestion[];
  const missing = unanswered(given, brief.filledIn);
  const now = rank(brief, options);
  const open = missing.map(id => tried(id, brief, now, options));
  return {
    answered: all.length - missing.length,
    of: all.length,
    open,
    provisional: now.firstChoice !== null && open.some(q => q.changes !== null),
  };
}

/**
 * Whether any open question would change the first choice: as {@link openQuestions}, but at an end with the first
 * that would.
 * @param now the ranking of the brief as it is
 */
export function isProvisional(brief: Brief, given: object, now: Ranking, options: RankOptions = {}): boolean {
  if (now.firstChoice === null || isUntouched(given)) return false;
  return unanswered(given, brief.filledIn).some(id => tried(id, brief, now, options).changes !== null);
}

/** An open question with the first usual answer that would let a family lead which is none of today's equals. */
function tried(id: OpeningQuestion, brief: Brief, now: Ranking, options: RankOptions): OpenQuestion {
  const { what, trials } = questions[id];
  const equals = new Set(now.asGood.map(g => g.family));
  for (const { answer, put } of trials) {
    const first = rank(put(brief), options).candidates.find(c => c.rank === 1);
    if (first && !equals.has(first.family)) return { id, what, changes: { answer, first: first.name } };
  }
  return { id, what, changes: null };
}

/** In a line: "2 of 5 answered; the sun would change it". */
export function provisionalWords({ answered, of, open }: Provisional): string {
  const telling = open.filter(q => q.changes).map(q => q.what);
  const said = `${answered} of ${of} answered`;
  if (!telling.length) return said;
  const named = telling.length > 2 ? [...telling.slice(0, 2), 'more'] : telling;
  return `${said}; ${named.join(' and ').replace(/ and (?=.* and )/, ', ')} would change it`;
}

/** Each open question that would change the first choice, in a sentence. */
export function provisionalReasons({ open }: Provisional): string[] {
  return open.flatMap(q =>
    q.changes ? [`${capital(q.changes.answer)}, ${q.changes.first} would lead.`] : [],
  );
}
