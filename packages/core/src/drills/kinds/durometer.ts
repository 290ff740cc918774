import { capital } from '../../lib/capital.js';
import { mean } from 'simple-statistics';
import { sig } from '../../lib/figures.js';
import { durometerReading, FlexReadingInput, type DurometerReading } from '../../models/flex-reading.js';
import type { Asker } from '../asker.js';
import type { DrillMaker } from '../kind.js';
import { shuffledOptions } from '../options.js';

/** How far the answers of the rules and of carelessness must lie apart, and how near is right. */
const LEAST_OFF = 3;
const TOLERANCE = 1;

const good = (ask: Asker, hardness: number): DurometerReading => ({
  hardness: hardness + ask.whole(-1, 1),
  afterS: 15,
  edgeMm: ask.whole(13, 25),
  apartMm: ask.whole(9, 15),
});

/** A reading that breaks a rule, and is off because of it: too soon reads hard, at an edge reads soft. */
function bad(ask: Asker, hardness: number, tooSoon: boolean): DurometerReading {
  const reading = good(ask, hardness);
  return tooSoon
    ? { ...reading, hardness: Math.min(100, reading.hardness + ask.whole(8, 12)), afterS: ask.whole(1, 4) }
    : { ...reading, hardness: reading.hardness - ask.whole(8, 11), edgeMm: ask.whole(3, 8) };
}

/** Readings that break a rule, beside five that do not. */
const SPOILED = 4;

/** Five and more touches of a durometer: what is the hardness, and on which scale? */
export const durometer: DrillMaker = {
  kind: 'durometer',
  make(ask) {
    const scale = ask.pick(['A', 'D'] as const);
    const hardness = scale === 'A' ? ask.whole(50, 97) : ask.whole(13, 80);
    const layerMm = ask.pick([2, 3, 3, 6]);
    const layers = ask.whole(1, 3);
    const tooSoon = ask.share() < 0.5;
    const readings = ask.shuffled([
      ...Array.from({ length: 5 }, () => good(ask, hardness)),
      ...Array.from({ length: SPOILED }, () => bad(ask, hardness, tooSoon)),
    ]);
    const inputs = { scale, readings, layerMm, layers };
    const r = durometerReading(Object.assign(new FlexReadingInput(), inputs));
    // Half a point about the end of a scale is no clear case.
    if (Math.abs(hardness - (scale === 'A' ? 90 : 20)) < 3) return null;
    const careless = Math.round(mean(readings.map(x => x.hardness)));
    const other = scale === 'A' ? 'D' : 'A';
    const elsewhere = `Read it on scale ${other}`;
    const stack = 'None yet: stack it to 6 mm';
    const rules = r.accepted.length ? [...r.accepted].sort((a, b) => a - b)[2]! : hardness;
    const off = Math.abs(careless - rules);
    if (off < LEAST_OFF) return null;
    const rightly =
      r.hardness === null ? stack : r.useScale === scale ? `Shore ${scale} ${sig(rules)}` : elsewhere;
    const all = [`Shore ${scale} ${sig(rules)}`, `Shore ${scale} ${sig(careless)}`, elsewhere, stack];
    return {
      question: 'What is its hardness?',
      given: [
        `Scale ${scale}, ${layers} ${layers === 1 ? 'layer' : 'layers'} of ${layerMm} mm, read at 15 s.`,
        ...readings.map(
          x =>
            `${x.hardness} (after ${x.afterS} s, ${x.edgeMm} mm from an edge, ${x.apartMm} mm from the last)`,
        ),
      ],
      ...shuffledOptions(
        ask,
        rightly,
        all.filter(o => o !== rightly),
      ),
      why: whyOf(r, scale, rules),
      margin: {
        what: 'the mean of all of them is off by',
        off,
        tolerance: TOLERANCE,
        unit: `Shore ${scale}`,
      },
      refs: [{ model: 'flex.reading', inputs }],
      lab: 'bench',
    };
  },
};

function whyOf(r: ReturnType<typeof durometerReading>, scale: 'A' | 'D', rules: number): string {
  const apart = `${r.rejected.length} break a rule (under 12 mm from an edge, or read too soon) and are kept apart`;
  if (r.hardness === null)
    return `${sig(r.thicknessMm)} mm is too thin: under 6 mm the table is felt. Stack it; ${apart}.`;
  if (r.useScale !== scale)
    return `The median of the others is ${sig(rules)}; outside 20 to 90 the other scale reads better.`;
  return `${capital(apart)}; the median of the other five is ${sig(rules)}.`;
}
