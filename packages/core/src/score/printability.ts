import type { Family } from '../materials/family.js';
import { demands } from '../print/difficulty.js';
import { warpOnPrinter, type WarpOnPrinter } from '../print/warp-on-printer.js';
import type { Printer } from '../workshop/printer.js';
import type { Context } from './context.js';
import type { Gate } from './gate.js';
import { bedCheck } from './gates/printing/bed.js';
import { chamberCheck } from './gates/printing/chamber.js';
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

/** A family on a printer: gates that can block, and how likely a first print succeeds. */
export interface Printability extends WarpOnPrinter {
  gates: Gate[];
  /** Chance that the first print succeeds, 0…1. */
  success: number;
  /** Count of imperfect checks, for the step-up school. */
  penalties: number;
  factors: SuccessFactor[];
}

/** Share of the prints whose edge lifts that are lost to it. */
export const LIFT_SHARE = 0.6;
/** Chance of lifting from which it counts as a demand of its own. */
export const LIFT_DEMAND = 0.1;
/** Chance that a print succeeds to which nothing is asked. */
const BASE_SUCCESS = 0.98;
/** What a failed check would leave of it. */
const FAILED_FACTOR = 0.2;
/** Chamber temperature from which air has to be kept warm, °C. */
const WARM_AIR_C = 30;

const checks: readonly PrintingCheck[] = [
  nozzleCheck,
  linerCheck,
  bedCheck,
  chamberCheck,
  driveCheck,
  nozzleMetalCheck,
  plateCheck,
  dryerCheck,
  ventilationCheck,
];

/** Runs every check of a family on the context's printer, or on none. */
export function printability(ctx: Context, f: Family): Printability {
  const found = ctx.printer ? checksOn(f, ctx.printer) : [];
  const warp = warpOnPrinter(ctx.brief, f, ctx.printer);
  const gates = found.map(gateOf);
  const factors = [
    ...(ctx.printer ? found.flatMap(c => checkFactors(c, f, ctx.printer)) : anyPrinterFactors(f)),
    ...keeperFactors(f),
    { label: 'lifting', factor: 1 - LIFT_SHARE * warp.pLift },
  ];
  const marginal = gates.filter(g => g.verdict === 'marginal').length;
  return {
    gates,
    success: factors.reduce((product, x) => product * x.factor, BASE_SUCCESS),
    penalties: demands(f).length + marginal + (warp.pLift > LIFT_DEMAND ? 1 : 0),
    factors,
    ...warp,
  };
}

function checksOn(f: Family, p: Printer): CheckResult[] {
  return checks.flatMap(check => check(f, p) ?? []);
}

function gateOf({ id, verdict, need, have, unit, why, rescue }: CheckResult): Gate {
  return {
    id: `printability.${id}`,
    verdict,
    need,
    have,
    unit,
    why,
    rescue: verdict === 'pass' ? null : rescue,
  };
}

/** What a check leaves of the chance of success; damp filament that cannot be dried costs besides. */
function checkFactors(c: CheckResult, f: Family, p: Printer | null): SuccessFactor[] {
  const factor = { pass: 1, marginal: c.marginalFactor, fail: FAILED_FACTOR }[c.verdict];
  const list = [{ label: c.id, factor }];
  const dryC = f.properties.dryC?.low ?? 0;
  const undried = f.flags.moisture === 'medium' && !(p?.dryerMaxC != null && p.dryerMaxC >= dryC);
  return c.id === 'dryer' && undried ? [...list, { label: 'undried', factor: 0.94 }] : list;
}

/** Without a printer in particular: what an ordinary one would make of the family. */
function anyPrinterFactors(f: Family): SuccessFactor[] {
  return [
    { label: 'chamber', factor: f.windows.chamberC.low > WARM_AIR_C ? 0.9 : 1 },
    { label: 'drive', factor: { any: 1, 'slow-bowden': 0.92, direct: 0.85 }[f.flags.drive] },
  ];
}

/** What a family asks of its keeper even when the machine has everything. */
function keeperFactors(f: Family): SuccessFactor[] {
  const asked: (SuccessFactor & { when: boolean })[] = [
    { when: true, label: 'damp spools', factor: { low: 1, medium: 0.985, high: 0.92 }[f.flags.moisture] },
    { when: f.flags.abrasive, label: 'filler clogs', factor: 0.95 },
    { when: f.flags.foaming !== null, label: 'tuning the foam', factor: 0.88 },
    { when: f.flags.bake, label: 'baking true', factor: 0.9 },
    { when: f.flags.chars, label: 'charring', factor: 0.97 },
    { when: f.windows.chamberC.low > WARM_AIR_C, label: 'keeping the air warm', factor: 0.97 },
    { when: true, label: 'stringing', factor: 1 - 0.15 * f.flags.stringing },
  ];
  return asked.filter(a => a.when).map(({ label, factor }) => ({ label, factor }));
}
