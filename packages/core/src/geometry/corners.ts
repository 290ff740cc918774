import type { Outline } from './section.js';

/** A corner of the outline on the plate that a lifting edge begins at. */
export interface SharpCorner {
  xMm: number;
  yMm: number;
  /** Between its sides, inside the material. */
  angleDeg: number;
}

/** Corners under this angle count, and those rounded by less than this radius. */
const LIMITS = { angleDeg: 120, radiusMm: 1 };
/** A rounding that turns further than this is two corners of a thin wall, rad. */
const MOST_ROUNDED_RAD = (165 * Math.PI) / 180;
/** Points closer than this are one, mm; turns smaller than this are the grain of the drawing, rad. */
const GRAIN = { mm: 1e-3, rad: 1e-4 };

/**
 * Convex corners of an outline, sharp or hardly rounded. A rounding of radius r turns by θ over a length of rθ, so a
 * stretch of outline counts as one sharp corner where it turns by more than 60° and its chords are shorter than
 * their turn times 1 mm.
 */
export function sharpCorners(outline: Outline): SharpCorner[] {
  const points = cleaned(outline);
  const n = points.length;
  if (n < 3) return [];
  const turns = points.map((p, i) => turnAt(points[(i + n - 1) % n]!, p, points[(i + 1) % n]!));
  const lengths = points.map((p, i) => distance(p, points[(i + 1) % n]!));
  const found: { from: number; count: number; turn: number }[] = [];
  for (let from = 0; from < n; from++) {
    let turn = 0;
    let length = 0;
    for (let count = 1; count <= Math.min(n, 64); count++) {
      const at = (from + count - 1) % n;
      if (turns[at]! < -GRAIN.rad) break;
      turn += turns[at]!;
      // Of the turns at both ends only the half lies on the chords between them.
      const round = turn - (turns[from]! + turns[at]!) / 2;
      const isOne = count === 1 || (turn < MOST_ROUNDED_RAD && length < LIMITS.radiusMm * round);
      if (isOne && isSharp(turn)) found.push({ from, count, turn });
      length += lengths[at]!;
      if (length > Math.PI * LIMITS.radiusMm) break;
    }
  }
  return apart(found, n).map(({ from, count, turn }) => {
    const within = Array.from({ length: count }, (_, k) => points[(from + k) % n]!);
    const mean = (k: 0 | 1): number => within.reduce((s, p) => s + p[k], 0) / count;
    return { xMm: mean(0), yMm: mean(1), angleDeg: 180 - (turn * 180) / Math.PI };
  });
}

function isSharp(turn: number): boolean {
  const least = Math.PI - (LIMITS.angleDeg * Math.PI) / 180;
  return turn > least + 1e-6 && turn < Math.PI;
}

/** Of stretches that overlap the one with the fewest points stays, and among those the one that turns most. */
function apart<T extends { from: number; count: number; turn: number }>(found: T[], n: number): T[] {
  const taken = new Set<number>();
  const kept: T[] = [];
  // A whole corner first: a part of its rounding may turn enough by itself.
  for (const f of [...found].sort((a, b) => b.turn - a.turn || a.count - b.count)) {
    const within = Array.from({ length: f.count }, (_, k) => (f.from + k) % n);
    if (within.some(i => taken.has(i))) continue;
    for (const i of within) taken.add(i);
    kept.push(f);
  }
  return kept.sort((a, b) => a.from - b.from);
}

/** The outline without points in one place and points on a straight line. */
function cleaned(outline: Outline): (readonly [number, number])[] {
  const apartOnes = outline.filter((p, i) => distance(p, outline[(i + 1) % outline.length]!) > GRAIN.mm);
  const n = apartOnes.length;
  return apartOnes.filter(
    (p, i) => Math.abs(turnAt(apartOnes[(i + n - 1) % n]!, p, apartOnes[(i + 1) % n]!)) > GRAIN.rad,
  );
}

type Point = readonly [number, number];

function distance(a: Point, b: Point): number {
  return Math.hypot(b[0] - a[0], b[1] - a[1]);
}

/** How far the way turns to the left at b, rad. */
function turnAt(a: Point, b: Point, c: Point): number {
  const ux = b[0] - a[0];
  const uy = b[1] - a[1];
  const vx = c[0] - b[0];
  const vy = c[1] - b[1];
  return Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy);
}
