import type { ActingPlace } from '../brief/shape-places.js';
import { dot, type Xyz } from '../geometry/turn.js';
import { cellEdgeMm, thinWarnings } from './cell-size.js';
import { solve } from './conjugate-gradients.js';
import { stiffnessOf } from './elasticity.js';
import { fillFillet } from './fillet.js';
import { cellPlace, fillGrid, lowestNode, nodeCount, nodePlace, nodeSteps, type CellGrid } from './grid.js';
import { laidShape, type LaidShape } from './laid-shape.js';
import { levelOf } from './level.js';
import { multigridOf } from './multigrid.js';
import { patchAt, type Patch } from './patch.js';
import { piecesOf } from './pieces.js';
import {
  addForce,
  addPressure,
  addThroughout,
  addTorque,
  gripOf,
  nodesAt,
  nodesThere,
  turningOf,
} from './places.js';
import { problem } from './problem.js';
import { printedCells, solidCells, type CellShares } from './printed-cells.js';
import { askedAt, cellStresses, peakOf, type CellStress, type Peak } from './stress.js';
import type { StressFieldInput } from './stress-input.js';

/** What an act does where it acts. */
export interface ActResult {
  /** How far it moves: along the force; against the way it faces under a pressure; at its rim under a torque. */
  deflectionMm: number;
  /** How far the place turns about its axis under a torque, rad. */
  rotationRad?: number;
}

/** Stresses of a shape under its loads. */
export interface StressFieldResult {
  /** Cells with plastic in them, and their edges along x, y and z as it lies. */
  cells: number;
  cellMm: number;
  seconds: number;
  iterations: number;
  acts: ActResult[];
  /** The work that the loads do on the shape, which it stores as strain, N·mm. */
  energyNmm: number;
  along: Peak;
  across: Peak;
  shear: Peak;
  /** What opens and shears layers together, as tension on them: √(σ_zz² + (τ/0.6)²). */
  between: Peak;
  warnings: string[];
}

/** The same with what is in every cell, for drawing and for the reserve of each filament. */
export interface StressField extends StressFieldResult {
  grid: CellGrid;
  /** The cell of the grid that each number stands for. */
  cellOf: Int32Array;
  /** By cell, over the share of the plastic’s strength that is left there. */
  stress: CellStress;
  volumesMm3: Float64Array;
  /** How far each node moves, mm. */
  u: Float64Array;
  /** A place as it lies, in the axes of the file. */
  inFile: LaidShape['inFile'];
}

/** A shape as its file has it, closed, its triangles facing outwards, mm. */
export interface FieldShape {
  positions: Float32Array;
  /** Its thinnest wall, mm; null where it is not known. */
  minWallMm: number | null;
}

/**
 * `stress.field`: small-strain linear elasticity of a shape on a grid of bricks, under all its loads at once.
 * @param progress told how much of the work is done, 0 to 1; it may throw to end it
 * @throws InputError where it is open, nothing is held, a load acts on nothing, or a piece of the part is free
 */
