import { slopeOf, strainPlace, type CellSize } from './brick.js';
import type { Stiffness } from './elasticity.js';
import { cellPlace, type CellGrid } from './grid.js';
import { hadamard } from './hadamard.js';
import type { Level } from './level.js';

/** What each cell bears, by cell of the level, MPa. */
export interface CellStress {
  /** In the plane of the layers, as von Mises has it. */
  along: Float32Array;
  /** Tension on the layers; pressing them together is none. */
  across: Float32Array;
  /** Shear between layers. */
  shear: Float32Array;
  /** Both together, as the tension on the layers that is as hard on them: √(σ_zz² + (τ/0.6)²). */
  between: Float32Array;
}

/** Strength of layers in shear, as a share of their strength in tension. */
const SHEAR_OF_TENSION = 0.6;

/** Places of a cell at which it is asked: its middle, and the middles of its faces. */
const MIDDLE = [[0, 0, 0]] as const;
const FACES = [
  [-1, 0, 0],
  [1, 0, 0],
  [0, -1, 0],
  [0, 1, 0],
  [0, 0, -1],
  [0, 0, 1],
] as const;

/** Cells less filled than this are told nothing of. */
const LEAST_TOLD = 0.5;

/**
 * Where a cell of a grid is asked for its stress. One of plastic alone, among such, at its faces: a bent wall bears
 * most there. One that the surface cuts, or that lies beside such a one, in its middle: its faces lie outside, or on
 * the steps that stand for the surface. One that is hardly filled not at all: its neighbour within tells more.
 */
export function askedAt({ counts, filled }: CellGrid, c: number): 'faces' | 'middle' | 'not' {
  const share = filled[c]!;
  if (share < LEAST_TOLD) return 'not';
  if (share < 1) return 'middle';
  const [nx, ny] = counts;
  const at = cellPlace(c, counts);
  const steps = [1, nx, nx * ny];
  const isCut = (axis: number, way: number): boolean => {
    const place = at[axis]! + way;
    if (place < 0 || place >= counts[axis]!) return false;
    const next = filled[c + way * steps[axis]!]!;
    return next > 0 && next < 1;
  };
  return [0, 1, 2].some(axis => isCut(axis, -1) || isCut(axis, 1)) ? 'middle' : 'faces';
}

/**
 * The stresses in every cell.
 * @param u displacements, three a node, mm
 * @param asked where a cell is asked: see `askedAt`
 * @param own the strain that a cell would take by itself, by cell; null for none
 */
export function cellStresses(
  { lowest, brick, steps }: Level,
  size: CellSize,
  stiffness: Stiffness,
  u: Float64Array,
  asked: (c: number) => 'faces' | 'middle' | 'not',
  own: ((c: number) => readonly number[]) | null = null,
): CellStress {
  const found: CellStress = {
    along: new Float32Array(lowest.length),
    across: new Float32Array(lowest.length),
    shear: new Float32Array(lowest.length),
    between: new Float32Array(lowest.length),
  };
  const v = new Float64Array(24);
  const strain = new Float64Array(6);
  const bubbles = brick.bubbles.map(b => ({ ...b, amount: 0 }));
  for (let c = 0; c < lowest.length; c++) {
    for (let a = 0; a < 8; a++) {
      const n = 3 * (lowest[c]! + steps[a]!);
      for (let k = 0; k < 3; k++) v[8 * k + a] = u[n + k]! / 8;
    }
    for (let k = 0; k < 3; k++) hadamard(v, 8 * k);
    for (const b of bubbles) {
      const parity = 1 << b.component;
      b.amount = [0, 1, 2].reduce((s, k) => s + b.of[k]! * v[8 * k + (parity ^ (1 << k))]!, 0);
    }
    const apart = own?.(c);
    const where = asked(c);
    if (where === 'not') continue;
    for (const at of where === 'faces' ? FACES : MIDDLE) {
      strainAt(v, bubbles, size, at, strain);
      if (apart) for (let i = 0; i < 6; i++) strain[i]! -= apart[i]!;
      const s = (i: number): number => {
        const row = stiffness[i]!;
        return i < 3
          ? row[0]! * strain[0]! + row[1]! * strain[1]! + row[2]! * strain[2]!
          : row[i]! * strain[i]!;
      };
      const [xx, yy, zz, yz, xz, xy] = [s(0), s(1), s(2), s(3), s(4), s(5)] as const;
      found.along[c] = Math.max(found.along[c]!, Math.sqrt(xx * xx - xx * yy + yy * yy + 3 * xy * xy));
      const sliding = Math.hypot(yz, xz);
      found.across[c] = Math.max(found.across[c]!, zz);
      found.shear[c] = Math.max(found.shear[c]!, sliding);
      found.between[c] = Math.max(found.between[c]!, Math.hypot(Math.max(0, zz), sliding / SHEAR_OF_TENSION));
    }
  }
  return found;
}

