import { yearsText } from '@hornblende/core/lib';
import {
  failureModeWords,
  LEAST_YEARS,
  type EvidenceGroup,
  type FailureMode,
} from '@hornblende/core/service';

/** A share in whole hundredths. */
const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** What may be said of a group of parts in service, in a sentence: never more than its parts bear. */
export function groupSaid({ survival: s }: Pick<EvidenceGroup, 'survival'>): string {
  if (!s.parts) return 'Nobody has looked yet.';
  const bound = s.lowerBound95;
  const few = s.parts < 5 ? ' So few are a hint, no more.' : '';
  if (!s.failures)
    return bound === null || s.atYears < LEAST_YEARS
      ? `None of ${s.parts} has failed.${few}`
      : `${s.stood} of ${s.reached} have stood ${yearsText(s.atYears)}: at least ${percent(bound)} do, at 95 %.${few}`;
  const ways = Object.entries(s.incidence)
    .map(
      ([mode, steps]) =>
        `${percent(steps.at(-1)!.incidence)} ${failureModeWords[mode as FailureMode] ?? mode}`,
    )
    .join(', ');
  return `${s.failures} of ${s.parts} failed: ${ways} by ${yearsText(s.curve.at(-1)!.years)}.${few}`;
}
