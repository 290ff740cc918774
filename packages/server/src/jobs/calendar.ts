import { dayWords } from '@hornblende/core/lib';
import { failureModeWords, type Due, type Placed } from '@hornblende/core/service';
import { createEvents, type DateArray, type EventAttributes } from 'ics';

/** Identifies the product and names events: RFC 5545 wants an id that stays the same from export to export. */
const PRODUCT = 'hornblende';

/**
 * Inspections to come as an iCalendar file (RFC 5545): one all-day event a part, under an id of its own, so that
 * importing it again moves the event rather than adding one.
 * @param now when it is written
 */
export function serviceCalendar(rows: readonly (Placed & { due: Due })[], now: string): string {
  const events = rows.map(({ id, placement, standing, due }): EventAttributes => {
    const start = dateOf(due.on);
    return {
      uid: `${id}@${PRODUCT}`,
      productId: PRODUCT,
      title: `Look at ${placement.name}`,
      location: placement.place.where,
      description: [
        placement.code ? `Tag ${placement.code}.` : '',
        standing.lastLookAt ? `Last looked at ${dayWords(standing.lastLookAt)}.` : 'Never looked at yet.',
        ...due.because.map(b => `Sooner, since ${b}.`),
        standing.mode ? failureModeWords[standing.mode] : '',
      ]
        .filter(Boolean)
        .join(' '),
      start,
      duration: { days: 1 },
      created: stampOf(now),
      // A later file of the same part takes the place of an earlier one.
      sequence: Math.floor(Date.parse(now) / 60_000) % 2 ** 31,
    };
  });
  const { error, value } = createEvents(events, { productId: PRODUCT, calName: 'Parts to look at' });
  if (error) throw error;
  return value ?? '';
}

function dateOf(day: string): DateArray {
  const [year, month, date] = day.split('-').map(Number);
  return [year!, month!, date!];
}

function stampOf(iso: string): DateArray {
  const at = new Date(iso);
  return [at.getUTCFullYear(), at.getUTCMonth() + 1, at.getUTCDate(), at.getUTCHours(), at.getUTCMinutes()];
}
