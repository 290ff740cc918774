import { timesIn100 } from '../../lib/chance-words.js';
import { capital } from '../../lib/capital.js';
import { parseBrief } from '../../brief/parse-brief.js';
import type { Brief } from '../../brief/brief.js';
import { familyByKey } from '../../materials/library.js';
import { warpMitigationsFor, type WarpMitigation } from '../../advice/warp-mitigations.js';
import { warpOutcome, warpSetup, type WarpSetup } from '../../advice/warp-outcome.js';
import type { Asker } from '../asker.js';
import type { DrillDraft } from '../drill.js';
import type { DrillMaker } from '../kind.js';
import { shuffledOptions } from '../options.js';
import { drawPrinter } from '../scenario.js';

const drilled = ['pla', 'petg', 'abs', 'asa', 'pc', 'pa6', 'pa12', 'pp', 'hips', 'asa-cf'];
/** How often it lifts, as it may be answered. */
const bands = [
  { from: 0, to: 0.05, said: 'Hardly ever: under 5 times in 100' },
  { from: 0.12, to: 0.4, said: 'Now and then: 12 to 40 times in 100' },
  { from: 0.5, to: 0.85, said: 'More often than not: 50 to 85 times in 100' },
  { from: 0.92, to: 1, said: 'Nearly always: over 92 times in 100' },
];
/** How far a chance must lie inside its band, and how far the best pair before the next. */
const INSIDE = 0.015;
const CLEARLY_BETTER = 0.06;
/** Most that is drawn does not lift: of that, so much is left out. */
const OFTEN_HELD = 0.85;
/** Mitigations that are told of in short. */
const told = new Set([
  'fillet',
  'grooves',
  'split',
  'lighter',
  'brim',
  'ears',
  'first-layer',
  'cover',
  'preheat',
  'wash',
  'bed',
]);

/** A part on a plate: will it lift, and which two things help the most? */
export const lift: DrillMaker = {
  kind: 'lift',
  make(ask) {
    const family = familyByKey(ask.pick(drilled))!;
    const printer = drawPrinter(ask);
    const brief = drawBody(ask);
    const setup = warpSetup(brief, family, printer);
    const { xMm, yMm, zMm, sharpCorners } = brief.geometry;
    const given = [
      `${family.name}, ${xMm} × ${yMm} × ${zMm} mm, ${Math.round(100 * setup.solidFraction)} % of it plastic, ` +
        `${sharpCorners ? `${sharpCorners} sharp corners` : 'all corners round'} on the plate.`,
      `On ${printer.name.toLowerCase()}: air of ${printer.chamberC} °C, on its best plate, clean.`,
    ];
    const refs = [{ model: 'warp.mitigate', inputs: { brief, family: family.key, printer } }];
    return ask.share() < 0.5 ? willIt(ask, setup, given, refs) : whatHelps(ask, setup, given, refs);
  },
};

function drawBody(ask: Asker): Brief {
  return parseBrief({
    format: 'hornblende-brief',
    version: 1,
    name: 'Body',
    geometry: {
      xMm: ask.stepped(30, 200, 10),
      yMm: ask.stepped(20, 120, 10),
      zMm: ask.stepped(4, 40, 2),
      sharpCorners: ask.pick([0, 4]),
      solidFraction: ask.pick([0.25, 0.35, 0.5, 0.9]),
    },
  });
}

function willIt(ask: Asker, setup: WarpSetup, given: string[], refs: DrillDraft['refs']): DrillDraft | null {
  const { pLift, bowMm } = warpOutcome(setup);
  const right = bands.findIndex(b => pLift >= b.from && pLift <= b.to);
  if (right < 0 || (right === 0 && ask.share() < OFTEN_HELD)) return null;
  const { from, to } = bands[right]!;
  const off = Math.min(from === 0 ? Infinity : pLift - from, to === 1 ? Infinity : to - pLift);
  if (off < INSIDE) return null;
  return {
    question: 'How often does a corner lift?',
    given,
    options: bands.map(b => b.said),
    right,
    why: `It lifts ${timesIn100(pLift)}; released, it bows ${bowMm.toFixed(2)} mm.`,
    margin: { what: 'it lies inside its band by', off: 100 * off, tolerance: 100 * INSIDE, unit: 'points' },
    refs,
    lab: 'warp',
  };
}

/** Two things done at once, and the trouble that is left. */
interface Pair {
  said: string;
  left: number;
}

function whatHelps(
  ask: Asker,
  setup: WarpSetup,
  given: string[],
  refs: DrillDraft['refs'],
): DrillDraft | null {
  const before = warpOutcome(setup).pTrouble;
  if (before < 0.25) return null;
  const list = ask.shuffled(warpMitigationsFor(setup).filter(m => told.has(m.id))).slice(0, 4);
  const pairs = list.flatMap((a, n) => list.slice(n + 1).map(b => pairOf(setup, a, b)));
  pairs.sort((a, b) => a.left - b.left);
  const [best, next] = pairs;
  if (!best || !next) return null;
  const off = next.left - best.left;
  if (off < CLEARLY_BETTER) return null;
  const wrong = ask.shuffled(pairs.slice(1)).slice(0, 3);
  return {
    question: 'Which two of these leave it lifting the least?',
    given: [...given, `As it is, it lifts or splits ${timesIn100(before)}.`],
    ...shuffledOptions(
      ask,
      best.said,
      wrong.map(p => p.said),
    ),
    why: pairs
      .filter(p => p === best || wrong.includes(p))
      .map(p => `${p.said}: ${Math.round(100 * p.left)} in 100`)
      .join('. ')
      .concat('.'),
    margin: {
      what: 'the next pair leaves more by',
      off: 100 * off,
      tolerance: 100 * CLEARLY_BETTER,
      unit: 'points',
    },
    refs,
    lab: 'warp',
  };
}

function pairOf(setup: WarpSetup, a: WarpMitigation, b: WarpMitigation): Pair {
  const said = `${capital(a.label)}, and ${b.label}`;
  return { said, left: warpOutcome(b.apply(a.apply(setup))).pTrouble };
}
