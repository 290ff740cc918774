import { decelerationForceN } from '../../models/load-deceleration.js';
import type { LoadCase } from '../choices.js';
import type { BriefLoad, LoadNumber } from '../brief-load.js';
import { loadOf } from '../load-start.js';
import { either, oneOf } from './lexicon.js';
import type { Reading, SaidLoad } from './reading.js';
import { AT_MOST, FORCE, LENGTH, lengthMm, MASS, NUMBER, quantity, round } from './units.js';

const SUFFERS = '(?:gets? |is |be |being |often |sometimes |survives? |must survive )*';
const ARM = oneOf(
  ...['arm', 'lever', 'reach', 'overhang', 'out(?: from the wall)?', 'from (?:the |a )?wall'],
  'away(?: from the wall)?',
);
const CARRIES = oneOf(
  ...[
    'holds?',
    'holding',
    'carr(?:y|ies|ying)',
    'hangs?',
    'hanging',
    'bears?',
    'supports?',
    'takes?',
    'lifts?',
  ],
  ...[
    'loaded with',
    'under',
    'with',
    'for',
    'pulls?',
    'pulled',
    'pushed',
    'pushes',
    'up to',
    'a',
    'load of',
    'about',
  ],
);

const SPAN = oneOf(
  `(?:span|gap)s? (?:of )?(${NUMBER}) ?(${LENGTH})`,
  `(${NUMBER})[- ]?(${LENGTH}) (?:span|gap)`,
);

/** Loads: how hard, how far out, how it acts. */
export function readLoads(r: Reading): void {
  r.each(
    `${SUFFERS}(?:a )?(?:drop(?:ped|s)?|fall(?:s|ing)?) (?:\\w+ ){0,3}?(?:from |of |by )?(${NUMBER}) ?(${LENGTH})`,
    m => {
      const mm = lengthMm(m[1]!, m[2]!);
      return mm === null
        ? null
        : [r.setLoad('case', 'drop'), r.setLoad('kind', 'impact'), r.setLoad('heightM', round(mm / 1000))];
    },
  );
  r.each(
    `(?:on|with|at the end of|has|having)? ?(?:a |an |the )?(${NUMBER})[- ]?(${LENGTH})(?:[- ]long)? ${ARM}`,
    m => armOf(r, m[1]!, m[2]!),
  );
  r.each(`(?:arm|lever|reach|overhang) (?:of |is )?(${NUMBER}) ?(${LENGTH})`, m => armOf(r, m[1]!, m[2]!));
  r.each(`(?:across |over )?(?:a |the )?${SPAN}`, m => {
    const mm = lengthMm(m[1] ?? m[3]!, m[2] ?? m[4]!);
    return mm === null ? null : [r.setLoad('case', 'simply-supported'), r.setLoad('lengthMm', round(mm))];
  });
  r.each(`${AT_MOST} (${NUMBER}) ?(${MASS})`, m => {
    const g = quantity(m[1]!, m[2]!, 'mass');
    return g === null || /hold|carr|bear|load|support|hang/.test(r.before(m.index))
      ? null
      : [r.set('maxMassG', round(g))];
  });
  r.each(`(?:weighs?|weighing|a (?:weight|mass) of) (?:about )?(${NUMBER}) ?(${MASS})`, m => {
    const g = quantity(m[1]!, m[2]!, 'mass');
    return g === null ? null : [r.set('targetMassG', round(g))];
  });
  r.each(
    `(?:${CARRIES} )*(${NUMBER}) ?(${MASS}|${FORCE})(?: (?:load|weight|of force|on it|on top|hanging))?`,
    m => {
      const unit = m[2]!;
      const isForce = new RegExp(`^${FORCE}$`).test(unit);
      const value = quantity(m[1]!, unit, isForce ? 'force' : 'heavyMass');
      if (value === null) return null;
      if (r.load.case === 'drop') return [r.setLoad('massKg', round(value))];
      const forceN = isForce ? value : decelerationForceN({ massKg: value, decelerationG: 1 });
      return [r.setLoad('forceN', round(forceN))];
    },
  );
  r.each(`(${NUMBER})[- ]?(${LENGTH}) (thick|wide|broad|high|tall|deep|long|diameter|in diameter)`, m => {
    const mm = lengthMm(m[1]!, m[2]!);
    if (mm === null) return null;
    const side = m[3]!;
    if (/thick|high|tall|deep/.test(side)) {
      if (side === 'thick' || r.load.forceN !== undefined) return [r.setLoad('heightMm', round(mm))];
      return [r.set('geometry.zMm', round(mm))];
    }
    if (/wide|broad/.test(side))
      return [
        r.load.forceN === undefined ? r.set('geometry.yMm', round(mm)) : r.setLoad('widthMm', round(mm)),
      ];
    const isArm = r.load.forceN !== undefined && r.nounCase === 'cantilever';
    return isArm ? armOf(r, m[1]!, m[2]!) : [r.set('geometry.xMm', round(mm))];
  });
  r.each(`(?:at|from) (?:a distance of )?(${NUMBER}) ?(${LENGTH})(?: distance)?`, m =>
    r.load.forceN === undefined ? null : armOf(r, m[1]!, m[2]!),
  );
  for (const [said, loadCase] of seeming)
    r.each(said, () => {
      r.seemsCase ??= loadCase;
      return [['loads.0.case', loadCase]];
    });
  for (const [said, field, value] of loadSayings) r.each(said, () => [r.setLoad(field, value)]);
}

