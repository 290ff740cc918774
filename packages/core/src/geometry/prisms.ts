/** An outline in the plane, counter-clockwise and convex. */
export type ConvexOutline = readonly (readonly [number, number])[];

/** A closed prism over a convex outline: nine coordinates a triangle, mm. */
export function prism(outline: ConvexOutline, fromMm: number, toMm: number): Float32Array {
  const n = outline.length;
  const out: number[] = [];
  const put = (...points: (readonly [number, number, number])[]): void => {
    for (const p of points) out.push(...p);
  };
  const at = (i: number, z: number): readonly [number, number, number] => [...outline[i % n]!, z];
  for (let i = 1; i < n - 1; i++) {
    put(at(0, fromMm), at(i + 1, fromMm), at(i, fromMm));
    put(at(0, toMm), at(i, toMm), at(i + 1, toMm));
  }
  for (let i = 0; i < n; i++) {
    put(at(i, fromMm), at(i + 1, fromMm), at(i + 1, toMm));
    put(at(i, fromMm), at(i + 1, toMm), at(i, toMm));
  }
  return new Float32Array(out);
}

/** Sides of a disc. */
const SIDES = 48;

/** Discs that hold corners down, each about a place on the plate: to be added to the part where it is sliced. */
export function holdDownDiscs(
  placesMm: readonly (readonly [number, number])[],
  radiusMm: number,
  heightMm: number,
): Float32Array {
  const discs = placesMm.map(([x, y]) => {
    const outline = Array.from({ length: SIDES }, (_, i): [number, number] => {
      const a = (2 * Math.PI * i) / SIDES;
      return [x + radiusMm * Math.cos(a), y + radiusMm * Math.sin(a)];
    });
    return prism(outline, 0, heightMm);
  });
  const whole = new Float32Array(discs.reduce((sum, d) => sum + d.length, 0));
  let offset = 0;
  for (const d of discs) {
    whole.set(d, offset);
    offset += d.length;
  }
  return whole;
}
