import { Quantity, Vector } from '../input/fields.js';
import type { Xyz } from '../geometry/turn.js';
import { LockedInInput, lightness, lockedInStrain, warpBowOf } from '../models/warp-bow.js';
import { liftOff } from '../models/warp-lift-off.js';
import { GAUSS, type Brick, type CellSize } from './brick.js';
import { CELL_MM, CELLS, cellEdgeMm, UP } from './cell-size.js';
import { solve } from './conjugate-gradients.js';
import { stiffnessOf, type Stiffness } from './elasticity.js';
import { edgesOf, outlineOf, type FootNode } from './footprint.js';
import { fillGrid, nodeCount, type CellGrid } from './grid.js';
import { hadamardBack } from './hadamard.js';
import { levelOf, type Level } from './level.js';
import { multigridOf } from './multigrid.js';
import { nodesThere } from './places.js';
import { withoutRigid } from './rigid.js';
import { solidCells } from './printed-cells.js';
import { cellStresses } from './stress.js';
import { laidShape, type LaidShape } from './laid-shape.js';
import { piecesOf } from './pieces.js';
import { problem } from './problem.js';
import type { FieldShape } from './stress-field.js';

/** A length that a bar has and a shape needs not be told, mm. */
const OF_A_BAR = { min: 0.1, max: 2000, unit: 'mm', optional: true, nullable: true };

/** Input of `warp.field`, beside the shape: the figures of `warp.bow`, and what the plate holds with. */
export class WarpFieldInput extends LockedInInput {
  @Quantity({ ...OF_A_BAR, doc: 'Height, as warp.bow asks it; the shape has its own.' })
  heightMm: number | null = null;
  @Quantity({ ...OF_A_BAR, doc: 'Length, as warp.bow asks it; the shape has its own.' })
  lengthMm: number | null = null;
  @Quantity({ min: 0.01, max: 5e5, unit: 'MPa', optional: true, doc: 'Young’s modulus; default 2000.' })
  modulusMPa = 2000;
  @Quantity({ min: 0, max: 0.49, optional: true, doc: 'Poisson’s ratio; default 0.36.' }) poisson = 0.36;
  @Quantity({ min: 0.1, max: 1.5, optional: true, doc: 'Modulus across the layers over along; default 1.' })
  layerRatio = 1;
  @Quantity({
    ...{ min: 0.1, max: 1e5, unit: 'J/m²', optional: true, nullable: true },
    doc: 'Adhesion energy of plate, adhesive and family; default null: no chance is told.',
  })
  adhesionJm2: number | null = null;
  @Quantity({ min: 0, max: 1000, unit: 'mm', optional: true, doc: 'Fillet of its corners; default 0.' })
  filletMm = 0;
  @Quantity(CELL_MM) cellMm: number | null = null;
  @Quantity(CELLS) cells: number | null = null;
  @Vector(UP) up: [number, number, number] | null = null;
}

/** How far an edge of the underside bows once it is released: above 0 its ends stand up. */
export interface BowedEdge {
  from: Xyz;
  to: Xyz;
  bowMm: number;
}

/** The released shape of a part, and where it pulls at the plate. */
export interface WarpFieldResult {
  /** The most that an edge of the underside bows, mm. */
  bowMm: number;
  edges: BowedEdge[];
  /** Where the underside is pulled off the plate hardest while it is still held, in the axes of the file. */
  liftsAtMm: Xyz;
  /** How high the part stands there, mm, and whether that is at a corner of its underside. */
  liftsFrom: { heightMm: number; atCorner: boolean };
  /** What letting go there releases, J/m². */
  energyJm2: number;
  /** Chance that it lifts there; null where no adhesion is given. */
  pLift: number | null;
  seconds: number;
  cells: number;
  iterations: number;
}

/** The same with how far each node moves once it is released, for drawing. */
export interface WarpField extends WarpFieldResult, Pick<LaidShape, 'laid' | 'inFile'> {
  grid: CellGrid;
  u: Float64Array;
}

/** An outline with more corners than this is round: none of them is sharp. */
const MOST_CORNERS = 12;
/** Edges shorter than this share of the longest are not told of. */
const SHORT_EDGE = 0.15;

/**
 * `warp.field`: the shape a part takes once it is off the plate, and its pull on the plate before. Each layer wants to
 * shrink in its plane by e(z) of `warp.bow`; one solution of the free part gives the released shape, one with its
 * underside held the pull.
 * @throws InputError where it is open, or in pieces
 */