function armOf(r: Reading, amount: string, unit: string): [string, unknown][] | null {
  const mm = lengthMm(amount, unit);
  return mm === null ? null : [r.setLoad('case', 'cantilever'), r.setLoad('lengthMm', round(mm))];
}

/** How a load seems to act; what a part is for tells better: a lever that is pushed bends. */
const seeming: readonly (readonly [said: string, loadCase: LoadCase])[] = [
  ['(?:is |gets |being |under )?(?:pulled(?: on| at)?|pulls on it|tension)', 'tension'],
  [
    '(?:is |gets |being )?(?:pressed|pushed(?: on)?|compressed|sat on|stood on|stands on it|sits on it|compression)',
    'compression',
  ],
];

/** How a load acts, as people say it, the more particular first. */
const loadSayings: readonly (readonly [said: string, field: keyof SaidLoad, value: string | boolean])[] = [
  ['(?:pulls?|opens?|pulled) (?:the )?(?:layers|it) apart|across (?:the |its )?layers', 'acrossLayers', true],
  ['along (?:the |its )?layers', 'acrossLayers', false],
  [
    either(
      SUFFERS + oneOf('knocked(?: about| over)?', 'bumped', 'hit', 'struck', 'kicked', 'dropped', 'banged'),
      'knocks',
      'crashes?',
      'takes? (?:a )?(?:knocks?|beating)',
      'hammered',
    ),
    'case',
    'drop',
  ],
  ['(?:is |gets |to be )?(?:clamped|squeezed|screwed (?:down|tight|on)|bolted(?: down)?)', 'case', 'clamp'],
  ['between two (?:supports|posts|walls|ends)|supported at both ends', 'case', 'simply-supported'],
  ['fixed at both ends', 'case', 'fixed-fixed'],
  [
    'all the time|constant(?:ly)?|permanent(?:ly)? loaded|steady(?: load)?|day and night|held|hanging',
    'kind',
    'sustained',
  ],
  [
    either(
      'again and again',
      'over and over',
      'repeated(?:ly)?',
      'vibrat(?:es|ion|ing)',
      'opens and closes',
      'every day',
      'thousands of times',
      'back and forth',
    ),
    'kind',
    'cyclic',
  ],
  [
    'now and then|briefly|for a moment|once in a while|occasional(?:ly)?|short(?:ly)?|from time to time',
    'kind',
    'short',
  ],
];

/** The load that was told of; none where nothing of one was said. */
export function loadsOf(r: Reading): BriefLoad[] {
  const { case: saidCase, kind, cycles, hours, acrossLayers, ...numbers } = r.load;
  const loadCase = saidCase ?? r.nounCase ?? r.seemsCase ?? undefined;
  const isTold = saidCase !== undefined || numbers.forceN !== undefined || r.seemsCase !== null;
  const isSnapped = loadCase === 'snap-fit' && (cycles !== undefined || r.timesADay > 0);
  if (!isTold && !isSnapped) return [];
  const held = kind ?? (cycles || r.timesADay ? 'cyclic' : 'sustained');
  const start = loadOf(loadCase ?? 'cantilever', loadCase === 'drop' ? 'impact' : held);
  const known = Object.keys(numbers) as LoadNumber[];
  const years = typeof r.plain.lifeYears === 'number' ? r.plain.lifeYears : 5;
  const all = cycles || (r.timesADay ? Math.round(r.timesADay * 365.25 * years) : null);
  return [
    {
      ...start,
      ...Object.fromEntries(known.filter(k => start[k] !== null).map(k => [k, numbers[k]])),
      assumed: start.assumed.filter(k => numbers[k] === undefined),
      acrossLayers: acrossLayers ?? false,
      cycles: all,
      hours: hours ?? null,
    },
  ];
}
