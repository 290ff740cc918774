import { unzipSync, type UnzipFileInfo } from 'fflate';
import { SaxesParser, type SaxesTagPlain } from 'saxes';
import { unitMm, type Mesh, type MeshProgress, type MeshUnit } from './mesh.js';
import { meshProblem } from './mesh-problem.js';

/** Most that a package may unpack to, bytes; more is no part but a bomb. */
const MOST_BYTES = 1.5e9;
/** How deep components may hold components. */
const DEEPEST = 16;
/** Most triangles that a package may lay out, and most pieces: a few lines can hold each other tenfold, twelve deep. */
const MOST_TRIANGLES = 20_000_000;
const MOST_PIECES = 200_000;
/** Characters of XML read between two words about progress. */
const STEP = 4_000_000;

/** A map of space, as 3MF writes it: three rows of a matrix and a shift, row vectors from the left. */
type Transform = readonly number[];
const identity: Transform = [1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0];

interface Piece {
  object: string;
  transform: Transform;
}
interface Body {
  vertices: number[];
  corners: number[];
  components: Piece[];
}
interface Model {
  unit: MeshUnit;
  objects: Map<string, Body>;
  build: Piece[];
}

/** Reads the parts that a 3MF package builds, each where it is laid. @throws InputError */
export function readThreeMf(bytes: Uint8Array, progress: MeshProgress = () => undefined): Mesh {
  const model = modelOf(unpacked(bytes), progress);
  const positions: number[] = [];
  // A package without a list of what to build means all that it holds.
  const build = model.build.length
    ? model.build
    : [...model.objects.keys()].map(object => ({ object, transform: identity }));
  requireCountable(model, build);
  for (const piece of build) lay(model, piece, positions);
  if (!positions.length) throw meshProblem('builds nothing: it holds no triangle');
  const scale = unitMm[model.unit];
  return {
    format: '3mf',
    positions: Float32Array.from(positions, x => x * scale),
    unit: model.unit,
    warnings: [],
  };
}

/** The package's model as text. */
function unpacked(bytes: Uint8Array): string {
  let whole = 0;
  const isModel = ({ name, originalSize }: UnzipFileInfo): boolean => {
    whole += originalSize;
    if (whole > MOST_BYTES) throw meshProblem('unpacks to more than a part can be');
    return /^\/?3D\/[^/]+\.model$/i.test(name);
  };
  let files: Record<string, Uint8Array>;
  try {
    files = unzipSync(bytes, { filter: isModel });
  } catch (e) {
    if ((e as Error).name === 'InputError') throw e;
    throw meshProblem(`is no 3MF that can be unpacked: ${(e as Error).message}`);
  }
  const [model] = Object.values(files);
  if (!model) throw meshProblem('is a zip without a 3D model in it');
  return new TextDecoder().decode(model);
}

/** @throws InputError for XML that is broken */
function modelOf(text: string, progress: MeshProgress): Model {
  const model: Model = { unit: 'millimeter', objects: new Map(), build: [] };
  let body: Body | null = null;
  const parser = new SaxesParser();
  const numbers = (tag: SaxesTagPlain, ...names: string[]): number[] =>
    names.map(n => Number(tag.attributes[n] ?? NaN));
  parser.on('error', e => {
    throw meshProblem(`has a model that is not XML: ${e.message}`);
  });
  parser.on('opentag', tag => {
    switch (tag.name.replace(/^.*:/, '')) {
      case 'model':
        model.unit = unitOf(tag.attributes.unit);
        return;
      case 'object':
        body = { vertices: [], corners: [], components: [] };
        model.objects.set(tag.attributes.id ?? '', body);
        return;
      case 'vertex':
        body?.vertices.push(...numbers(tag, 'x', 'y', 'z'));
        return;
      case 'triangle':
        body?.corners.push(...numbers(tag, 'v1', 'v2', 'v3'));
        return;
      case 'component':
        body?.components.push(pieceOf(tag));
        return;
      case 'item':
        model.build.push(pieceOf(tag));
    }
  });
  for (let at = 0; at < text.length; at += STEP) {
    parser.write(text.slice(at, at + STEP));
    progress(Math.min(1, (at + STEP) / text.length));
  }
  parser.close();
  return model;
}

function unitOf(unit: string | undefined): MeshUnit {
  if (unit === undefined) return 'millimeter';
  if (Object.hasOwn(unitMm, unit)) return unit as MeshUnit;
  throw meshProblem(`is in ${unit.slice(0, 40)}, which is no unit of a 3MF`);
}

function pieceOf(tag: SaxesTagPlain): Piece {
  const { objectid = '', transform } = tag.attributes;
  const numbers = transform?.trim().split(/\s+/).map(Number) ?? identity;
  if (numbers.length !== 12 || numbers.some(n => !Number.isFinite(n)))
    throw meshProblem(`has a transform that is not twelve numbers, at object ${objectid.slice(0, 40)}`);
  return { object: objectid, transform: numbers };
}

/** What an object comes to when it is laid out: its own, and all that it holds. */
interface Count {
  triangles: number;
  pieces: number;
  deep: number;
}

/** Counts what would be laid out before anything is. @throws InputError for more than a part can be */
function requireCountable(model: Model, build: readonly Piece[]): void {
  const known = new Map<string, Count>();
  const open = new Set<string>();
  const countOf = (object: string): Count => {
    const counted = known.get(object);
    if (counted) return counted;
    const body = model.objects.get(object);
    if (!body) throw meshProblem(`builds object ${object.slice(0, 40)}, which it does not hold`);
    if (open.has(object)) throw meshProblem('has components that hold each other without end');
    open.add(object);
    const count: Count = { triangles: body.corners.length / 3, pieces: 1, deep: 0 };
    for (const component of body.components) {
      if (open.size > DEEPEST) throw meshProblem(`has components that hold each other over ${DEEPEST} deep`);
      const inner = countOf(component.object);
      count.triangles += inner.triangles;
      count.pieces += inner.pieces;
      count.deep = Math.max(count.deep, 1 + inner.deep);
    }
    open.delete(object);
    known.set(object, count);
    return count;
  };
  let triangles = 0;
  let pieces = 0;
  for (const { object } of build) {
    const count = countOf(object);
    triangles += count.triangles;
    pieces += count.pieces;
    if (count.deep > DEEPEST) throw meshProblem(`has components that hold each other over ${DEEPEST} deep`);
  }
  if (triangles > MOST_TRIANGLES || pieces > MOST_PIECES)
    throw meshProblem(
      `builds ${triangles.toPrecision(3)} triangles in ${pieces.toPrecision(3)} pieces; ` +
        `at most ${MOST_TRIANGLES} in ${MOST_PIECES} are taken`,
    );
}

/** Adds the triangles of a piece, moved by its own transform and then by those of what holds it. */
function lay(model: Model, piece: Piece, positions: number[], held: readonly Transform[] = []): void {
  const body = model.objects.get(piece.object)!;
  const chain = [piece.transform, ...held];
  for (const v of body.corners) {
    const p = chain.reduce(moved, body.vertices.slice(3 * v, 3 * v + 3));
    positions.push(p[0] ?? NaN, p[1] ?? NaN, p[2] ?? NaN);
  }
  for (const component of body.components) lay(model, component, positions, chain);
}

function moved([x = NaN, y = NaN, z = NaN]: number[], m: Transform): number[] {
  return [0, 1, 2].map(k => x * m[k]! + y * m[3 + k]! + z * m[6 + k]! + m[9 + k]!);
}
