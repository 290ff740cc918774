import type { Xyz } from '@hornblende/core/geometry';

/** The ways that a force may act, in the axes of the file. */
export const directions = {
  down: { label: 'down (−Z)', way: [0, 0, -1] },
  up: { label: 'up (+Z)', way: [0, 0, 1] },
  left: { label: 'to its left (−X)', way: [-1, 0, 0] },
  right: { label: 'to its right (+X)', way: [1, 0, 0] },
  front: { label: 'to its front (−Y)', way: [0, -1, 0] },
  back: { label: 'to its back (+Y)', way: [0, 1, 0] },
} as const satisfies Record<string, { label: string; way: Xyz }>;

/** A way that a force may act. */
export type Direction = keyof typeof directions;

/** The way that a force acts; down where there is none yet, or it acts askew. */
export function directionOf(forceN: Xyz | null | undefined): Direction {
  const size = forceN ? Math.hypot(...forceN) : 0;
  if (!forceN || size === 0) return 'down';
  const same = (d: Direction): boolean =>
    directions[d].way.every((w, k) => Math.abs(forceN[k]! / size - w) < 1e-6);
  return (Object.keys(directions) as Direction[]).find(same) ?? 'down';
}

/** A force of so many newtons that acts one way. */
export function forceAlong(direction: Direction, newtons: number): [number, number, number] {
  return directions[direction].way.map(w => w * newtons + 0) as [number, number, number];
}
