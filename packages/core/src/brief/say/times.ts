import { HOURS_A_YEAR } from '../../lib/physical-constants.js';
import { oneOf } from './lexicon.js';
import { NUMBER, numberOf, quantity, round, TIME } from './units.js';
import type { Reading } from './reading.js';

const LASTS = oneOf(
  ...[
    'for',
    'lasts?',
    'lasting',
    'over',
    'at least',
    'about',
    'holds?',
    'held',
    'lives?',
    'survives?',
    'should last',
  ],
  'must last',
);

/** Years of a time that is told in seasons, and of one that is told in a word. */
const SEASON_YEARS = 0.5;
const FOR_GOOD_YEARS = 20;

/** How long it is to last, and how long something lasts that happens to it. */
export function readTimes(r: Reading): void {
  r.each(`(${NUMBER}) (?:hours?|h) (?:a|per) day`, m => [r.set('heat.hoursADay', numberOf(m[1]!))]);
  r.each(`(?:${LASTS} )*(${NUMBER})[- ](${TIME})(?: (?:long|or more|at least))?`, m => {
    const [, amount, unit] = m as unknown as [string, string, string];
    const n = numberOf(amount);
    if (/season|summer|winter/.test(unit)) return [r.set('lifeYears', n * SEASON_YEARS)];
    if (/decade/.test(unit)) return [r.set('lifeYears', n * 10)];
    const years = quantity(String(n), unit.replace(/^yrs?$/, 'years'), 'years');
    if (years === null) return null;
    if (
      /^(?:h|m(?:in)|s(?:ec))/.test(unit) &&
      (r.plain.contact as { chemicals?: unknown } | undefined)?.chemicals
    )
      return [r.set('contact.hours', Math.max(0.01, round(years * HOURS_A_YEAR)))];
    if (/^(?:h|m(?:in)|s(?:ec))/.test(unit) && /held|hold|load|carr|hang/.test(`${r.before(m.index)}${m[0]}`))
      return [r.setLoad('hours', round(years * HOURS_A_YEAR))];
    return [r.set('lifeYears', Math.max(0.01, round(years)))];
  });
  r.each('(?:for )?(?:the (?:whole |entire )?)?(?:one |a |this )?(?:season|summer|winter)', () => [
    r.set('lifeYears', SEASON_YEARS),
  ]);
  r.each('for (?:good|ever|life)|forever|permanent(?:ly)?|for decades', () => [
    r.set('lifeYears', FOR_GOOD_YEARS),
  ]);
  r.each('for (?:many )?years|all (?:the )?year(?: (?:round|long))?', () => []);
}
