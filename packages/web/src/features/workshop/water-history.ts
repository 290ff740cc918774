import { spoolMoistureNow } from '@hornblende/core/formats';
import { range } from 'd3-array';
import type { ShelfRow } from '../../stores/shelf';

/** A spool's water at a moment: time in ms, % by mass. */
export interface WaterPoint {
  at: number;
  waterPct: number;
}

/** How many moments the time of the ledger is sampled at, besides its own. */
const SAMPLES = 120;

/**
 * The water of a spool from its first entry until now.
 * @param roomRhPct the damp of the room, % relative humidity
 * @returns null where nothing is known, or no time has gone by
 */
export function waterHistory(row: ShelfRow, roomRhPct: number, now: number): WaterPoint[] | null {
  const { family, spool } = row;
  const first = spool.events[0];
  if (!family || !first) return null;
  const from = Date.parse(first.at);
  if (now <= from) return null;
  const sampled = range(SAMPLES + 1).map(i => from + ((now - from) * i) / SAMPLES);
  const entries = spool.events.map(e => Date.parse(e.at)).filter(t => t <= now);
  return [...sampled, ...entries]
    .sort((a, b) => a - b)
    .map(at => ({
      at,
      waterPct: spoolMoistureNow(spool, family, new Date(at).toISOString(), roomRhPct, null).waterPct,
    }));
}
