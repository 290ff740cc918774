import { cross, dot, type Xyz } from '../geometry/turn.js';
import { lowestNode, nodeCount, nodeSteps, type CellGrid } from './grid.js';
import { cornerAt, type Patch, type Surface } from './patch.js';

/** A point of a patch with the area that it stands for and the direction that it faces. */
interface Sample {
  atMm: Xyz;
  areaMm2: number;
  facing: Xyz;
}

/** Samples lie at most this share of a cell apart. */
const SPACING = 0.5;
/** Most rows that one triangle is cut into. */
const MOST_ROWS = 400;

/** Points all over a patch, as close as the cells ask. */
function samplesOf(surface: Surface, patch: Patch, cellMm: number): Sample[] {
  return patch.triangles.flatMap(t => {
    const [a, b, c] = [0, 1, 2].map(k => cornerAt(surface.positions, t, k)) as [Xyz, Xyz, Xyz];
    const longest = Math.max(
      ...[
        [a, b],
        [b, c],
        [c, a],
      ].map(([p, q]) => distance(p!, q!)),
    );
    const rows = Math.min(MOST_ROWS, Math.max(1, Math.ceil(longest / (SPACING * cellMm))));
    const facing: Xyz = [surface.normals[3 * t]!, surface.normals[3 * t + 1]!, surface.normals[3 * t + 2]!];
    const areaMm2 = surface.areasMm2[t]! / rows ** 2;
    const found: Sample[] = [];
    // A triangle falls into rows² like ones; each is stood for by its middle.
    for (let i = 0; i < rows; i++)
      for (let j = 0; j < rows - i; j++)
        for (const flipped of j < rows - i - 1 ? [false, true] : [false]) {
          const share = flipped ? 2 / 3 : 1 / 3;
          const v = (i + share) / rows;
          const w = (j + share) / rows;
          const at = [0, 1, 2].map(k => a[k]! + v * (b[k]! - a[k]!) + w * (c[k]! - a[k]!));
          found.push({ atMm: at as unknown as Xyz, areaMm2, facing });
        }
    return found;
  });
}

const distance = (p: Xyz, q: Xyz): number => Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);

/** Where a place lies in a grid, in cells from its lowest corner. */
function inCells({ lowMm, size }: CellGrid, p: Xyz): [number, number, number] {
  return [0, 1, 2].map(k => (p[k]! - lowMm[k]!) / size[k]!) as [number, number, number];
}

/** Nodes that touch plastic, 1 by node. */
export function nodesThere(grid: CellGrid): Uint8Array {
  const there = new Uint8Array(nodeCount(grid.counts));
  const steps = nodeSteps(grid.counts);
  grid.filled.forEach((share, c) => {
    if (share > 0) for (const s of steps) there[lowestNode(c, grid.counts) + s] = 1;
  });
  return there;
}

/** The nodes nearest to a patch: what is held there does not move. */
export function nodesAt(surface: Surface, patch: Patch, grid: CellGrid, there: Uint8Array): Set<number> {
  const [nx, ny, nz] = grid.counts;
  const found = new Set<number>();
  for (const { atMm } of samplesOf(surface, patch, Math.min(...grid.size))) {
    const [i, j, k] = inCells(grid, atMm).map((x, n) =>
      Math.min([nx, ny, nz][n]!, Math.max(0, Math.round(x))),
    ) as [number, number, number];
    const node = i + (nx + 1) * (j + (ny + 1) * k);
    if (there[node]) found.add(node);
  }
  return found;
}

/** How a patch takes hold of the grid: nodes, each with its share of the area, mm², and by direction. */
export interface Grip {
  nodes: number[];
  /** Area that each node stands for, mm². */
  areaMm2: number[];
  /** The same times the direction that it faces. */
  facing: Xyz[];
}