function strainAt(
  v: Float64Array,
  bubbles: readonly { component: number; axis: number; amount: number }[],
  size: CellSize,
  at: readonly number[],
  strain: Float64Array,
): void {
  strain.fill(0);
  for (let component = 0; component < 3; component++)
    for (let axis = 0; axis < 3; axis++) {
      let slope = 0;
      for (let m = 1; m < 8; m++) slope += v[8 * component + m]! * slopeOf(m, axis, at);
      strain[strainPlace(component, axis)]! += (2 / size[axis]!) * slope;
    }
  for (const { component, axis, amount } of bubbles)
    strain[strainPlace(component, axis)]! -= (4 / size[axis]!) * at[axis]! * amount;
}

/** A stress that a share of the volume stays under, and the worst cell of all. */
export interface Peak {
  MPa: number;
  atMm: readonly [number, number, number];
  /** The single worst cell: at a sharp inner corner or the edge of what is held it grows with every finer grid. */
  worstMPa: number;
}

/** Steps between nothing and the highest value, to find the uppermost cells without putting all in order. */
const STEPS = 2048;

/** The cells that hold the uppermost of the values, from the highest down: at least so much volume, and one more. */
function uppermost(values: Float32Array, volumes: Float64Array, volume: number): Uint32Array {
  const most = values.reduce((m, v) => Math.max(m, v), 0);
  const stepOf = (v: number): number => (most > 0 ? Math.min(STEPS - 1, Math.floor((v / most) * STEPS)) : 0);
  const held = new Float64Array(STEPS);
  values.forEach((v, c) => (held[stepOf(v)]! += volumes[c]!));
  let from = STEPS - 1;
  for (let over = held[from]!; from > 0 && over <= volume * (1 + 1e-9); over += held[from]!) from--;
  // One step more than reaches it, for the cell that the share ends in.
  while (from > 0 && held[from - 1] === 0) from--;
  const lowest = Math.max(0, from - 1);
  return Uint32Array.from(values.keys())
    .filter(c => stepOf(values[c]!) >= lowest)
    .sort((a, b) => values[b]! - values[a]!);
}

/** Share of the volume that a peak stands over. */
const UNDER_PEAK = 0.999;

/**
 * The stress under which 99.9 % of the volume stays, and where the worst of it is.
 * @param values by cell
 * @param volumes of the cells, in any unit
 */
export function peakOf(
  values: Float32Array,
  volumes: Float64Array,
  at: (c: number) => readonly [number, number, number],
): Peak {
  const whole = volumes.reduce((s, v) => s + v, 0);
  const highest = uppermost(values, volumes, (1 - UNDER_PEAK) * whole);
  let over = 0;
  let peak = values[highest[0] ?? 0] ?? 0;
  // From the highest down, while what lies above it is no more than the share that may.
  for (const c of highest) {
    if (over > (1 - UNDER_PEAK) * whole * (1 + 1e-12)) break;
    peak = values[c]!;
    over += volumes[c]!;
  }
  const worst = highest[0] ?? 0;
  return { MPa: peak, atMm: at(worst), worstMPa: values[worst]! };
}