export function warpField(
  { positions, minWallMm }: FieldShape,
  input: WarpFieldInput,
  progress: (done: number) => void = () => undefined,
): WarpField {
  const began = performance.now();
  const shape = laidShape(positions, input.up);
  const grid = fillGrid(shape.positions, cellEdgeMm(shape.box, minWallMm, input));
  const { count } = piecesOf(grid);
  if (count > 1)
    throw problem('mesh', `${count} pieces`, 'must be one piece: each would let go of the plate by itself');
  const stiffness = stiffnessOf(input);
  const shares = solidCells(grid).stiffness;
  const [nx, ny] = grid.counts;
  const layer = nx * ny;
  const strains = layerStrains(grid, input);
  const own = (c: number): readonly number[] => {
    const e = strains[Math.floor(c / layer)]!.mean;
    return [-e, -e, 0, 0, 0, 0];
  };

  const nobody = new Uint8Array(nodeCount(grid.counts));
  const free = levelOf(grid.counts, grid.size, stiffness, shares, nobody);
  const f = ownForces(free, grid, stiffness, strains);
  const released = solve(multigridOf(free), f, {
    project: withoutRigid(free),
    progress: done => progress(done / 2),
  });
  const foot = footOf(grid);
  const inFile = (n: FootNode): Xyz =>
    shape.inFile([grid.lowMm[0] + n.x, grid.lowMm[1] + n.y, grid.lowMm[2]]);
  const corners = outlineOf(foot);
  const edges = edgesOf(corners, foot, 0.75 * Math.max(grid.size[0], grid.size[1]));
  const longest = Math.max(...edges.map(e => e.lengthMm));
  const bowed = edges
    .filter(e => e.lengthMm >= SHORT_EDGE * longest && e.along.length > 2)
    .map((e): BowedEdge => ({ from: inFile(e.from), to: inFile(e.to), bowMm: bowOf(e.along, released.u) }));

  const standing = Uint8Array.from(nobody);
  for (const { node } of foot) standing[node] = 1;
  const level = levelOf(grid.counts, grid.size, stiffness, shares, standing);
  const stuck = solve(multigridOf(level), ownForces(level, grid, stiffness, strains), {
    progress: done => progress(0.5 + done / 2),
  });
  const lift = liftOf(level, grid, stiffness, stuck.u, own, foot, corners);
  // Adhesion energies are set for the film of `warp.lift-off`: the field says where, and how high it is there.
  const { energyJm2, pLift } = liftOff({
    modulusMPa: input.modulusMPa,
    meanStrain: meanStrainOf(input, lift.heightMm),
    heightMm: lift.heightMm,
    adhesionJm2: input.adhesionJm2 ?? 1,
    sharpCorners: lift.atCorner ? 1 : 0,
    filletMm: input.filletMm,
  });
  return {
    bowMm: bowed.reduce((most, e) => (Math.abs(e.bowMm) > Math.abs(most) ? e.bowMm : most), 0),
    edges: bowed,
    liftsAtMm: inFile(lift.at),
    liftsFrom: { heightMm: lift.heightMm, atCorner: lift.atCorner },
    energyJm2,
    pLift: input.adhesionJm2 === null ? null : pLift,
    seconds: (performance.now() - began) / 1000,
    cells: shares.reduce((s, x) => s + Number(x > 0), 0),
    iterations: released.iterations,
    grid,
    u: released.u,
    laid: shape.laid,
    inFile: shape.inFile,
  };
}

/** Without what is in every node: what is told. */
export function toldWarp(field: WarpField): WarpFieldResult {
  const { bowMm, edges, liftsAtMm, liftsFrom, energyJm2, pLift, seconds, cells, iterations } = field;
  return { bowMm, edges, liftsAtMm, liftsFrom, energyJm2, pLift, seconds, cells, iterations };
}

/** The mean strain of a layer so high, as `warp.bow` has it. */
function meanStrainOf(input: WarpFieldInput, heightMm: number): number {
  return warpBowOf({ ...input, heightMm, lengthMm: 1 }).meanStrain;
}

/** What a layer of cells wants to shrink by: in its middle, and how much more at its top than there. */
interface LayerStrain {
  mean: number;
  slope: number;
}

/** The strain that each layer of cells wants, linear between two Gauss points. */
function layerStrains({ counts, size }: CellGrid, input: WarpFieldInput): LayerStrain[] {
  const by = input.scale * lightness(input);
  const at = (k: number, zeta: number): number => by * lockedInStrain(input, (k + (1 + zeta) / 2) * size[2]);
  return Array.from({ length: counts[2] }, (_, k) => {
    const low = at(k, GAUSS[0]);
    const high = at(k, GAUSS[1]);
    return { mean: (low + high) / 2, slope: (high - low) / (GAUSS[1] - GAUSS[0]) };
  });
}

/** The forces that would hold each cell to the strain that it wants, ∫Bᵀ·C·ε₀, at its nodes. */
function ownForces(
  { cells, lowest, share, brick, steps, nodes }: Level,
  grid: CellGrid,
  stiffness: Stiffness,
  strains: readonly LayerStrain[],
): Float64Array {
  const f = new Float64Array(3 * nodes);
  const layer = grid.counts[0] * grid.counts[1];
  const ofLayer = strains.map(s => ownForcesOfCell(brick, grid.size, stiffness, s));
  for (let i = 0; i < cells.length; i++) {
    const forces = ofLayer[Math.floor(cells[i]! / layer)]!;
    for (let a = 0; a < 8; a++)
      for (let k = 0; k < 3; k++) f[3 * (lowest[i]! + steps[a]!) + k]! += share[i]! * forces[8 * k + a]!;
  }
  return f;
}

