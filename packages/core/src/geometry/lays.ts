import { BufferAttribute, BufferGeometry } from 'three';
import { MeshBVH } from 'three-mesh-bvh';
import { sharpCorners, type SharpCorner } from './corners.js';
import { extent } from './extent.js';
import type { Mesh, MeshProgress } from './mesh.js';
import { footFill } from './foot-fill.js';
import { facingOut } from './outward.js';
import { overhangMm2 } from './overhang.js';
import { outlinesMm2, plateOutline } from './plate-outline.js';
import { hullOf, restOn, rests, type Rest } from './rests.js';
import { deepShares } from './slices.js';
import { soundness } from './soundness.js';
import { supportUnder, type Support } from './support.js';
import { dot, turnedHeap, type Xyz } from './turn.js';

/** A shape as it can be laid on the plate, measured. */
export interface Lay extends Rest {
  /** Sizes as laid, the longer side along X, mm. */
  xMm: number;
  yMm: number;
  zMm: number;
  /** The lowest corner of its box once it is turned: where it stands from. */
  lowMm: Xyz;
  /** Area of the outline on the plate, and its sharp corners from its own corner of the plate, mm. */
  footprintMm2: number;
  sharpCorners: SharpCorner[];
  overhangMm2: number;
  support: Support;
  /**
   * What the eye sees, mm²: the whole surface, gentle slopes that layers leave as steps, and what supports touch.
   */
  look: { surfaceMm2: number; steppedMm2: number; scarMm2: number };
  /** The same for every way to lay a shape: it is measured once. */
  volumeMm3: number;
  /** Whether the shape encloses a volume; where it does not, what hangs on its volume is a guess. */
  closed: boolean;
  /** What lies how deep: see `insideShare`; null where the shape is not closed. */
  deepShares: number[] | null;
  /** How full it is over its footprint: see `footFill`; null where it does not stand on the plate. */
  footFill: number[] | null;
}

/** Slopes between these angles from level show their layers as steps, deg. */
const STEPS = { fromDeg: 1, toDeg: 30 };

/** A shape, readied for being laid in many ways. */
interface Ground {
  positions: Float32Array;
  tree: MeshBVH;
  gridMm: number;
  volumeMm3: number;
  closed: boolean;
}

/** Every way that a shape can be laid, measured; the first is as it is in its file. */
export function laysOf(
  { positions }: Pick<Mesh, 'positions'>,
  progress: MeshProgress = () => undefined,
): Lay[] {
  const ground = groundOf(positions);
  const ways = rests(hullOf(ground.positions));
  const lays: Lay[] = [];
  for (const [i, rest] of ways.entries()) {
    const lay = measured(ground, rest, done => progress((i + done) / ways.length), lays);
    if (!lays.some(l => isAlike(l, lay))) lays.push(lay);
  }
  return lays;
}

/** A shape laid with one direction of its file up, measured. */
export function layWith({ positions }: Pick<Mesh, 'positions'>, up: Xyz): Lay {
  const ground = groundOf(positions);
  return measured(ground, restOn(hullOf(ground.positions), up), () => undefined);
}

function groundOf(asRead: Float32Array): Ground {
  const positions = facingOut(asRead);
  const { lowMm, highMm, volumeMm3 } = extent(positions);
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(positions.slice(), 3));
  const { gridMm, solid } = soundness(positions, Math.max(...highMm.map((h, k) => h - lowMm[k]!)));
  return { positions, tree: new MeshBVH(geometry), gridMm, volumeMm3, closed: solid.openEdges === 0 };
}

/** Whether a shape lies the same way round whichever of two lays it has: the other side of a flat part. */
function isAlike(a: Lay, b: Lay): boolean {
  if (Math.abs(dot(a.up, b.up)) < 1 - 1e-6 || a.steady !== b.steady) return false;
  const figures = (l: Lay): number[] => [
    l.footprintMm2,
    l.sharpCorners.length,
    l.overhangMm2,
    l.support.volumeMm3,
    l.support.scarMm2,
  ];
  const others = figures(b);
  return figures(a).every((f, i) => Math.abs(f - others[i]!) <= 1e-3 * Math.max(1, f));
}

/** @param others lays that are measured already: turned over, a shape lies as deep as before */
function measured(
  { positions, tree, gridMm, volumeMm3, closed }: Ground,
  rest: Rest,
  progress: MeshProgress,
  others: readonly Lay[] = [],
): Lay {
  const heap = turnedHeap(positions, rest.turn);
  const { lowMm, highMm, surfaceMm2 } = extent(heap);
  const [xMm, yMm, zMm] = highMm.map((h, k) => h - lowMm[k]!) as [number, number, number];
  const support = supportUnder(tree, rest.turn, { lowMm, highMm });
  const turnedOver = others.find(o => dot(o.up, rest.up) < -1 + 1e-9);
  const outlines = plateOutline(heap, { lowMm, highMm }, gridMm);
  const footprintMm2 = outlinesMm2(outlines);
  return {
    ...rest,
    xMm,
    yMm,
    zMm,
    lowMm,
    footprintMm2,
    sharpCorners: outlines
      .flatMap(sharpCorners)
      .map(c => ({ ...c, xMm: c.xMm - lowMm[0], yMm: c.yMm - lowMm[1] })),
    overhangMm2: overhangMm2(heap, lowMm[2]),
    support,
    look: { surfaceMm2, steppedMm2: steppedMm2(heap), scarMm2: support.scarMm2 },
    volumeMm3,
    closed,
    deepShares: closed ? (turnedOver?.deepShares ?? deepShares(heap, gridMm, progress)) : null,
    footFill: footFill(heap, lowMm[2], highMm[2], footprintMm2),
  };
}

/** Area of faces that lean gently, looking up or down. */
function steppedMm2(heap: Float32Array): number {
  const level = Math.cos((STEPS.fromDeg * Math.PI) / 180);
  const steep = Math.cos((STEPS.toDeg * Math.PI) / 180);
  let area = 0;
  for (let i = 0; i < heap.length; i += 9) {
    const ux = heap[i + 3]! - heap[i]!;
    const uy = heap[i + 4]! - heap[i + 1]!;
    const uz = heap[i + 5]! - heap[i + 2]!;
    const vx = heap[i + 6]! - heap[i]!;
    const vy = heap[i + 7]! - heap[i + 1]!;
    const vz = heap[i + 8]! - heap[i + 2]!;
    const nx = uy * vz - uz * vy;
    const ny = uz * vx - ux * vz;
    const nz = ux * vy - uy * vx;
    const twice = Math.sqrt(nx * nx + ny * ny + nz * nz);
    const flat = Math.abs(nz) / twice;
    if (flat > steep && flat < level) area += twice / 2;
  }
  return area;
}
