import type { Lay } from './lays.js';
import { hangingMm2, hangingSine } from './overhang.js';
import { turned, turnedHeap, type Xyz } from './turn.js';
import type { WallPlace } from './walls.js';
import { weld, type Welded } from './weld.js';

/** A place on a laid shape that wants looking at, from its own corner of the plate, mm. */
export interface MarkedPlace {
  kind: 'corner' | 'overhang' | 'thin';
  atMm: Xyz;
  /** Corners: between their sides, deg; overhangs: their area, mm²; thin walls: their thickness, mm. */
  figure: number;
}

/** How many places of one kind are told. */
const MOST_PLACES = 12;
/** Thin walls closer than this are one place, as a share of the shape's size. */
const NEAR_SHARE = 0.12;

/**
 * What of a shape wants looking at as it lies: sharp corners on the plate, what hangs over, and its thinnest walls.
 * @param positions the shape as its file has it, nine coordinates a triangle, mm; triangles face outwards
 * @param walls its walls, from `wallPlaces`: they are as thin however it lies
 * @param thinMm walls under this are told
 */
export function markedPlaces(
  lay: Pick<Lay, 'turn' | 'lowMm' | 'sharpCorners' | 'xMm' | 'yMm' | 'zMm'>,
  positions: Float32Array,
  walls: readonly WallPlace[],
  thinMm: number,
): MarkedPlace[] {
  const { turn, lowMm } = lay;
  const from = (p: Xyz): Xyz => [p[0] - lowMm[0], p[1] - lowMm[1], p[2] - lowMm[2]];
  const corners = lay.sharpCorners
    .map((c): MarkedPlace => ({ kind: 'corner', atMm: [c.xMm, c.yMm, 0], figure: c.angleDeg }))
    .sort((a, b) => a.figure - b.figure);
  const hanging = overhangs(turnedHeap(positions, turn), lowMm[2])
    .map((o): MarkedPlace => ({ kind: 'overhang', atMm: from(o.at), figure: o.areaMm2 }))
    .sort((a, b) => b.figure - a.figure);
  const nearMm = NEAR_SHARE * Math.max(lay.xMm, lay.yMm, lay.zMm);
  const thin = apart(
    walls
      .filter(w => w.thickMm < thinMm)
      .sort((a, b) => a.thickMm - b.thickMm)
      .map((w): MarkedPlace => ({ kind: 'thin', atMm: from(turned(turn, w.atMm)), figure: w.thickMm })),
    nearMm,
  );
  return [...corners.slice(0, MOST_PLACES), ...hanging.slice(0, MOST_PLACES), ...thin];
}

/** The first of places that lie near each other, as many as are told. */
function apart(places: readonly MarkedPlace[], nearMm: number): MarkedPlace[] {
  const kept: MarkedPlace[] = [];
  for (const p of places) {
    if (kept.length === MOST_PLACES) break;
    if (kept.every(k => distance(k.atMm, p.atMm) > nearMm)) kept.push(p);
  }
  return kept;
}

interface Piece {
  /** Its middle by area. */
  at: Xyz;
  areaMm2: number;
}

/** What hangs over, each piece that hangs together as one. */
function overhangs(heap: Float32Array, plateMm: number): Piece[] {
  const steepest = hangingSine();
  const hanging: (Piece & { triangle: number })[] = [];
  for (let i = 0; i < heap.length; i += 9) {
    const areaMm2 = hangingMm2(heap, i, plateMm, steepest);
    if (areaMm2 === 0) continue;
    const middle = (k: number): number => (heap[i + k]! + heap[i + k + 3]! + heap[i + k + 6]!) / 3;
    hanging.push({ triangle: i / 9, at: [middle(0), middle(1), middle(2)], areaMm2 });
  }
  return hanging.length ? together(weld(heap), hanging) : [];
}

/** Joins triangles that share a vertex (union and find). */
function together(
  { corners, vertexCount }: Welded,
  triangles: readonly (Piece & { triangle: number })[],
): Piece[] {
  const parent = Uint32Array.from({ length: vertexCount }, (_, i) => i);
  const root = (v: number): number => {
    let r = v;
    while (parent[r] !== r) r = parent[r] = parent[parent[r]!]!;
    return r;
  };
  for (const { triangle: t } of triangles)
    for (const k of [1, 2]) parent[root(corners[3 * t]!)] = root(corners[3 * t + k]!);
  const groups = new Map<number, Piece>();
  for (const { triangle, at, areaMm2 } of triangles) {
    const name = root(corners[3 * triangle]!);
    const group = groups.get(name) ?? { at, areaMm2: 0 };
    const all = group.areaMm2 + areaMm2;
    const mean = (k: 0 | 1 | 2): number => (group.at[k] * group.areaMm2 + at[k] * areaMm2) / all;
    groups.set(name, { at: [mean(0), mean(1), mean(2)], areaMm2: all });
  }
  return [...groups.values()];
}

function distance(a: Xyz, b: Xyz): number {
  return Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
}
