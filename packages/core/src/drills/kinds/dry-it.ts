import { sig } from '../../lib/figures.js';
import { typical } from '../../materials/family.js';
import { familyByKey } from '../../materials/library.js';
import { equilibriumWaterPct, moistureVerdict, waterAfterPct } from '../../models/spool-moisture.js';
import type { DrillMaker } from '../kind.js';
import { shuffledOptions } from '../options.js';
import { STANDARD_ROOM_C } from '../../lib/physical-constants.js';

const drilled = [
  'pla',
  'petg',
  'abs',
  'asa',
  'pa6',
  'pa12',
  'pc',
  'pp',
  'tpu-95a',
  'tpu-85a',
  'pva',
  'pa6-cf',
];
/** How far the water must lie from the limit, as a share of it. */
const CLEAR_SHARE = 0.3;

const opened = [
  { hours: 2, said: 'two hours' },
  { hours: 8, said: 'eight hours' },
  { hours: 24, said: 'a day' },
  { hours: 72, said: 'three days' },
  { hours: 168, said: 'a week' },
  { hours: 720, said: 'a month' },
];

/** A spool that stood open: print it, dry it, and at what? */
export const dryIt: DrillMaker = {
  kind: 'dry-it',
  make(ask) {
    const family = familyByKey(ask.pick(drilled))!;
    const rhPct = ask.pick([35, 50, 65]);
    const stood = ask.pick(opened);
    const waterPct = waterAfterPct(family, 0, rhPct, STANDARD_ROOM_C, stood.hours);
    const v = moistureVerdict(family, waterPct, rhPct);
    const off = Math.abs(waterPct / v.limitPct - 1);
    if (off < CLEAR_SHARE) return null;
    if (v.state === 'dry it first' && v.dryC === null) return null;
    const spoilsC = Math.round((typical(family, 'spoolLimitC') + 20) / 5) * 5;
    const safeC = Math.round(v.dryC ?? Math.min(typical(family, 'dryC'), typical(family, 'spoolLimitC') - 3));
    const print = 'Print it as it is';
    const dry = `Dry it at ${safeC} °C first`;
    const cook = `Dry it quickly at ${spoilsC} °C first`;
    const throwAway = 'It is spoiled for good';
    const rightly = { dry: print, 'dry it first': dry, unusable: throwAway }[v.state];
    return {
      question: 'What now?',
      given: [
        `A spool of ${family.name}, dry when it was opened.`,
        `It has stood open for ${stood.said} in air of ${rhPct} % humidity.`,
      ],
      ...shuffledOptions(
        ask,
        rightly,
        [print, dry, cook, throwAway].filter(o => o !== rightly),
      ),
      why:
        `${v.advice} In that air it would end at ${sig(equilibriumWaterPct(family, rhPct), 2)} %. ` +
        `Its spool softens at ${sig(typical(family, 'spoolLimitC'), 3)} °C.`,
      margin: {
        what: 'its water is off the limit by',
        off: 100 * off,
        tolerance: 100 * CLEAR_SHARE,
        unit: '%',
      },
      refs: [{ model: 'spool.moisture', inputs: { family: family.key, rhPct, hoursOpen: stood.hours } }],
      lab: 'shelf',
    };
  },
};
