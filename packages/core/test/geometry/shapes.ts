/** A point in space, mm. */
export type Point = readonly [number, number, number];
/** A triangle, counter-clockwise seen from outside. */
export type Triangle = readonly [Point, Point, Point];

/** A prism over a convex outline that runs counter-clockwise. */
export function prism(outline: readonly (readonly [number, number])[], height: number, at = 0): Triangle[] {
  const low = outline.map(([x, y]): Point => [x, y, at]);
  const high = outline.map(([x, y]): Point => [x, y, at + height]);
  const n = outline.length;
  const triangles: Triangle[] = [];
  for (let i = 1; i < n - 1; i++) {
    triangles.push([low[0]!, low[i + 1]!, low[i]!]);
    triangles.push([high[0]!, high[i]!, high[i + 1]!]);
  }
  for (let i = 0; i < n; i++) {
    const j = (i + 1) % n;
    triangles.push([low[i]!, low[j]!, high[j]!], [low[i]!, high[j]!, high[i]!]);
  }
  return triangles;
}

/** A box from a corner. */
export function box(x: number, y: number, z: number, at: Point = [0, 0, 0]): Triangle[] {
  const [x0, y0, z0] = at;
  return prism(
    [
      [x0, y0],
      [x0 + x, y0],
      [x0 + x, y0 + y],
      [x0, y0 + y],
    ],
    z,
    z0,
  );
}

/** The same triangles, facing the other way. */
export function insideOut(triangles: readonly Triangle[]): Triangle[] {
  return triangles.map(([a, b, c]): Triangle => [a, c, b]);
}

/** The outline of a rectangle whose corners are rounded, each by so many chords. */
export function rounded(x: number, y: number, radius: number, chords = 8): [number, number][] {
  const centres = [
    [x - radius, radius, -90],
    [x - radius, y - radius, 0],
    [radius, y - radius, 90],
    [radius, radius, 180],
  ] as const;
  return centres.flatMap(([cx, cy, from]) =>
    Array.from({ length: chords + 1 }, (_, k): [number, number] => {
      const a = ((from + (90 * k) / chords) * Math.PI) / 180;
      return [cx + radius * Math.cos(a), cy + radius * Math.sin(a)];
    }),
  );
}

/** A ball about a centre, of rings and slices. */
export function ball(radius: number, centre: Point, rings = 48): Triangle[] {
  const at = (i: number, j: number): Point => {
    const theta = (Math.PI * i) / rings;
    const phi = (2 * Math.PI * (j % (2 * rings))) / (2 * rings);
    return [
      centre[0] + radius * Math.sin(theta) * Math.cos(phi),
      centre[1] + radius * Math.sin(theta) * Math.sin(phi),
      centre[2] + radius * Math.cos(theta),
    ];
  };
  const triangles: Triangle[] = [];
  for (let i = 0; i < rings; i++)
    for (let j = 0; j < 2 * rings; j++) {
      if (i > 0) triangles.push([at(i, j), at(i + 1, j), at(i, j + 1)]);
      if (i < rings - 1) triangles.push([at(i, j + 1), at(i + 1, j), at(i + 1, j + 1)]);
    }
  return triangles;
}

/** Binary STL. @param head what its eighty bytes begin with */
export function binaryStl(triangles: readonly Triangle[], head = 'made for a test'): Uint8Array {
  const bytes = new Uint8Array(84 + 50 * triangles.length);
  bytes.set(new TextEncoder().encode(head).subarray(0, 80));
  const view = new DataView(bytes.buffer);
  view.setUint32(80, triangles.length, true);
  for (const [i, t] of triangles.entries())
    for (const [k, x] of t.flat().entries()) view.setFloat32(84 + 50 * i + 12 + 4 * k, x, true);
  return bytes;
}

/** Triangles as a heap: nine coordinates each. */
export function heapOf(triangles: readonly Triangle[]): Float32Array {
  return new Float32Array(triangles.flat(2));
}

/** STL as text. */
export function textStl(triangles: readonly Triangle[]): Uint8Array {
  const facets = triangles.map(
    t =>
      `facet normal 0 0 0\n outer loop\n${t.map(p => `  vertex ${p.join(' ')}`).join('\n')}\n endloop\nendfacet`,
  );
  return new TextEncoder().encode(`solid test\n${facets.join('\n')}\nendsolid test\n`);
}

/** OBJ with corners counted from the first, or backwards from the last. */
export function obj(triangles: readonly Triangle[], backwards = false): Uint8Array {
  const points = triangles.flat();
  const corner = (i: number): number => (backwards ? i - points.length : i + 1);
  const lines = [
    ...points.map(p => `v ${p.join(' ')}`),
    ...triangles.map((_, t) => `f ${[0, 1, 2].map(k => `${corner(3 * t + k)}//1`).join(' ')}`),
  ];
  return new TextEncoder().encode(`# a test\n${lines.join('\r\n')}\n`);
}
