import type { Brief } from '../brief/brief.js';
import { solidFractionOf } from '../brief/solid-fraction.js';
import { bisect } from '../lib/bisect.js';
import { timesIn100 } from '../lib/chance-words.js';
import { sig } from '../lib/figures.js';
import type { Family } from '../materials/family.js';
import { splitChance } from '../print/splitting.js';
import { warpOnPrinter, type WarpOnPrinter } from '../print/warp-on-printer.js';
import type { WarpTweaks } from '../print/warp-tweaks.js';
import type { Printer } from '../workshop/printer.js';

/** All that decides how a part warps. */
export interface WarpSetup {
  brief: Brief;
  family: Family;
  printer: Printer | null;
  solidFraction: number;
  tweaks: WarpTweaks;
}

/** How a part warps: what it bows, and how likely it is lost on the way. */
export interface WarpOutcome extends WarpOnPrinter {
  bowMm: number;
  pSplit: number;
  /** Chance that it lifts, lifts its plate, or splits. */
  pTrouble: number;
}

/** Runs the model for a setup. */
export function warpOutcome({ brief, family, printer, solidFraction, tweaks }: WarpSetup): WarpOutcome {
  const warp = warpOnPrinter(brief, family, printer, solidFraction, tweaks);
  const pSplit = splitChance(brief, family, warp.bowInput.chamberC);
  const pPlate = warp.plateLift?.pPlate ?? 0;
  const pTrouble = 1 - (1 - warp.pLift) * (1 - pPlate) * (1 - pSplit);
  return { ...warp, bowMm: warp.bow.bowMm, pSplit, pTrouble };
}

/**
 * The height at which lifting begins: where a corner is as likely to have let go as not, mm. Null where it is not that
 * likely at the part's full height.
 */
export function liftsFromMm(setup: WarpSetup): number | null {
  const { brief } = setup;
  const doubt = (zMm: number): number => {
    const grown = { ...brief, geometry: { ...brief.geometry, zMm } };
    return warpOnPrinter(grown, setup.family, setup.printer, setup.solidFraction, setup.tweaks).pLift - 0.5;
  };
  const { zMm } = brief.geometry;
  return doubt(zMm) < 0 ? null : bisect(doubt, 0, zMm);
}

/** The setup of a brief in a family on a printer, as it is now. */
export function warpSetup(brief: Brief, family: Family, printer: Printer | null): WarpSetup {
  return { brief, family, printer, solidFraction: solidFractionOf(brief), tweaks: {} };
}

/** How a part warps, in a sentence. */
export function warpSentence({ bowMm, pLift, pSplit, plateLift }: WarpOutcome, lengthMm: number): string {
  const pPlate = plateLift?.pPlate ?? 0;
  const off = pPlate >= 0.02 ? `, pulls the plate off its magnets ${timesIn100(pPlate)}` : '';
  const split = pSplit >= 0.02 ? `, splits between its layers ${timesIn100(pSplit)}` : '';
  return `Over ${sig(lengthMm, 3)} mm it bows ${sig(bowMm, 2)} mm; a corner lifts ${timesIn100(pLift)}${off}${split}.`;
}
