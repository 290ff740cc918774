import { timesIn100 } from '../../../lib/chance-words.js';
import { sig } from '../../../lib/figures.js';
import type { PrintAid } from '../../../brief/print-aids.js';
import type { Family } from '../../../materials/family.js';
import { aidNames } from '../../../print/aid-words.js';
import type { WarpOnPrinter } from '../../../print/warp-on-printer.js';
import type { Printer } from '../../../workshop/printer.js';
import type { Verdict } from '../../gate.js';
import type { CheckResult } from './check.js';

/** The warmest air that an enclosure without a heater of its own holds, °C. */
const ENCLOSURE_C = 50;
/** What holds an edge down that lifts. */
const EDGE_AIDS: readonly PrintAid[] = ['brim', 'ears'];
/** Chances of lifting or splitting from which printing is blocked, and from which it is a gamble. */
export const AIR_CHANCE = { fail: 0.5, marginal: 0.15 };

/**
 * Whether the air around the print is warm enough for this part: by the chance that it lifts or splits there,
 * never by a bare temperature. A small part forgives.
 */
export function airCheck(
  f: Family,
  p: Printer,
  warp: WarpOnPrinter,
  pSplit: number,
  aids: readonly PrintAid[],
): CheckResult {
  const { low } = f.windows.chamberC;
  const pPlate = warp.plateLift?.pPlate ?? 0;
  const chance = Math.max(pSplit, warp.pLift, pPlate);
  const splits = pSplit > warp.pLift;
  const plateFirst = chance === pPlate && pPlate > Math.max(pSplit, warp.pLift);
  const where = p.chamber === 'open' ? 'open air' : `${p.chamber} air`;
  const fate = plateFirst
    ? 'pulls the plate off its magnets'
    : splits
      ? 'splits between its layers'
      : 'lifts at a corner';
  return {
    id: 'chamber',
    verdict: airVerdict(chance),
    need: AIR_CHANCE.marginal,
    have: chance,
    unit: 'chance of lifting',
    why: `In ${where} at ${sig(p.chamberC, 2)} °C this part ${fate} ${timesIn100(chance)}.`,
    rescue: plateFirst
      ? 'clip the plate down at its edges, or print it with less infill'
      : rescueOf(low, p.chamberC),
    ...(plateFirst || splits || EDGE_AIDS.every(aid => aids.includes(aid))
      ? {}
      : { remedy: { label: `count ${aidNames(EDGE_AIDS)}`, path: 'print.aids', value: EDGE_AIDS } }),
    marginalPoints: 0,
    working:
      plateFirst && warp.plateLift
        ? { model: 'warp.plate-lift', inputs: warp.plateLift.input }
        : { model: 'warp.lift-off', inputs: warp.liftInput },
  };
}

function airVerdict(chance: number): Verdict {
  if (chance >= AIR_CHANCE.fail) return 'fail';
  return chance >= AIR_CHANCE.marginal ? 'marginal' : 'pass';
}

/** What would hold it down: warmer air where the family wants it, else less part. */
function rescueOf(wantedC: number, hasC: number): string {
  if (wantedC <= hasC + 2) return 'round its corners, add a brim or ears, or print it with less infill';
  return wantedC <= ENCLOSURE_C
    ? `passes in an enclosure that holds ${wantedC} °C, or smaller and rounder`
    : `passes in a heated chamber at ${wantedC} °C, or smaller and rounder`;
}
