import type { Family } from '../materials/family.js';
import { asksOf, bakingAsk, difficultyOf, type Ask } from '../print/difficulty.js';
import { warpOnPrinter, type WarpOnPrinter } from '../print/warp-on-printer.js';
import { splitChance } from '../print/splitting.js';
import type { Printer } from '../workshop/printer.js';
import type { Context } from './context.js';
import type { Gate } from './gate.js';
import { bedCheck } from './gates/printing/bed.js';
import { airCheck } from './gates/printing/chamber.js';
import type { CheckResult, PrintingCheck } from './gates/printing/check.js';
import { driveCheck } from './gates/printing/drive.js';
import { dryerCheck } from './gates/printing/dryer.js';
import { linerCheck } from './gates/printing/liner.js';
import { nozzleMetalCheck } from './gates/printing/nozzle-metal.js';
import { nozzleCheck } from './gates/printing/nozzle.js';
import { plateCheck } from './gates/printing/plate.js';
import { ventilationCheck } from './gates/printing/ventilation.js';

/** One thing that lowers the chance of a first print, and what it leaves of it. */
export interface SuccessFactor {
  label: string;
  factor: number;
}

/** A family on a printer: gates that can block, how hard it is to print, how likely a first print succeeds. */
export interface Printability extends WarpOnPrinter {
  gates: Gate[];
  /** Chance that the part splits between its layers while it prints. */
  pSplit: number;
  /** Chance that the first print succeeds, 0…1. */
  success: number;
  /** Print difficulty: the sum of what is asked, the chance of lifting included. */
  difficulty: number;
  asks: Ask[];
  factors: SuccessFactor[];
}

/** Share of the prints whose edge lifts that are lost to it. */
export const LIFT_SHARE = 0.6;
/** Points of difficulty for an edge that surely lifts. */
export const LIFT_POINTS = 5;
/** Chance that a print succeeds of which nothing is asked. */
const BASE_SUCCESS = 0.98;
/** What each point of difficulty takes from the chance of success, as a rate. */
const RATE_PER_POINT = 0.045;
/** Points of a check that fails: past any use. */
const FAILED_POINTS = 30;

const checks: readonly PrintingCheck[] = [
  nozzleCheck,
  linerCheck,
  bedCheck,
  driveCheck,
  nozzleMetalCheck,
  plateCheck,
  dryerCheck,
  ventilationCheck,
];

/**
 * Runs every check of a family on the context's printer, or on none.
 * @param baked whether it is judged as baked after printing
 */
export function printability(ctx: Context, f: Family, baked = false): Printability {
  const { printer } = ctx;
  const warp = warpOnPrinter(ctx.brief, f, printer, ctx.solidFraction);
  const pSplit = splitChance(ctx.brief, f, warp.bowInput.chamberC);
  const found = printer ? checksOn(f, printer) : [];
  // The air's share of the difficulty is the chance itself, below.
  const air = printer ? [airCheck(f, printer, warp, pSplit)] : [];
  const asks = [
    ...asksOf(f, printer),
    ...(baked ? [bakingAsk] : []),
    ...found.flatMap(c => checkAsk(c) ?? []),
    { label: 'splitting', points: LIFT_POINTS * pSplit },
  ].filter(a => a.points > 0);
  const lifting = { label: 'lifting', points: LIFT_POINTS * warp.pLift };
  const factors = [
    ...asks.map(a => ({ label: a.label, factor: Math.exp(-RATE_PER_POINT * a.points) })),
    { label: 'lifting', factor: 1 - LIFT_SHARE * warp.pLift },
  ];
  return {
    gates: [...found, ...air].map(gateOf),
    pSplit,
    success: factors.reduce((product, x) => product * x.factor, BASE_SUCCESS),
    difficulty: difficultyOf([...asks, lifting]),
    asks: [...asks, lifting],
    factors,
    ...warp,
  };
}

function checksOn(f: Family, p: Printer): CheckResult[] {
  return checks.flatMap(check => check(f, p) ?? []);
}

function gateOf({ id, verdict, need, have, unit, why, rescue, working }: CheckResult): Gate {
  return {
    id: `printability.${id}`,
    verdict,
    need,
    have,
    unit,
    why,
    rescue: verdict === 'pass' ? null : rescue,
    ...(working ? { working } : {}),
  };
}

/** What a check that is not passed with ease adds to the difficulty. */
function checkAsk(c: CheckResult): Ask | null {
  const points = { pass: 0, marginal: c.marginalPoints, fail: FAILED_POINTS }[c.verdict];
  return points > 0 ? { label: checkLabels[c.id], points } : null;
}

const checkLabels: Record<CheckResult['id'], string> = {
  nozzle: 'a nozzle at its limit',
  liner: 'a liner at its limit',
  bed: 'a bed that is too cool',
  chamber: 'air that is too cool',
  drive: 'a remote drive',
  'nozzle-metal': 'a brass nozzle',
  plate: 'a poor hold on the plate',
  dryer: 'no dryer',
  ventilation: 'no ventilation',
};
