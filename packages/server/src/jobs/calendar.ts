import { dayWords, DAY_MS } from '@hornblende/core/lib';
import { failureModeWords, type Due, type Placed } from '@hornblende/core/service';
import ICAL from 'ical.js';

/** Identifies the product and names events: RFC 5545 wants an id that stays the same from export to export. */
const PRODUCT = 'hornblende';
/** What the calendar is called where it is opened. */
const NAME = 'Parts to look at';

/**
 * Inspections to come as an iCalendar file (RFC 5545): one all-day event a part, under an id of its own, so that
 * importing it again moves the event rather than adding one.
 * @param now when it is written
 */
export function serviceCalendar(rows: readonly (Placed & { due: Due })[], now: string): string {
  const written = ICAL.Time.fromJSDate(new Date(now), true);
  // A later file of the same part takes the place of an earlier one.
  const sequence = Math.floor(Date.parse(now) / 60_000) % 2 ** 31;
  const calendar = new ICAL.Component('vcalendar');
  calendar.addPropertyWithValue('version', '2.0');
  calendar.addPropertyWithValue('prodid', PRODUCT);
  calendar.addPropertyWithValue('method', 'PUBLISH');
  calendar.addPropertyWithValue('x-wr-calname', NAME);
  for (const { id, placement, standing, due } of rows) {
    const event = new ICAL.Component('vevent');
    event.addPropertyWithValue('uid', `${id}@${PRODUCT}`);
    event.addPropertyWithValue('dtstamp', written);
    event.addPropertyWithValue('created', written);
    event.addPropertyWithValue('sequence', sequence);
    event.addPropertyWithValue('summary', `Look at ${placement.name}`);
    event.addPropertyWithValue('location', placement.place.where);
    event.addPropertyWithValue('description', describing(placement, standing, due));
    event.addPropertyWithValue('dtstart', ICAL.Time.fromDateString(due.on));
    event.addPropertyWithValue('dtend', ICAL.Time.fromDateString(dayAfter(due.on)));
    calendar.addSubcomponent(event);
  }
  return `${calendar.toString()}\r\n`;
}

/** What stands in an event's description: the tag, the last look, and why it is due so soon. */
function describing(placement: Placed['placement'], standing: Placed['standing'], due: Due): string {
  return [
    placement.code ? `Tag ${placement.code}.` : '',
    standing.lastLookAt ? `Last looked at ${dayWords(standing.lastLookAt)}.` : 'Never looked at yet.',
    ...due.because.map(b => `Sooner, since ${b}.`),
    standing.mode ? failureModeWords[standing.mode] : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** The end of an all-day event is the day after it (RFC 5545, 3.6.1). */
function dayAfter(day: string): string {
  return new Date(Date.parse(day) + DAY_MS).toISOString().slice(0, 10);
}
