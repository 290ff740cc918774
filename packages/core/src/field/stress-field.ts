import type { ActingPlace } from '../brief/shape-places.js';
import { dot, turned, turnedBack, turnedHeap, turnWith, type Turn, type Xyz } from '../geometry/turn.js';
import { InputError } from '../input/input-error.js';
import { solve } from './conjugate-gradients.js';
import { stiffnessOf } from './elasticity.js';
import { fillGrid, lowestNode, type CellGrid } from './grid.js';
import { levelOf } from './level.js';
import { multigridOf } from './multigrid.js';
import { patchAt, surfaceOf, type Patch, type Surface } from './patch.js';
import { piecesOf } from './pieces.js';
import { addForce, addPressure, addTorque, gripOf, nodesAt, nodesThere, turningOf } from './places.js';
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
  along: Peak;
  across: Peak;
  shear: Peak;
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
}

/** One thing that keeps a field from being worked out. */
const problem = (field: string, value: unknown, message: string): InputError =>
  new InputError([{ field, value, message }]);

/** Cells where nobody says how many. */
export const USUAL_CELLS = 60_000;
/** Cells through the thinnest wall that are wanted: fewer bend too stiffly. */
const CELLS_A_WALL = 3;
/** Cells that even a stout part has: its walls, skins and corners are finer than it is. */
const FEWEST_CELLS = 20_000;

/** What is known of a shape besides its triangles. */
export interface FieldShape {
  positions: Float32Array;
  volumeMm3: number;
  /** Its thinnest wall, mm; null where it is not known. */
  minWallMm?: number | null;
}

/**
 * `stress.field`: small-strain linear elasticity of a shape on a grid of bricks, under all its loads at once.
 * @param shape closed, its triangles facing outwards, mm
 * @param progress told how much of the work is done, 0 to 1; it may throw to end it
 * @throws InputError where it is open, nothing is held, a load acts on nothing, or a piece of the part is free
 */
export function stressField(
  shape: FieldShape,
  input: StressFieldInput,
  progress: (done: number) => void = () => undefined,
): StressField {
  const began = performance.now();
  const turn = input.up ? turnWith(input.up, [1, 0, 0]) : null;
  const positions = turn ? turnedHeap(shape.positions, turn) : shape.positions;
  const edge = edgeOf(shape, input);
  const grid = fillGrid(positions, edge);
  const warnings = thinWarnings(shape, grid);
  const shares: CellShares = input.print && !input.solid ? printedCells(grid, input.print) : solidCells(grid);
  const surface = closedSurface(positions);
  const laid = (p: Xyz): Xyz => (turn ? turned(turn, p) : p);
  const held = heldNodes(surface, grid, input, laid);
  const { f, deflections } = forces(surface, grid, input, laid, held);
  const stiffness = stiffnessOf(input);
  const level = levelOf(grid.counts, grid.size, stiffness, shares.stiffness, held);
  const multigrid = multigridOf(level);
  const { u, iterations } = solve(multigrid, f, { progress });
  const cellOf = Int32Array.from(cellsThere(grid));
  const stress = cellStresses(level, grid.size, stiffness, u, c => askedAt(grid, cellOf[c]!));
  asOfPlastic(stress, cellOf, grid, shares);
  const cellVolume = grid.size[0] * grid.size[1] * grid.size[2];
  const volumesMm3 = Float64Array.from(cellOf, c => cellVolume * grid.filled[c]!);
  const at = (c: number): Xyz => inFile(middleOf(grid, cellOf[c]!), turn);
  return {
    cells: cellOf.length,
    cellMm: edge,
    seconds: (performance.now() - began) / 1000,
    iterations,
    acts: deflections.map(of => of(u)),
    along: peakOf(stress.along, volumesMm3, at),
    across: peakOf(stress.across, volumesMm3, at),
    shear: peakOf(stress.shear, volumesMm3, at),
    warnings,
    grid,
    cellOf,
    stress,
    volumesMm3,
    u,
  };
}

/** A shape ready for patches. @throws InputError where it is not closed: what is inside it cannot be told */
export function closedSurface(positions: Float32Array): Surface {
  const surface = surfaceOf(positions);
  const open = surface.across.reduce((sum, t) => sum + Number(t < 0), 0);
  if (open > 0)
    throw problem(
      'mesh',
      `${open} open edges`,
      'is not closed, so that nobody can tell inside from outside: mend it',
    );
  return surface;
}

/** Without what is in every cell: what is told. */
export function told(field: StressField): StressFieldResult {
  const { cells, cellMm, seconds, iterations, acts, along, across, shear, warnings } = field;
  return { cells, cellMm, seconds, iterations, acts, along, across, shear, warnings };
}

/** Most cells that there may be in all. */
const MOST_CELLS = 400_000;

