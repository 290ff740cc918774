import { utcDay, utcMonday } from 'd3-time';
import type { BackupSummary } from '@hornblende/core/api';

/** How many daily backups stay one a day, and how many one a week. */
const BACKUPS_KEPT = { daily: 7, weekly: 4 };
/** How many of those made on demand or before a migration stay. */
const OTHERS = 10;

/**
 * Which backups may go: of the daily ones the newest of each of the last seven days with one and of each of the
 * last four weeks with one stay; of the others the last ten.
 * @param list newest first
 */
export function toPrune(list: readonly BackupSummary[]): BackupSummary[] {
  const daily = list.filter(b => b.kind === 'daily');
  const others = list.filter(b => b.kind !== 'daily');
  const kept = new Set([
    ...newestOfEach(daily, b => utcDay.floor(new Date(b.at)).getTime(), BACKUPS_KEPT.daily),
    ...newestOfEach(daily, b => utcMonday.floor(new Date(b.at)).getTime(), BACKUPS_KEPT.weekly),
    ...others.slice(0, OTHERS),
  ]);
  return list.filter(b => !kept.has(b));
}

function newestOfEach(
  list: readonly BackupSummary[],
  spanOf: (b: BackupSummary) => number,
  most: number,
): BackupSummary[] {
  const bySpan = new Map<number, BackupSummary>();
  for (const b of list) if (!bySpan.has(spanOf(b))) bySpan.set(spanOf(b), b);
  return [...bySpan.values()].slice(0, most);
}
