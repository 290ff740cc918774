import { oneOf } from './lexicon.js';
import { DEGREES, NUMBER, numberOf, quantity, round } from './units.js';
import type { Reading } from './reading.js';

const HOT = oneOf(
  ...[
    'stove',
    'oven',
    'cooker',
    'hob',
    'engine',
    'heater',
    'radiator',
    'lamp',
    'hot ?end',
    'exhaust',
    'grill',
  ],
  ...[
    'barbecue',
    'kettle',
    'fireplace',
    'heating(?: pipe)?',
    'boiler',
    'hot (?:water )?pipe',
    'coffee machine',
    'motor',
  ],
);
const BY = oneOf('near', 'next to', 'beside', 'behind', 'over', 'above', 'close to', 'by', 'on');
const SOURCE = `${BY} (?:an?|the|my|our) (?:hot )?${HOT}`;
const REACHES = oneOf(
  ...[
    'up to',
    'at',
    'of',
    'reaches',
    'reaching',
    'gets',
    'above',
    'over',
    'about',
    'around',
    'down to',
    'minus',
    'to',
  ],
  'in',
);
const WHERE_SO_HOT = oneOf(
  'hot',
  'warm',
  'air',
  'water',
  'outside',
  'inside',
  'in (?:the )?(?:summer|winter)',
);
const STERILISED = oneOf(
  ...[
    'autoclaved?',
    'steam(?:[- ])?sterili[sz]ed',
    'sterili[sz]ed(?: by steam| in (?:an )?autoclave)?',
    'steamed',
  ],
);

/** Warmer than this no air is, in the open or in a room. */
const MOST_AIR_C = 48;
const OUT_OR_IN = 'outdoors?|outside|garden|balcony|roof|indoors?|inside|room|house';

/** Temperatures of the air, of a source, of the part itself; hot water and steam. */
export function readTemperatures(r: Reading): void {
  const temperature = (amount: string, unit: string): number | null =>
    quantity(amount, /f/.test(unit) ? 'F' : '°C', 'temperature');
  r.each(
    `(?:from )?(-?\\d+(?:\\.\\d+)?) ?(?:${DEGREES})? ?(?:to|-|up to) ?(\\d+(?:\\.\\d+)?) ?(${DEGREES})`,
    m => {
      const low = temperature(m[1]!, m[3]!);
      const high = temperature(m[2]!, m[3]!);
      if (low === null || high === null || low >= high) return null;
      return [r.set('heat.ambientMinC', round(low)), r.set('heat.ambientMaxC', round(high))];
    },
  );
  const isNearSource = r.says(SOURCE);
  r.each(`(?:${REACHES} )*(-?\\d+(?:[.,]\\d+)?) ?(${DEGREES})(?: ${WHERE_SO_HOT})?`, m => {
    const said = temperature(m[1]!, m[2]!);
    if (said === null) return null;
    const isWeather = said <= MOST_AIR_C && r.says(OUT_OR_IN) && !r.says('water|hot car|parked');
    const around = `${r.before(m.index)}${m[0]}`;
    const c = round(/minus/.test(around) ? -Math.abs(said) : said);
    if (c < 5 || /down to|winter|frost|coldest/.test(around)) return [r.set('heat.ambientMinC', c)];
    if (isWeather || /\bair\b|ambient|summer|weather|room/.test(around))
      return [r.set('heat.ambientMaxC', c)];
    if (isNearSource) return [r.set('heat.setting', 'near-source'), r.set('heat.sourceC', c)];
    return [r.set('heat.setting', 'custom'), r.set('heat.partC', c)];
  });
  r.each(SOURCE, () => [r.set('heat.setting', 'near-source')]);
  r.each('(?:(?:goes |put )?(?:in(?:to)?|for) the )?dish ?washer(?:[- ](?:safe|proof))?', () => [
    r.set('heat.setting', 'custom'),
    r.set('heat.partC', 65),
    r.set('water', 'immersed'),
  ]);
  r.each(`(?:is |gets |to be )?${STERILISED}(?: (${NUMBER}) times)?`, m => [
    r.set('heat.steamCycles', m[1] ? numberOf(m[1]) : 100),
  ]);
  r.each('(?:in )?boil(?:ing|ed)(?: (?:hot )?water)?', () => [
    r.set('heat.setting', 'custom'),
    r.set('heat.partC', 100),
    r.set('water', 'immersed'),
  ]);
  r.each('(?:hard |in (?:the )?)?(?:frost|freezing|freezes|freezer)', () => [r.set('heat.ambientMinC', -20)]);
}
