import type { Brief } from '../brief/brief.js';
import { sig } from '../lib/figures.js';
import type { Candidate } from '../score/candidate.js';
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
  const was = rank(brief, { ...options, printer: before });
  const is = rank(brief, { ...options, printer: after });
  const of = (list: readonly Candidate[]): Candidate | undefined => list.find(c => c.material === familyKey);
  const old = of(was.candidates);
  const now = of(is.candidates);
  const name = (key: string | null): string => is.candidates.find(c => c.material === key)?.name ?? 'nothing';
  const sentences: string[] = [];
  if (old && now) {
    const moved = (id: string, unit: string, what: string): void => {
      const value = (c: Candidate): number | undefined => c.criteria.find(x => x.id === id)?.value;
      const a = value(old);
      const b = value(now);
      if (a !== undefined && b !== undefined && sig(a, 2) !== sig(b, 2))
        sentences.push(`This part in ${now.name} ${what} ${sig(b, 2)} ${unit}, not ${sig(a, 2)} ${unit}.`);
    };
    moved('warp', 'mm', 'bows');
    moved('accuracy', 'mm', 'is true to');
    if (old.status !== now.status) sentences.push(`It was ${old.status}, and is ${now.status}.`);
    else if (old.rank !== now.rank && now.rank !== null)
      sentences.push(`It stands at place ${now.rank}${old.rank === null ? '' : `, not ${old.rank}`}.`);
  }
  sentences.push(
    was.firstChoice === is.firstChoice
      ? `The first choice stays ${name(is.firstChoice)}.`
      : `The first choice is ${name(is.firstChoice)} now, no longer ${name(was.firstChoice)}.`,
  );
  return sentences;
}
