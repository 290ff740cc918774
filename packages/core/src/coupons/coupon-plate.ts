import type { Font } from 'opentype.js';
import potpack from 'potpack';
import { InputError } from '../input/parse.js';
import { extent } from '../geometry/extent.js';
import { makeCoupon } from './make-coupon.js';

/** Some pieces of one kind. */
export interface PlatePiece {
  kind: string;
  count: number;
}

/** A plate with pieces on it. */
export interface CouponPlate {
  /** Each piece where it lies, nine coordinates a triangle, mm; the plate's corner is the origin. */
  pieces: Float32Array[];
  /** What they cover, from the plate's corner, mm. */
  coveredMm: [number, number];
}

/** Room between pieces, so that a brim of three lines fits around each, mm. */
const APART_MM = 5;
/** Pieces that one plate may hold: more is no trial. */
const MOST_PIECES = 120;

/**
 * Lays pieces on one plate, each with a code of its own where there is a mark: “A1”, “A2” and so on.
 * @param buildMm the plate, x and y
 * @throws InputError where they do not fit, or a kind is none
 */
export async function couponPlate(
  wanted: readonly PlatePiece[],
  buildMm: readonly [number, number],
  engrave: { mark: string; font: Font } | null = null,
): Promise<CouponPlate> {
  const count = wanted.reduce((n, p) => n + p.count, 0);
  if (count < 1 || count > MOST_PIECES)
    throw new InputError([
      { field: 'pieces', value: count, message: `must be 1 to ${MOST_PIECES} pieces on a plate` },
    ]);
  const shapes: Float32Array[] = [];
  for (const { kind, count: of } of wanted)
    for (let n = 0; n < of; n++) {
      const code = engrave ? { code: `${engrave.mark}${shapes.length + 1}` } : {};
      shapes.push(await makeCoupon(kind, code, engrave?.font ?? null));
    }
  return packed(shapes, buildMm);
}

function packed(shapes: readonly Float32Array[], [xMm, yMm]: readonly [number, number]): CouponPlate {
  // Each piece is as much larger as the room beside it; the last one in a row needs none.
  const boxes = shapes.map(shape => {
    const { lowMm, highMm } = extent(shape);
    return { w: highMm[0] - lowMm[0] + APART_MM, h: highMm[1] - lowMm[1] + APART_MM, x: 0, y: 0, shape };
  });
  const { w, h } = potpack(boxes);
  const coveredMm: [number, number] = [w - APART_MM, h - APART_MM];
  // What is packed wide may fit a deep plate, turned by a quarter.
  const turned = coveredMm[0] > xMm || coveredMm[1] > yMm;
  const [across, deep] = turned ? [coveredMm[1], coveredMm[0]] : coveredMm;
  if (across > xMm || deep > yMm)
    throw new InputError([
      {
        field: 'pieces',
        value: shapes.length,
        message:
          `must fit the plate of ${xMm} × ${yMm} mm: together they want ` +
          `${Math.ceil(coveredMm[0])} × ${Math.ceil(coveredMm[1])} mm; print fewer at once`,
      },
    ]);
  return {
    pieces: boxes.map(b =>
      turned
        ? laid(b.shape, coveredMm[1] - (b.y + b.h - APART_MM), b.x, true)
        : laid(b.shape, b.x, b.y, false),
    ),
    coveredMm: [across, deep],
  };
}

/** A piece with its corner at a place, turned by a quarter where it lies so. */
function laid(shape: Float32Array, x: number, y: number, turned: boolean): Float32Array {
  const { lowMm: min, highMm: max } = extent(shape);
  const out = new Float32Array(shape.length);
  for (let i = 0; i < shape.length; i += 3) {
    const px = shape[i]! - min[0];
    const py = shape[i + 1]! - min[1];
    // A quarter to the left: what was the width becomes the depth, and nothing is mirrored.
    out[i] = x + (turned ? max[1] - min[1] - py : px);
    out[i + 1] = y + (turned ? px : py);
    out[i + 2] = shape[i + 2]! - min[2];
  }
  return out;
}