/** The same for one cell, by component and corner. */
function ownForcesOfCell(
  { bubbles }: Brick,
  size: CellSize,
  stiffness: Stiffness,
  { mean, slope }: LayerStrain,
): Float64Array {
  const volume = size[0] * size[1] * size[2];
  /** The stress of shrinking by a strain alike in the plane: along x and y, and z. */
  const stressOf = (e: number, k: number): number => -e * (stiffness[k]![0]! + stiffness[k]![1]!);
  const terms = new Float64Array(24);
  for (const k of [0, 1, 2] as const) terms[8 * k + (1 << k)] = (volume * 2 * stressOf(mean, k)) / size[k];
  // What grows upwards bends the cell: by the terms ξζ and ηζ, and through the bubble of z along z.
  for (const k of [0, 1] as const)
    terms[8 * k + (1 << k) + 4] = (volume * 2 * stressOf(slope, k)) / (3 * size[k]);
  for (const { component, axis, of } of bubbles)
    if (component === 2 && axis === 2) {
      const force = (-4 * volume * stressOf(slope, 2)) / (3 * size[2]);
      for (const k of [0, 1, 2] as const) terms[8 * k + (4 ^ (1 << k))]! += of[k] * force;
    }
  for (let k = 0; k < 3; k++) hadamardBack(terms, 8 * k);
  return terms.map(x => x / 8);
}

/** The nodes that stand on the plate. */
function footOf(grid: CellGrid): FootNode[] {
  const [nx, ny] = grid.counts;
  const there = nodesThere({ ...grid, counts: [nx, ny, 1], filled: grid.filled.subarray(0, nx * ny) });
  const foot: FootNode[] = [];
  for (let n = 0; n < (nx + 1) * (ny + 1); n++)
    if (there[n])
      foot.push({ node: n, x: (n % (nx + 1)) * grid.size[0], y: Math.floor(n / (nx + 1)) * grid.size[1] });
  return foot;
}

/** How far the nodes along an edge lie under the line between its ends, at their most. */
function bowOf(along: readonly { node: FootNode; share: number }[], u: Float64Array): number {
  const height = (p: { node: FootNode }): number => u[3 * p.node.node + 2]!;
  const first = along[0]!;
  const last = along.at(-1)!;
  const under = along.map(p => height(first) + p.share * (height(last) - height(first)) - height(p));
  return under.reduce((most, x) => (Math.abs(x) > Math.abs(most) ? x : most), 0);
}

/** Where the underside is pulled hardest, how high the part stands there, mm, and whether that is at a corner. */
function liftOf(
  level: Level,
  grid: CellGrid,
  stiffness: Stiffness,
  u: Float64Array,
  own: (c: number) => readonly number[],
  foot: readonly FootNode[],
  corners: readonly FootNode[],
): { at: FootNode; heightMm: number; atCorner: boolean } {
  const stress = cellStresses(
    level,
    grid.size,
    stiffness,
    u,
    () => 'middle',
    i => own(level.cells[i]!),
  );
  const [nx, ny] = grid.counts;
  const heights = new Float64Array(nx * ny);
  let worst = 0;
  let most = -Infinity;
  level.cells.forEach((c, i) => {
    heights[c % (nx * ny)]! += level.share[i]! * grid.size[2];
    if (c < nx * ny && stress.across[i]! > most) {
      most = stress.across[i]!;
      worst = c;
    }
  });
  const x = ((worst % nx) + 0.5) * grid.size[0];
  const y = (Math.floor(worst / nx) + 0.5) * grid.size[1];
  const far = (n: { x: number; y: number }): number => Math.hypot(n.x - x, n.y - y);
  const at = foot.reduce((best, n) => (far(n) < far(best) ? n : best));
  // What drives an edge off is what stands within its own height of it.
  const reach = Math.max(heights[worst]!, 2 * grid.size[0]);
  let heightMm = 0;
  heights.forEach((h, c) => {
    const place = { x: ((c % nx) + 0.5) * grid.size[0], y: (Math.floor(c / nx) + 0.5) * grid.size[1] };
    if (far(place) <= reach) heightMm = Math.max(heightMm, h);
  });
  const nearCorner = 2 * Math.max(grid.size[0], grid.size[1]);
  return {
    at,
    heightMm,
    atCorner:
      corners.length <= MOST_CORNERS && corners.some(c => Math.hypot(c.x - at.x, c.y - at.y) <= nearCorner),
  };
}
