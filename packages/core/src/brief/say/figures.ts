import { either, oneOf } from './lexicon.js';
import { AT_MOST, LENGTH, lengthMm, NUMBER, numberOf, round } from './units.js';
import type { Reading } from './reading.js';

const TRUE_TO = oneOf(
  ...[
    'within',
    'true to',
    'to within',
    '±',
    '\\+/-',
    'accurate to',
    'precise to',
    'tolerances? (?:of )?',
    'exact to',
  ],
);
const WORKED = oneOf(
  ...[
    'opened',
    'closed',
    'folded',
    'pressed',
    'clicked',
    'snapped',
    'used',
    'bent',
    'moved',
    'turned',
    'worked',
  ],
);
const MONEY = oneOf('euros?', 'eur', 'dollars?', 'usd', 'bucks', 'pounds?', '€', '\\$', '£');

/** Sizes, sections, walls and tolerances. */
export function readSizes(r: Reading): void {
  const by = '\\s*(?:x|×|by|\\*)\\s*';
  const unit = `\\s*(${LENGTH})?`;
  r.each(`(${NUMBER})${unit}${by}(${NUMBER})${unit}${by}(${NUMBER})\\s*(${LENGTH})`, m => {
    const sizes = [m[1]!, m[3]!, m[5]!].map(a => lengthMm(a, m[6]!));
    if (sizes.some(s => s === null)) return null;
    return (['xMm', 'yMm', 'zMm'] as const).map((k, i) => r.set(`geometry.${k}`, round(sizes[i]!)));
  });
  r.each(`(${NUMBER})${unit}${by}(${NUMBER})\\s*(${LENGTH})(?: (?:thick |cross )?section)?`, m => {
    const sides = [m[1]!, m[3]!].map(a => lengthMm(a, m[4]!));
    if (sides.some(s => s === null)) return null;
    const [low, high] = (sides as number[]).sort((a, b) => a - b) as [number, number];
    return [r.setLoad('widthMm', round(high)), r.setLoad('heightMm', round(low))];
  });
  r.each(
    `(?:walls? (?:of |is |are )?(${NUMBER}) ?(${LENGTH})|(${NUMBER}) ?(${LENGTH}) walls?)(?: thick)?`,
    m => {
      const mm = lengthMm(m[1] ?? m[3]!, m[2] ?? m[4]!);
      return mm === null ? null : [r.set('geometry.wallMm', round(mm))];
    },
  );
  r.each(`${TRUE_TO}\\s*(?:±\\s*)?(${NUMBER}) ?(${LENGTH})`, m => {
    const mm = lengthMm(m[1]!, m[2]!);
    return mm === null ? null : [r.set('toleranceMm', round(mm))];
  });
}

/** Points to each side of a hardness that is named alone. */
const AROUND_SHORE = 3;

/** A hardness, or a range of them. */
export function readHardness(r: Reading): void {
  r.each(`(?:shore )?(\\d{2}) ?a? ?(?:-|to|or|and) ?(\\d{2}) ?(?:shore ?)?a(?: hardness)?`, m => [
    r.set(
      'flex.shoreA',
      [Number(m[1]), Number(m[2])].sort((a, b) => a - b),
    ),
  ]);
  r.each('(?:about )?(?:shore ?a? ?(\\d{2}) ?a?|(\\d{2}) ?(?:shore ?)?a)(?: hardness)?', m => {
    const shore = Number(m[1] ?? m[2]);
    return shore < 20 || shore > 97
      ? null
      : [r.set('flex.shoreA', [shore - AROUND_SHORE, shore + AROUND_SHORE])];
  });
}

/** Walls, infill, safety, how many, how often. */
export function readCounts(r: Reading): void {
  r.each(`(${NUMBER}) walls`, m => [r.set('print.walls', numberOf(m[1]!))]);
  r.each('(\\d+) ?% ?infill|infill (?:of )?(\\d+) ?%', m => [
    r.set('print.infill', Number(m[1] ?? m[2]) / 100),
  ]);
  r.each(`(?:safety )?factor (?:of safety )?(?:of )?(${NUMBER})|(${NUMBER})[- ]?fold safety`, m => [
    r.set('safety', numberOf(m[1] ?? m[2]!)),
  ]);
  r.each(
    either(
      `(?:i need |we need |make )?(${NUMBER}) (?:of (?:them|these|those)|pieces|pcs|copies|off|units)`,
      '(?:x ?(\\d+)|(\\d+) ?x)',
    ),
    m => [r.set('quantity', numberOf(m[1] ?? m[2] ?? m[3]!))],
  );
  r.each(
    `${WORKED}? ?(?:about )?(${NUMBER}) (thousand |million )?(?:times|cycles|openings)( (?:a|per) (?:day|week|hour))?`,
    m => {
      const n = numberOf(m[1]!) * ({ thousand: 1e3, million: 1e6 }[m[2]?.trim() ?? ''] ?? 1);
      if (m[3]) r.timesADay = n * (/week/.test(m[3]) ? 1 / 7 : /hour/.test(m[3]) ? 24 : 1);
      return [r.setLoad('kind', 'cyclic'), r.setLoad('cycles', m[3] ? 0 : n)].slice(0, m[3] ? 1 : 2);
    },
  );
}

/** The most that one may cost. */
export function readMoney(r: Reading): void {
  r.each(`(?:costs? )?${AT_MOST} (?:[€$£] ?)?(${NUMBER}) ?${MONEY}? (?:each|apiece|a piece|per piece)`, m => [
    r.set('maxCostEach', numberOf(m[1]!)),
  ]);
  r.each(
    `(?:costs? )?${AT_MOST} (?:[€$£] ?(${NUMBER})|(${NUMBER}) ?(?:euros?|eur|dollars?|usd|bucks|€|\\$|£))`,
    m => [r.set('maxCostEach', numberOf(m[1] ?? m[2]!))],
  );
}
