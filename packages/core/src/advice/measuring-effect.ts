import type { Brief } from '../brief/brief.js';
import { sig } from '../lib/figures.js';
import { gradeFamily } from '../materials/grade-family.js';
import type { Grade } from '../materials/grade.js';
import type { Candidate, Ranking } from '../score/candidate.js';
import type { RankOptions } from '../score/judge.js';
import { rank } from '../score/rank.js';
import type { Printer } from '../workshop/printer.js';

/**
 * What readings taken on a printer changed for a part: its bow, its deviation, its place and the first choice, before
 * and after, in sentences; what stays is said to stay.
 * @param familyKey the family that was measured
 */
export function measuringEffect(
  brief: Brief,
  before: Printer,
  after: Printer,
  familyKey: string,
  options: Omit<RankOptions, 'printer'> = {},
): string[] {
  return rankingChange(
    rank(brief, { ...options, printer: before }),
    rank(brief, { ...options, printer: after }),
    familyKey,
  );
}

/**
 * What what was measured of grades changed for a part: their standing and the first choice, against their sheets and
 * families alone, in sentences. Empty where none of them was measured.
 * @param grades those that were measured, as the library has them
 */
export function gradesEffect(brief: Brief, grades: readonly Grade[], options: RankOptions): string[] {
  const measured = grades.filter(g => Object.keys(g.measured).length > 0);
  if (!measured.length) return [];
  const families = options.families ?? [];
  const before = families.map(f => {
    const grade = measured.find(g => g.key === f.key);
    return grade ? gradeFamily({ ...grade, measured: {} }) : f;
  });
  const was = rank(brief, { ...options, families: before });
  const is = rank(brief, options);
  const standing = measured.flatMap(({ key }) => standingChange(was, is, key));
  return [...standing, firstChange(was, is)];
}

/** What moved from one ranking to another: a material's figures and standing, and the first choice. */
function rankingChange(was: Ranking, is: Ranking, key: string): string[] {
  return [...standingChange(was, is, key), firstChange(was, is)];
}

function standingChange(was: Ranking, is: Ranking, key: string): string[] {
  const of = (list: readonly Candidate[]): Candidate | undefined => list.find(c => c.material === key);
  const old = of(was.candidates);
  const now = of(is.candidates);
  if (!old || !now) return [];
  const sentences: string[] = [];
  const moved = (id: string, unit: string, what: string): void => {
    const value = (c: Candidate): number | undefined => c.criteria.find(x => x.id === id)?.value;
    const a = value(old);
    const b = value(now);
    if (a !== undefined && b !== undefined && sig(a, 2) !== sig(b, 2))
      sentences.push(`This part in ${now.name} ${what} ${sig(b, 2)} ${unit}, not ${sig(a, 2)} ${unit}.`);
  };
  moved('warp', 'mm', 'bows');
  moved('accuracy', 'mm', 'is true to');
  moved('heat', 'K', 'has a margin in heat of');
  if (old.status !== now.status) sentences.push(`${now.name} was ${old.status}, and is ${now.status}.`);
  else if (old.rank !== now.rank && now.rank !== null)
    sentences.push(`${now.name} stands at place ${now.rank}${old.rank === null ? '' : `, not ${old.rank}`}.`);
  return sentences;
}

function firstChange(was: Ranking, is: Ranking): string {
  const name = (key: string | null): string => is.candidates.find(c => c.material === key)?.name ?? 'nothing';
  return was.firstChoice === is.firstChoice
    ? `The first choice stays ${name(is.firstChoice)}.`
    : `The first choice is ${name(is.firstChoice)} now, no longer ${name(was.firstChoice)}.`;
}
