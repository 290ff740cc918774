import type { FieldShape } from '../../src/field/index.js';
import { box, type Triangle } from '../geometry/shapes.js';

/** Triangles as a shape that fields are worked out on. */
export function shape(triangles: readonly Triangle[], minWallMm: number | null = null): FieldShape {
  return { positions: Float32Array.from(triangles.flat(2)), minWallMm };
}

/** A bar from the origin along x. */
export const bar = (x: number, y: number, z: number): FieldShape => shape(box(x, y, z));

/** An outline in x and z, drawn out along y: its triangles by their corners. */
export function drawnOut(
  outline: readonly (readonly [number, number])[],
  triangles: readonly (readonly [number, number, number])[],
  y: number,
): FieldShape {
  const at = (i: number, depth: number): [number, number, number] => [outline[i]![0], depth, outline[i]![1]];
  const faces = triangles.flatMap(([a, b, c]): Triangle[] => [
    [at(a, 0), at(b, 0), at(c, 0)],
    [at(a, y), at(c, y), at(b, y)],
  ]);
  const sides = outline.flatMap((_, i): Triangle[] => {
    const j = (i + 1) % outline.length;
    return [
      [at(i, 0), at(i, y), at(j, y)],
      [at(i, 0), at(j, y), at(j, 0)],
    ];
  });
  return shape([...faces, ...sides]);
}

/** A lying leg and a standing wall of 40 mm, 8 mm thick and 20 mm wide. */
export const angle: FieldShape = drawnOut(
  [
    [0, 0],
    [40, 0],
    [40, 8],
    [8, 8],
    [8, 40],
    [0, 40],
  ],
  [
    [0, 1, 2],
    [0, 2, 3],
    [0, 3, 4],
    [0, 4, 5],
  ],
  20,
);

/** The same angle with a radius modelled into its inner corner. */
export function filletedAngle(radiusMm: number, pieces = 24): FieldShape {
  const arc = Array.from({ length: pieces + 1 }, (_, i): [number, number] => {
    const turn = (i / pieces) * (Math.PI / 2);
    return [8 + radiusMm * (1 - Math.sin(turn)), 8 + radiusMm * (1 - Math.cos(turn))];
  });
  const outline: [number, number][] = [[0, 0], [40, 0], [40, 8], ...arc, [8, 40], [0, 40]];
  // The lower corner sees all of it.
  const fan = Array.from({ length: outline.length - 2 }, (_, i): [number, number, number] => [
    0,
    i + 1,
    i + 2,
  ]);
  return drawnOut(outline, fan, 20);
}

/** A body turned about z: its outline by distance from the axis and height, upwards from the axis and back to it. */
export function turnedBody(outline: readonly (readonly [number, number])[], sides = 48): FieldShape {
  const at = (i: number, s: number): [number, number, number] => {
    const turn = (2 * Math.PI * (s % sides)) / sides;
    return [outline[i]![0] * Math.cos(turn), outline[i]![0] * Math.sin(turn), outline[i]![1]];
  };
  const triangles = outline.slice(1).flatMap((_, i) =>
    Array.from({ length: sides }, (_side, s): Triangle[] => [
      [at(i, s), at(i + 1, s + 1), at(i + 1, s)],
      [at(i, s), at(i, s + 1), at(i + 1, s + 1)],
    ]).flat(),
  );
  const isFlat = ([a, b, c]: Triangle): boolean =>
    [
      [a, b],
      [b, c],
      [c, a],
    ].some(([p, q]) => String(p) === String(q));
  return shape(triangles.filter(t => !isFlat(t)));
}

/** A plate on z = 0 with a round hole in its middle. */
export function plateWithHole(x: number, y: number, thick: number, radius: number, sides = 96): FieldShape {
  const corners = [
    [1, 1],
    [-1, 1],
    [-1, -1],
    [1, -1],
  ].map(([i, j]) => Math.atan2((j! * y) / 2, (i! * x) / 2));
  const around = Array.from({ length: sides }, (_, k) => (2 * Math.PI * k) / sides - Math.PI);
  const angles = [...new Set([...around, ...corners])].sort((a, b) => a - b);
  type Flat = [number, number];
  const inner = (a: number): Flat => [x / 2 + radius * Math.cos(a), y / 2 + radius * Math.sin(a)];
  const outer = (a: number): Flat => {
    const [c, s] = [Math.cos(a), Math.sin(a)] as const;
    const far = Math.min(x / 2 / Math.max(Math.abs(c), 1e-12), y / 2 / Math.max(Math.abs(s), 1e-12));
    return [x / 2 + c * far, y / 2 + s * far];
  };
  const triangles: Triangle[] = [];
  const quad = (a: Flat, za: number, b: Flat, zb: number, c: Flat, zc: number, d: Flat, zd: number): void => {
    triangles.push(
      [
        [...a, za],
        [...b, zb],
        [...c, zc],
      ],
      [
        [...a, za],
        [...c, zc],
        [...d, zd],
      ],
    );
  };
  angles.forEach((from, i) => {
    const to = angles[(i + 1) % angles.length]!;
    const [a, b, c, d] = [inner(from), inner(to), outer(to), outer(from)] as const;
    quad(a, thick, d, thick, c, thick, b, thick);
    quad(a, 0, b, 0, c, 0, d, 0);
    quad(d, 0, c, 0, c, thick, d, thick);
    quad(a, 0, a, thick, b, thick, b, 0);
  });
  return shape(triangles);
}
