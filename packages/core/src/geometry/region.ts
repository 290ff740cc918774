import { Clipper, EndType, FillRule, JoinType, type Paths64 } from 'clipper2-ts';
import type { Outline } from './section.js';

/** Areas in the plane are kept in whole thousandths of a millimetre, as the clipping library wants them. */
const PER_MM = 1000;
/** Outlines are drawn no finer than this: less than a nozzle could follow, mm. */
const GRAIN_MM = 0.02;

/** An area in the plane: outer outlines and holes. */
export type Region = Paths64;

/** The area that outlines enclose; where they overlap they are one. */
export function regionOf(outlines: readonly Outline[]): Region {
  const paths = outlines.map(o =>
    o.map(([x, y]) => ({ x: Math.round(x * PER_MM), y: Math.round(y * PER_MM) })),
  );
  return Clipper.union(Clipper.simplifyPaths(paths, GRAIN_MM * PER_MM), FillRule.NonZero);
}

/**
 * A text that is the same for areas with the same outlines, whatever corner each outline begins at: each by its size
 * and its corners in order of place.
 */
export function regionKey(region: Region): string {
  return region
    .map(
      path =>
        `${Clipper.area(path)}:${path
          .map(({ x, y }) => `${x},${y}`)
          .sort()
          .join(' ')}`,
    )
    .sort()
    .join(';');
}

/** What is left of an area when a strip of a width is taken off along its outlines; corners stay sharp. */
export function shrunk(region: Region, byMm: number): Region {
  return byMm === 0 || !region.length
    ? region
    : Clipper.inflatePaths(region, -byMm * PER_MM, JoinType.Miter, EndType.Polygon);
}

/** What two areas share. */
export function common(a: Region, b: Region): Region {
  return a.length && b.length ? Clipper.intersect(a, b, FillRule.NonZero) : [];
}

/** The size of an area, mm². */
export function regionMm2(region: Region): number {
  return region.reduce((sum, path) => sum + Clipper.area(path), 0) / PER_MM ** 2;
}
