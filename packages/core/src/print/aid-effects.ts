import type { Brief } from '../brief/brief.js';
import type { PrintAid } from '../brief/print-aids.js';
import type { Family } from '../materials/family.js';
import type { Printer } from '../workshop/printer.js';
import type { Ask } from './difficulty.js';
import { bothTweaks, type WarpTweaks } from './warp-tweaks.js';

/** Width of a brim, and radius of the discs at corners, mm. */
export const BRIM_MM = 8;
/** Discs are so many layers thick. */
const EAR_LAYERS = 2;
/** What half an hour of preheating adds to the air in a closed printer, K; an estimate. */
export const PREHEAT_K = 5;
/** Estimates of what is known to help but not worked out from first principles: factors of the edge's hold. */
export const SLOW_FIRST_LAYER_HOLDS = 1.25;
/** What of the bow is left where a part cools on the plate before it is taken off; an estimate. */
export const COOLED_ON_PLATE = 0.85;
/** Hours that the machine stands for preheating and for cooling. */
const STANDS_H = { preheat: 0.5, cool: 0.25 };
/** What each asks of whoever prints, as points of difficulty; estimates beside those of `difficulty.ts`. */
const POINTS: Readonly<Record<PrintAid, number>> = {
  brim: 0.15,
  ears: 0.2,
  'first-layer': 0.05,
  preheat: 0.15,
  cool: 0.05,
  dried: 0.3,
};
const ASK_LABELS: Readonly<Record<PrintAid, string>> = {
  brim: 'trimming a brim',
  ears: 'cutting off discs',
  'first-layer': 'a slow first layer',
  preheat: 'preheating',
  cool: 'cooling on the plate',
  dried: 'drying just before',
};

/** What the ticked aids change of how a part warps on a printer. */
export function aidTweaks(aids: readonly PrintAid[], f: Family, p: Printer | null): WarpTweaks {
  const effects: Readonly<Record<PrintAid, WarpTweaks>> = {
    brim: { brimMm: BRIM_MM },
    ears: { cornersHeld: true },
    'first-layer': { holdFactor: SLOW_FIRST_LAYER_HOLDS },
    preheat: p && p.chamber !== 'open' ? { airC: preheatedC(f, p) } : {},
    cool: { bowShare: COOLED_ON_PLATE },
    dried: {},
  };
  return aids.map(aid => effects[aid]).reduce(bothTweaks, {});
}

/** The air of a printer whose bed was heated before, no warmer than the family bears, °C. */
function preheatedC(f: Family, p: Printer): number {
  const { high } = f.windows.chamberC;
  return Math.min(high, Math.max(p.chamberC, Math.min(high, p.chamberC + PREHEAT_K)));
}

/** What the ticked aids ask besides. */
export function aidAsks(aids: readonly PrintAid[]): Ask[] {
  return aids.map(aid => ({ label: ASK_LABELS[aid], points: POINTS[aid], keeps: 1 }));
}

/**
 * What the ticked aids take: plastic that is cut away, cm³, and hours of the machine beside the print.
 * @param flowMm3s at which the first layer is printed
 */
export function aidCosts(brief: Brief, flowMm3s: number): { aidCm3: number; aidHours: number } {
  const { aids, layerMm } = brief.print;
  const { xMm, yMm, sharpCorners } = brief.geometry;
  const has = (aid: PrintAid): boolean => aids.includes(aid);
  const disc = Math.PI * BRIM_MM * BRIM_MM;
  const brimMm3 = has('brim') ? (2 * (xMm + yMm) * BRIM_MM + disc) * layerMm : 0;
  // A quarter of each disc lies under the part.
  const earsMm3 = has('ears') ? sharpCorners * 0.75 * disc * layerMm * EAR_LAYERS : 0;
  const slowHours = has('first-layer') ? (xMm * yMm * layerMm) / flowMm3s / 3600 : 0;
  const stands = (has('preheat') ? STANDS_H.preheat : 0) + (has('cool') ? STANDS_H.cool : 0);
  return { aidCm3: (brimMm3 + earsMm3) / 1000, aidHours: slowHours + stands };
}

const driedOf = new WeakMap<Family, Family>();

/** A family whose spool is dried just before, where that is ticked; the same object each time. */
export function driedFirst(aids: readonly PrintAid[], f: Family): Family {
  if (!aids.includes('dried')) return f;
  const known = driedOf.get(f);
  if (known) return known;
  const dried: Family = { ...f, spool: 'dried first' };
  driedOf.set(f, dried);
  return dried;
}
