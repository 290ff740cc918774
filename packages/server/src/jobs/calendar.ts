import { dayWords, DAY_MS } from '@hornblende/core/lib';
import { failureModeWords, type Due, type Placed } from '@hornblende/core/service';
import ICAL from 'ical.js';

/** Identifies the product and names events: RFC 5545 wants an id that stays the same from export to export. */
const PRODUCT = 'hornblende';
/** The line before which the events of a calendar stand. */
const END = 'END:VCALENDAR';
/** What the calendar is called where it is opened. */
const NAME = 'Parts to look at';

/** A property as jCal has it (RFC 7265): name, parameters, type, value. */
type Property = [string, object, string, string | number];

/**
 * Inspections to come as an iCalendar file (RFC 5545): one all-day event a part, under an id of its own, so that
 * importing it again moves the event rather than adding one. It is put together as jCal (RFC 7265), one event after
 * another: of tens of thousands, objects of a library's own and the memory for all of them take most of the time.
 * @param rows parts in service; those that are not due are left out
 * @param now when it is written
 */
export function serviceCalendar(rows: Iterable<Placed & { due: Due | null }>, now: string): string {
  const written = `${now.slice(0, 19)}Z`;
  // A later file of the same part takes the place of an earlier one.
  const sequence = Math.floor(Date.parse(now) / 60_000) % 2 ** 31;
  let events = '';
  for (const { id, placement, standing, due } of rows)
    if (due)
      events += ICAL.stringify([
        'vevent',
        [
          ['uid', {}, 'text', `${id}@${PRODUCT}`],
          ['dtstamp', {}, 'date-time', written],
          ['created', {}, 'date-time', written],
          ['sequence', {}, 'integer', sequence],
          ['summary', {}, 'text', `Look at ${placement.name}`],
          ['location', {}, 'text', placement.place.where],
          ['description', {}, 'text', describing(placement, standing, due)],
          ['dtstart', {}, 'date', due.on],
          ['dtend', {}, 'date', dayAfter(due.on)],
        ],
        [],
      ]);
  const calendar: Property[] = [
    ['version', {}, 'text', '2.0'],
    ['prodid', {}, 'text', PRODUCT],
    ['method', {}, 'text', 'PUBLISH'],
    ['x-wr-calname', {}, 'unknown', NAME],
  ];
  const empty = ICAL.stringify(['vcalendar', calendar, []]);
  const end = empty.lastIndexOf(END);
  return empty.slice(0, end) + events + empty.slice(end);
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