/** The edge of a cell: as it is asked for, else so that the thinnest wall has three, within numbers of cells. */
function edgeOf({ volumeMm3, minWallMm }: FieldShape, { cellMm, cells }: StressFieldInput): number {
  const least = Math.cbrt(volumeMm3 / (cells ?? USUAL_CELLS));
  const finest = Math.cbrt(volumeMm3 / MOST_CELLS);
  if (cellMm !== null) {
    if (cellMm < finest)
      throw problem(
        'cellMm',
        cellMm,
        `makes more than ${MOST_CELLS} cells: at least ${finest.toPrecision(3)} mm is allowed`,
      );
    return cellMm;
  }
  if (cells !== null || !minWallMm) return least;
  return Math.max(least, Math.min(minWallMm / CELLS_A_WALL, Math.cbrt(volumeMm3 / FEWEST_CELLS)));
}

function thinWarnings({ minWallMm }: FieldShape, { size }: CellGrid): string[] {
  const cell = Math.max(...size);
  if (!minWallMm || minWallMm >= 2 * cell) return [];
  return [
    `The thinnest wall, ${minWallMm.toPrecision(2)} mm, has fewer than two cells of ${cell.toPrecision(2)} mm: it ` +
      'comes out too stiff and its stress too low. Ask for smaller cells.',
  ];
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
  }
}

function middleOf({ counts, size, lowMm }: CellGrid, c: number): Xyz {
  const [nx, ny] = counts;
  const at = [c % nx, Math.floor(c / nx) % ny, Math.floor(c / (nx * ny))];
  return at.map((i, k) => lowMm[k]! + (i + 0.5) * size[k]!) as unknown as Xyz;
}

const inFile = (p: Xyz, turn: Turn | null): Xyz => (turn ? turnedBack(turn, p) : p);

/** The nodes that do not move. @throws InputError where none is, or a piece of the part has none */
function heldNodes(
  surface: Surface,
  grid: CellGrid,
  { held: places }: StressFieldInput,
  laid: (p: Xyz) => Xyz,
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
  const steps = [0, 1, 2, 3, 4, 5, 6, 7].map(
    a =>
      (a & 1) +
      ((a >> 1) & 1) * (grid.counts[0] + 1) +
      ((a >> 2) & 1) * (grid.counts[0] + 1) * (grid.counts[1] + 1),
  );
  piece.forEach((p, c) => {
    if (p >= 0 && !holds.has(p) && steps.some(s => held[lowestNode(c, grid.counts) + s])) holds.add(p);
  });
  for (let p = 0; p < count; p++)
    if (!holds.has(p)) {
      const at = middleOf(grid, piece.indexOf(p)).map(x => x.toFixed(1));
      throw problem('held', places, `leaves a piece of the part free: the one at ${at.join(', ')} mm`);
    }
  return held;
}

/** Forces by node, and what each act moves. */
function forces(
  surface: Surface,
  grid: CellGrid,
  { acts }: StressFieldInput,
  laid: (p: Xyz) => Xyz,
  held: Uint8Array,
): { f: Float64Array; deflections: ((u: Float64Array) => ActResult)[] } {
  if (!acts.length) throw problem('acts', acts, 'names no load');
  const [nx, ny, nz] = grid.counts;
  const f = new Float64Array(3 * (nx + 1) * (ny + 1) * (nz + 1));
  const nodeAt = (n: number): Xyz => {
    const ijk = [n % (nx + 1), Math.floor(n / (nx + 1)) % (ny + 1), Math.floor(n / ((nx + 1) * (ny + 1)))];
    return ijk.map((i, k) => grid.lowMm[k]! + i * grid.size[k]!) as unknown as Xyz;
  };
  const deflections = acts.map((act, i) => {
    const patch = patchAt(surface, laid(act.atMm));
    const grip = gripOf(surface, patch, grid);
    if (!grip.nodes.length)
      throw problem(`acts.${i}.atMm`, act.atMm, 'lies where the part is thinner than a cell');
    if (grip.nodes.every(n => held[n]))
      throw problem(`acts.${i}.atMm`, act.atMm, 'lies on what is held: it would move nothing');
    return applied(act, i, patch, grip, { f, laid, nodeAt });
  });
  return { f, deflections };
}

function applied(
  act: ActingPlace,
  index: number,
  patch: Patch,
  grip: ReturnType<typeof gripOf>,
  { f, laid, nodeAt }: { f: Float64Array; laid: (p: Xyz) => Xyz; nodeAt: (n: number) => Xyz },
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
  if (act.forceN) {
    const force = laid(act.forceN);
    const size = Math.hypot(...force);
    if (size === 0)
      throw problem(`acts.${index}.forceN`, act.forceN, 'must not be nothing in every direction');
    addForce(f, grip, force);
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
