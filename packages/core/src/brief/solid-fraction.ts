import { insideShare } from '../geometry/depth-grid.js';
import { bisect } from '../lib/bisect.js';
import { coreShare } from '../models/infill-pattern.js';
import type { Brief } from './brief.js';

/**
 * How thick the part's plastic is, mm: its wall, or, where its model is known to fill more of its box than
 * such walls would, the thickness of a shell of that volume.
 */
export function bodyThicknessMm({ geometry: g }: Pick<Brief, 'geometry'>): number {
  if (g.volumeCm3 === null) return g.wallMm;
  const boxMm3 = g.xMm * g.yMm * g.zMm;
  const filled = Math.min(1, (g.volumeCm3 * 1000) / boxMm3);
  const thickest = Math.min(g.xMm, g.yMm, g.zMm) / 2;
  const shellShare = (t: number): number =>
    1 - ((g.xMm - 2 * t) * (g.yMm - 2 * t) * (g.zMm - 2 * t)) / boxMm3;
  return Math.max(
    g.wallMm,
    bisect(t => shellShare(t) - filled, 0, thickest),
  );
}

/**
 * Share of the model that is plastic once sliced: as said, else as its own shape has it, else what walls, top,
 * bottom and infill make of a body of its thickness (half of its faces stand, half lie).
 */
export function solidFractionOf(brief: Pick<Brief, 'geometry' | 'print'>): number {
  if (brief.geometry.solidFraction !== null) return brief.geometry.solidFraction;
  const { walls, lineMm, topLayers, bottomLayers, layerMm, infill, pattern } = brief.print;
  const standing = 2 * walls * lineMm;
  const lying = (topLayers + bottomLayers) * layerMm;
  const { deepShares } = brief.geometry;
  const core = deepShares
    ? insideShare(deepShares, standing / 2, lying / 2)
    : Math.max(0, 1 - (standing + lying) / 2 / bodyThicknessMm(brief));
  return Math.max(0.01, 1 - core * (1 - coreShare(infill, pattern)));
}