export function stressField(
  { positions, minWallMm }: FieldShape,
  input: StressFieldInput,
  progress: (done: number) => void = () => undefined,
): StressField {
  const began = performance.now();
  const shape = laidShape(positions, input.up);
  const edge = cellEdgeMm(shape.box, minWallMm, input);
  const grid = fillGrid(shape.positions, edge);
  input.fillets.forEach((fillet, i) => {
    fillFillet(grid, shape.surface, { ...fillet, atMm: [...shape.laid(fillet.atMm)] }, i);
  });
  const shares: CellShares = input.print && !input.solid ? printedCells(grid, input.print) : solidCells(grid);
  const held = heldNodes(shape, grid, input);
  const { f, deflections } = forces(shape, grid, shares.mass, input, held);
  const stiffness = stiffnessOf(input);
  const level = levelOf(grid.counts, grid.size, stiffness, shares.stiffness, held);
  const multigrid = multigridOf(level);
  const { u, iterations } = solve(multigrid, f, { progress });
  const cellOf = Int32Array.from(cellsThere(grid));
  const stress = cellStresses(level, grid.size, stiffness, u, c => askedAt(grid, cellOf[c]!));
  asOfPlastic(stress, cellOf, grid, shares);
  const cellVolume = grid.size[0] * grid.size[1] * grid.size[2];
  const volumesMm3 = Float64Array.from(cellOf, c => cellVolume * grid.filled[c]!);
  const at = (c: number): Xyz => shape.inFile(middleOf(grid, cellOf[c]!));
  return {
    cells: cellOf.length,
    cellMm: edge,
    seconds: (performance.now() - began) / 1000,
    iterations,
    acts: deflections.map(of => of(u)),
    energyNmm: dotOf(f, u) / 2,
    along: peakOf(stress.along, volumesMm3, at),
    across: peakOf(stress.across, volumesMm3, at),
    shear: peakOf(stress.shear, volumesMm3, at),
    between: peakOf(stress.between, volumesMm3, at),
    warnings: thinWarnings(minWallMm, edge),
    inFile: shape.inFile,
    grid,
    cellOf,
    stress,
    volumesMm3,
    u,
  };
}

/** Without what is in every cell: what is told. */
export function told(field: StressField): StressFieldResult {
  const { cells, cellMm, seconds, iterations, acts, energyNmm, along, across, shear, between, warnings } =
    field;
  return { cells, cellMm, seconds, iterations, acts, energyNmm, along, across, shear, between, warnings };
}

function dotOf(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!;
  return sum;
}

function cellsThere({ filled }: CellGrid): number[] {
  const there: number[] = [];
  filled.forEach((share, c) => {
    if (share > 0) there.push(c);
  });
  return there;
}

/** What plastic itself bears: an infilled cell’s stress over what is left of its strength. */
function asOfPlastic(stress: CellStress, cellOf: Int32Array, grid: CellGrid, shares: CellShares): void {
  for (let i = 0; i < cellOf.length; i++) {
    const c = cellOf[i]!;
    // The share that is full makes a cell less stiff, not its plastic less stressed.
    const left = shares.stiffness[c]! / grid.filled[c]! / shares.strength[c]!;
    stress.along[i]! *= left;
    stress.across[i]! *= left;
    stress.shear[i]! *= left;
    stress.between[i]! *= left;
  }
}

function middleOf({ counts, size, lowMm }: CellGrid, c: number): Xyz {
  return cellPlace(c, counts).map((i, k) => lowMm[k]! + (i + 0.5) * size[k]!) as unknown as Xyz;
}

/** The nodes that do not move. @throws InputError where none is, or a piece of the part has none */
function heldNodes(
  { surface, laid, inFile }: LaidShape,
  grid: CellGrid,
  { held: places }: StressFieldInput,
): Uint8Array {
  if (!places.length) throw problem('held', places, 'names no place: the part would fly off');
  const there = nodesThere(grid);
  const held = new Uint8Array(there.length);
  places.forEach((place, i) => {
    const nodes = nodesAt(surface, patchAt(surface, laid(place.atMm)), grid, there);
    if (!nodes.size)
      throw problem(`held.${i}.atMm`, place.atMm, 'lies where the part is thinner than a cell');
    for (const n of nodes) held[n] = 1;
  });
  const { piece, count } = piecesOf(grid);
  const holds = new Set<number>();
  const steps = nodeSteps(grid.counts);
  piece.forEach((p, c) => {
    if (p >= 0 && !holds.has(p) && steps.some(s => held[lowestNode(c, grid.counts) + s])) holds.add(p);
  });
  for (let p = 0; p < count; p++)
    if (!holds.has(p)) {
      const at = inFile(middleOf(grid, piece.indexOf(p))).map(x => x.toFixed(1));
      throw problem('held', places, `leaves a piece of the part free: the one at ${at.join(', ')} mm`);
    }
  return held;
}

