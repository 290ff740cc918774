import type { Family } from '../materials/family.js';
import { asksOf, type Ask } from '../print/difficulty.js';
import type { Printer } from '../workshop/printer.js';
import type { Gate } from './gate.js';
import { bedCheck } from './gates/printing/bed.js';
import { boreCheck } from './gates/printing/bore.js';
import type { CheckResult, PrintingCheck } from './gates/printing/check.js';
import { driveCheck } from './gates/printing/drive.js';
import { dryerCheck } from './gates/printing/dryer.js';
import { linerCheck } from './gates/printing/liner.js';
import { nozzleMetalCheck } from './gates/printing/nozzle-metal.js';
import { nozzleCheck } from './gates/printing/nozzle.js';
import { plateCheck } from './gates/printing/plate.js';
import { ventilationCheck } from './gates/printing/ventilation.js';

/** What a family meets on a printer whatever the part: the gates, and what is asked of printer and keeper. */
export interface PrintingChecks {
  gates: readonly Gate[];
  asks: readonly Ask[];
}

const checks: readonly PrintingCheck[] = [
  nozzleCheck,
  boreCheck,
  linerCheck,
  bedCheck,
  driveCheck,
  nozzleMetalCheck,
  plateCheck,
  dryerCheck,
  ventilationCheck,
];

/** Points of a check that fails: past any use. */
const FAILED_POINTS = 30;

/**
 * Kept for as long as family and printer are: neither changes once read, and a brief is ranked anew with
 * every key typed.
 */
const kept = new WeakMap<Family, WeakMap<Printer, PrintingChecks>>();

/** Every check of a family on a printer that does not look at the part; without a printer there is none. */
export function printingChecks(f: Family, printer: Printer | null): PrintingChecks {
  if (!printer) return { gates: [], asks: asksOf(f, null) };
  const byPrinter = kept.get(f) ?? new WeakMap<Printer, PrintingChecks>();
  kept.set(f, byPrinter);
  const known = byPrinter.get(printer);
  if (known) return known;
  const found = checks.flatMap(check => check(f, printer) ?? []);
  const made = {
    gates: found.map(gateOfCheck),
    asks: [...asksOf(f, printer), ...found.flatMap(c => checkAsk(c) ?? [])],
  };
  byPrinter.set(printer, made);
  return made;
}

/** A check as a gate of the candidate. */
export function gateOfCheck(check: CheckResult): Gate {
  const { id, verdict, need, have, unit, why, rescue, remedy, working } = check;
  return {
    id: `printability.${id}`,
    verdict,
    need,
    have,
    unit,
    why,
    rescue: verdict === 'pass' ? null : rescue,
    ...(remedy && verdict !== 'pass' ? { remedy } : {}),
    ...(working ? { working } : {}),
  };
}

/** What a check that is not passed with ease adds to the difficulty. */
function checkAsk(c: CheckResult): Ask | null {
  const points = { pass: 0, marginal: c.marginalPoints, fail: FAILED_POINTS }[c.verdict];
  if (points <= 0) return null;
  const keeps = c.verdict === 'marginal' && c.keeps !== undefined ? { keeps: c.keeps } : {};
  return { label: checkLabels[c.id], points, ...keeps };
}

const checkLabels: Record<CheckResult['id'], string> = {
  nozzle: 'a nozzle at its limit',
  bore: 'a narrow nozzle',
  lines: 'lines that the nozzle does not lay',
  liner: 'a liner at its limit',
  bed: 'a bed that is too cool',
  chamber: 'air that is too cool',
  drive: 'a remote drive',
  'nozzle-metal': 'a brass nozzle',
  plate: 'a poor hold on the plate',
  dryer: 'no dryer',
  ventilation: 'no ventilation',
};
