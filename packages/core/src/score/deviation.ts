import type { Water } from '../brief/choices.js';

/** Typical deviation of a well-kept FDM printer before warp and shrinkage, mm. */
const PROCESS_DEVIATION_MM = 0.12;
/** Share of the free contraction that escapes a one-figure shrinkage correction. */
const UNCORRECTED = 0.15;
/** Share of its saturated water by which a part's content swings in service. */
const WATER_SWING: Record<Water, number> = { dry: 0.15, humid: 0.4, rain: 0.5, immersed: 1 };
/** Share of an oven's shrinkage that allowing for it does not catch: it differs by direction and by print. */
const BAKED_SCATTER = 0.5;
/** The part of the uptake that shows as length. */
const SWELLING = 0.25;

/** What a part's deviation rests on. */
export interface DeviationInput {
  waterUptakePct: number;
  alphaPerK: number;
  solidificationC: number;
  crystallisationStrain: number;
  bowMm: number;
  lengthMm: number;
  water: Water;
  /** Shrinkage while it is baked, %; 0 unbaked. */
  bakedPct: number;
  /** What is left of a size by gauges printed on the same machine, once their compensation is typed in; null: none. */
  gauge: { sizeMm: number; perMm: number } | null;
}

/**
 * Expected deviation of a dimension, mm: process, uncorrected shrinkage, swelling with damp, and bow as
 * independent errors. Gauges of the same machine and family replace what is usual of the first two.
 */
export function expectedDeviationMm(i: DeviationInput): number {
  const swell = (i.waterUptakePct / 100) * SWELLING * WATER_SWING[i.water] * i.lengthMm;
  const usualShrink =
    (i.alphaPerK * Math.max(0, i.solidificationC - 23) + i.crystallisationStrain) * i.lengthMm * UNCORRECTED;
  const shrink = i.gauge ? i.gauge.perMm * i.lengthMm : usualShrink;
  const bow = i.bowMm / 2;
  const baked = (i.bakedPct / 100) * i.lengthMm * BAKED_SCATTER;
  const process = i.gauge ? i.gauge.sizeMm : PROCESS_DEVIATION_MM;
  return Math.sqrt(process * process + shrink * shrink + swell * swell + bow * bow + baked * baked);
}