/** Forces by node, and what each act moves. */
function forces(
  { surface, laid }: LaidShape,
  grid: CellGrid,
  massShares: Float64Array,
  { acts }: StressFieldInput,
  held: Uint8Array,
): { f: Float64Array; deflections: ((u: Float64Array) => ActResult)[] } {
  if (!acts.length) throw problem('acts', acts, 'names no load');
  const f = new Float64Array(3 * nodeCount(grid.counts));
  const nodeAt = (n: number): Xyz =>
    nodePlace(n, grid.counts).map((i, k) => grid.lowMm[k]! + i * grid.size[k]!) as unknown as Xyz;
  const deflections = acts.map((act, i) => {
    const patch = patchAt(surface, laid(act.atMm));
    const grip = gripOf(surface, patch, grid);
    if (!grip.nodes.length)
      throw problem(`acts.${i}.atMm`, act.atMm, 'lies where the part is thinner than a cell');
    if (!act.throughout && grip.nodes.every(n => held[n]))
      throw problem(`acts.${i}.atMm`, act.atMm, 'lies on what is held: it would move nothing');
    return applied(act, i, patch, grip, { f, grid, massShares, laid, nodeAt });
  });
  return { f, deflections };
}

/** What an act is put on. */
interface Acting {
  f: Float64Array;
  grid: CellGrid;
  massShares: Float64Array;
  laid: (p: Xyz) => Xyz;
  nodeAt: (n: number) => Xyz;
}

function applied(
  act: ActingPlace,
  index: number,
  patch: Patch,
  grip: ReturnType<typeof gripOf>,
  { f, grid, massShares, laid, nodeAt }: Acting,
): (u: Float64Array) => ActResult {
  const said = [act.forceN, act.pressureMPa, act.torqueNmm].filter(x => x !== null);
  if (said.length !== 1)
    throw problem(`acts.${index}`, act, 'needs exactly one of forceN, pressureMPa and torqueNmm');
  const whole = grip.areaMm2.reduce((s, a) => s + a, 0);
  const meanAlong = (u: Float64Array, way: Xyz): number =>
    grip.nodes.reduce(
      (s, n, i) => s + (grip.areaMm2[i]! / whole) * dot(way, [u[3 * n]!, u[3 * n + 1]!, u[3 * n + 2]!]),
      0,
    );
  if (act.throughout && !act.forceN)
    throw problem(
      `acts.${index}.throughout`,
      true,
      'goes with a force: a pressure or a torque acts on a face',
    );
  if (act.forceN) {
    const force = laid(act.forceN);
    const size = Math.hypot(...force);
    if (size === 0)
      throw problem(`acts.${index}.forceN`, act.forceN, 'must not be nothing in every direction');
    if (act.throughout) addThroughout(f, grid, massShares, force);
    else addForce(f, grip, force);
    const way: Xyz = [force[0] / size, force[1] / size, force[2] / size];
    return u => ({ deflectionMm: meanAlong(u, way) });
  }
  if (act.pressureMPa !== null) {
    addPressure(f, grip, act.pressureMPa);
    return u => ({ deflectionMm: -meanAlong(u, patch.facing) });
  }
  const turning = turningOf(grip, patch.middleMm, patch.facing, nodeAt);
  addTorque(f, grip, turning, act.torqueNmm ?? 0);
  return u => {
    const rotationRad = grip.nodes.reduce(
      (s, n, i) =>
        s +
        (grip.areaMm2[i]! * dot(turning.levers[i]!, [u[3 * n]!, u[3 * n + 1]!, u[3 * n + 2]!])) /
          turning.inertia,
      0,
    );
    const farthest = Math.max(...turning.levers.map(l => Math.hypot(...l)));
    return { deflectionMm: rotationRad * farthest, rotationRad };
  };
}
