import type { BackupSummary } from '@hornblende/core/api';
import { describe, expect, it } from 'vitest';
import { toPrune } from '../src/backup/prune.js';

const DAY = 24 * 3_600_000;
/** Daily backups of so many days, newest first. */
function daily(days: number, aDay = 1): BackupSummary[] {
  const end = Date.UTC(2026, 10, 26, 22);
  return Array.from({ length: days * aDay }, (_, i) => ({
    name: `b${i}`,
    kind: 'daily' as const,
    at: new Date(end - (i * DAY) / aDay).toISOString(),
    bytes: 1,
    counts: {},
    checked: 0,
    problems: [],
    photosGone: 0,
  }));
}
const kept = (list: BackupSummary[]): string[] => {
  const gone = new Set(toPrune(list));
  return list.filter(b => !gone.has(b)).map(b => b.at.slice(0, 10));
};

describe('thinning out backups', () => {
  it('keeps seven days and four weeks', () => {
    const days = kept(daily(60));
    expect(days.slice(0, 7)).toEqual(
      Array.from({ length: 7 }, (_, i) => new Date(Date.UTC(2026, 10, 26 - i)).toISOString().slice(0, 10)),
    );
    // Thursday 26 November: this week and last lie among the seven days; the Sundays before end the others.
    expect(days.slice(7)).toEqual(['2026-11-15', '2026-11-08']);
  });
  it('of several on one day the newest', () => {
    const list = daily(3, 4);
    expect(kept(list)).toHaveLength(3);
    expect(toPrune(list)).not.toContain(list[0]);
  });
  it('those that were asked for stay, up to ten', () => {
    const asked = daily(14).map(b => ({ ...b, kind: 'demand' as const }));
    expect(toPrune(asked)).toEqual(asked.slice(10));
    expect(toPrune([...daily(2), ...asked.slice(0, 3)])).toEqual([]);
  });
});
