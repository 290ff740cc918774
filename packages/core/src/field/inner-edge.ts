import { dot, minus, unit, type Xyz } from '../geometry/turn.js';
import { cornerAt, type Surface } from './patch.js';

/** An edge at which two faces lean together, so that the open side is the narrower one: there stress gathers. */
export interface InnerEdge {
  from: Xyz;
  to: Xyz;
  /** The directions that its two faces look, into the open. */
  faces: readonly [Xyz, Xyz];
  /** Whether the inner edge ends at its two ends: else another piece of it runs on. */
  ends: readonly [boolean, boolean];
}

interface Piece extends InnerEdge {
  /** The corners of the shape that it runs between. */
  corners: readonly [number, number];
}

/** Faces that turn by less are one rounded face, as a cosine. */
const BENDS = Math.cos((20 * Math.PI) / 180);
/** The next piece of an inner edge runs on within this, as a cosine: round a boss it turns little by little. */
const RUNS_ON = Math.cos((50 * Math.PI) / 180);

/** The pieces of every inner edge of a shape. */
function piecesOf({ positions, welded, normals, across }: Surface): Piece[] {
  const normal = (t: number): Xyz => [normals[3 * t]!, normals[3 * t + 1]!, normals[3 * t + 2]!];
  const pieces: Piece[] = [];
  across.forEach((other, e) => {
    const t = Math.floor(e / 3);
    // Each edge once, from the triangle of the lower number.
    if (other <= t) return;
    const faces = [normal(t), normal(other)] as const;
    if (dot(faces[0], faces[1]) > BENDS) return;
    const k = e % 3;
    const next = (k + 1) % 3;
    const from = cornerAt(positions, t, k);
    const to = cornerAt(positions, t, next);
    const corners = [welded.corners[3 * t + k]!, welded.corners[3 * t + next]!] as const;
    // The far corner of the other triangle stands out over this one: the faces lean together.
    const far = [0, 1, 2].find(c => !corners.includes(welded.corners[3 * other + c]!));
    if (far === undefined || dot(faces[0], minus(cornerAt(positions, other, far), from)) <= 0) return;
    pieces.push({ from, to, faces, corners, ends: [true, true] });
  });
  return pieces;
}

/**
 * The inner edge that a place lies at, in pieces, with all that runs on from it.
 * @param withinMm how far it may be
 * @returns nothing where no inner edge is so near
 */
export function innerEdgeAt(surface: Surface, atMm: Xyz, withinMm: number): InnerEdge[] {
  const pieces = piecesOf(surface);
  const nearest = nearestPiece(pieces, atMm);
  if (!nearest || distanceTo(nearest, atMm) > withinMm) return [];
  const byCorner = new Map<number, Piece[]>();
  for (const piece of pieces)
    for (const c of piece.corners) byCorner.set(c, [...(byCorner.get(c) ?? []), piece]);
  const after = (piece: Piece, corner: number): Piece[] =>
    byCorner
      .get(corner)!
      .filter(next => next !== piece && Math.abs(dot(wayOf(piece), wayOf(next))) >= RUNS_ON);
  const found = new Set([nearest]);
  const queue = [nearest];
  for (let piece = queue.pop(); piece; piece = queue.pop())
    for (const next of piece.corners.flatMap(c => after(piece!, c)))
      if (!found.has(next)) {
        found.add(next);
        queue.push(next);
      }
  return [...found].map(piece => ({
    ...piece,
    ends: [!after(piece, piece.corners[0]).length, !after(piece, piece.corners[1]).length] as const,
  }));
}

/** The place on an inner edge that lies nearest to a place; null where none is within reach. */
export function innerEdgeNear(surface: Surface, atMm: Xyz, withinMm: number): Xyz | null {
  const nearest = nearestPiece(innerEdgeAt(surface, atMm, withinMm), atMm);
  return nearest && nearestOn(nearest, atMm);
}

/** The piece that a place lies nearest to. */
export function nearestPiece<P extends Pick<InnerEdge, 'from' | 'to'>>(
  pieces: readonly P[],
  p: Xyz,
): P | null {
  let best: P | null = null;
  let least = Infinity;
  for (const piece of pieces) {
    const d = distanceTo(piece, p);
    if (d >= least) continue;
    least = d;
    best = piece;
  }
  return best;
}

/** The way that a piece of an edge runs. */
export function wayOf({ from, to }: Pick<InnerEdge, 'from' | 'to'>): Xyz {
  return unit(minus(to, from));
}

function nearestOn({ from, to }: Pick<InnerEdge, 'from' | 'to'>, p: Xyz): Xyz {
  const run = minus(to, from);
  const t = Math.min(1, Math.max(0, dot(minus(p, from), run) / dot(run, run)));
  return [from[0] + t * run[0], from[1] + t * run[1], from[2] + t * run[2]];
}

/** How far a place lies from a piece of an edge, mm. */
export function distanceTo(piece: Pick<InnerEdge, 'from' | 'to'>, p: Xyz): number {
  return Math.hypot(...minus(p, nearestOn(piece, p)));
}
