import type { Family } from '../materials/family.js';
import { aidAsks, driedFirst } from '../print/aid-effects.js';
import { plateLengthMm } from '../brief/size.js';
import { bakingAsk, difficultyOf, keptOf, levellingAsk, type Ask } from '../print/difficulty.js';
import { warpOnPrinter, type WarpOnPrinter } from '../print/warp-on-printer.js';
import { successByRecord, type SuccessByRecord } from '../print/success-record.js';
import { splitChance } from '../print/splitting.js';
import type { Context } from './context.js';
import type { Gate } from './gate.js';
import { linesCheck } from './gates/printing/lines.js';
import { airCheck } from './gates/printing/chamber.js';
import { gateOfCheck, printingChecks } from './printing-checks.js';

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
  /** Chance that the first print succeeds, 0…1, with what the printer's own log says of it. */
  success: number;
  /** The same by the models alone. */
  modelSuccess: number;
  /** What the printer's own log says of the family; null where it says nothing that bears on it. */
  record: SuccessByRecord | null;
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

/**
 * Runs every check of a family on the context's printer, or on none.
 * @param baked whether it is judged as baked after printing
 */
export function printability(ctx: Context, family: Family, baked = false): Printability {
  const { printer } = ctx;
  const { aids } = ctx.brief.print;
  const f = driedFirst(aids, family);
  const checked = printingChecks(f, printer);
  const warp = warpOnPrinter(ctx.brief, f, printer, ctx.solidFraction);
  const pSplit = splitChance(ctx.brief, f, warp.bowInput.chamberC);
  const lines = printer && linesCheck(printer, ctx.brief.print);
  const levelling = levellingAsk(printer, plateLengthMm(ctx.brief));
  const asks = [
    ...checked.asks,
    ...(levelling ? [levelling] : []),
    ...aidAsks(aids),
    ...(baked ? [bakingAsk] : []),
    { label: 'splitting', points: LIFT_POINTS * pSplit },
  ].filter(a => a.points > 0);
  const lifting = { label: 'lifting', points: LIFT_POINTS * warp.pLift };
  const { plateLift } = warp;
  const factors = [
    ...asks.map(a => ({ label: a.label, factor: keptOf(a) })),
    { label: 'lifting', factor: 1 - LIFT_SHARE * warp.pLift },
    ...(plateLift ? [{ label: 'a plate off its magnets', factor: 1 - LIFT_SHARE * plateLift.pPlate }] : []),
  ];
  const modelSuccess = factors.reduce((product, x) => product * x.factor, BASE_SUCCESS);
  const byRecord = successByRecord(modelSuccess, printer?.record ?? null, f.grade?.family ?? f.key);
  return {
    // The air's share of the difficulty is the chance itself, above.
    gates: [
      ...checked.gates,
      ...(lines ? [gateOfCheck(lines)] : []),
      ...(printer ? [gateOfCheck(airCheck(f, printer, warp, pSplit, aids))] : []),
    ],
    pSplit,
    success: byRecord.success,
    modelSuccess,
    record: printer?.record?.prints.length ? byRecord : null,
    difficulty: difficultyOf([...asks, lifting]),
    asks: [...asks, lifting],
    factors,
    ...warp,
  };
}