/** Spreads a patch over the nodes of the cells beneath it, by their shape functions. */
export function gripOf(surface: Surface, patch: Patch, grid: CellGrid): Grip {
  const [nx, ny, nz] = grid.counts;
  const steps = nodeSteps(grid.counts);
  const shares = new Map<number, { area: number; facing: [number, number, number] }>();
  for (const { atMm, areaMm2, facing } of samplesOf(surface, patch, Math.min(...grid.size))) {
    const cell = cellBeneath(grid, atMm, facing);
    if (!cell) continue;
    const { c, at } = cell;
    const lowest = lowestNode(c, [nx, ny, nz]);
    for (let a = 0; a < 8; a++) {
      const weight = [0, 1, 2].reduce((w, k) => w * ((a >> k) & 1 ? at[k]! : 1 - at[k]!), areaMm2);
      if (weight === 0) continue;
      const node = lowest + steps[a]!;
      const have = shares.get(node) ?? { area: 0, facing: [0, 0, 0] };
      have.area += weight;
      for (const k of [0, 1, 2] as const) have.facing[k] += weight * facing[k];
      shares.set(node, have);
    }
  }
  return {
    nodes: [...shares.keys()],
    areaMm2: [...shares.values()].map(s => s.area),
    facing: [...shares.values()].map(s => s.facing),
  };
}

/** The cell with plastic under a place on the surface, and where in it the place lies, 0 to 1 along each axis. */
function cellBeneath(
  grid: CellGrid,
  atMm: Xyz,
  facing: Xyz,
): { c: number; at: [number, number, number] } | null {
  // A surface between cells belongs to those on its inner side; a thin shaving that was left out gives way to the next.
  for (const depth of [0.01, 0.5, 1]) {
    const inner = atMm.map((x, k) => x - depth * grid.size[k]! * facing[k]!) as unknown as Xyz;
    const cell = inCells(grid, inner).map((x, k) =>
      Math.min(grid.counts[k]! - 1, Math.max(0, Math.floor(x))),
    ) as [number, number, number];
    const c = cell[0] + grid.counts[0] * (cell[1] + grid.counts[1] * cell[2]);
    if (grid.filled[c]! === 0) continue;
    const at = inCells(grid, atMm).map((x, k) => Math.min(1, Math.max(0, x - cell[k]!)));
    return { c, at: at as [number, number, number] };
  }
  return null;
}

/** A force on a patch, spread evenly over its area. */
export function addForce(f: Float64Array, grip: Grip, forceN: Xyz): void {
  const whole = grip.areaMm2.reduce((s, a) => s + a, 0);
  grip.nodes.forEach((n, i) => {
    for (const k of [0, 1, 2] as const) f[3 * n + k]! += (forceN[k] * grip.areaMm2[i]!) / whole;
  });
}

/** A force on all of a part by its mass, as its own weight acts. @param massShares of a full cell’s mass, by cell */
export function addThroughout(f: Float64Array, grid: CellGrid, massShares: Float64Array, forceN: Xyz): void {
  const whole = massShares.reduce((s, m) => s + m, 0);
  const steps = nodeSteps(grid.counts);
  massShares.forEach((mass, c) => {
    if (mass === 0) return;
    const lowest = lowestNode(c, grid.counts);
    for (const step of steps)
      for (const k of [0, 1, 2] as const) f[3 * (lowest + step) + k]! += (forceN[k] * mass) / whole / 8;
  });
}

/** A pressure on a patch, against the direction that it faces, MPa. */
export function addPressure(f: Float64Array, grip: Grip, pressureMPa: number): void {
  grip.nodes.forEach((n, i) => {
    for (const k of [0, 1, 2] as const) f[3 * n + k]! -= pressureMPa * grip.facing[i]![k];
  });
}

/** How a patch turns about an axis through its middle: its lever arms, and what they add up to. */
export interface Turning {
  levers: Xyz[];
  /** Σ area·|axis × r|², mm⁴. */
  inertia: number;
}

/** The lever arms of a patch about an axis through its middle. @param nodeAt where a node lies, mm */
export function turningOf(grip: Grip, middleMm: Xyz, axis: Xyz, nodeAt: (node: number) => Xyz): Turning {
  const levers = grip.nodes.map(n => {
    const p = nodeAt(n);
    return cross(axis, [p[0] - middleMm[0], p[1] - middleMm[1], p[2] - middleMm[2]]);
  });
  return { levers, inertia: levers.reduce((s, l, i) => s + grip.areaMm2[i]! * dot(l, l), 0) };
}

/** A torque on a patch: forces square to its lever arms and as large as they are long. */
export function addTorque(
  f: Float64Array,
  grip: Grip,
  { levers, inertia }: Turning,
  torqueNmm: number,
): void {
  grip.nodes.forEach((n, i) => {
    for (const k of [0, 1, 2] as const)
      f[3 * n + k]! += (torqueNmm * grip.areaMm2[i]! * levers[i]![k]) / inertia;
  });
}
