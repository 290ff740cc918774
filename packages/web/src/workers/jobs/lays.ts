import {
  facingOut,
  laysOf,
  markedPlaces,
  meshReport,
  wallPlaces,
  type Lay,
  type MarkedPlace,
  type MeshReport,
} from '@hornblende/core/geometry';
import type { Progress } from '../job';

/** A shape's triangles as bytes: nine coordinates each, mm. */
export interface LaysQuestion {
  bytes: Uint8Array;
  /** Walls thinner than this are marked, mm. */
  thinMm: number;
}

/** A shape measured: as it is in its file, and in every way that it can be laid, with what wants looking at. */
export interface LaysAnswer {
  report: MeshReport;
  lays: (Lay & { places: MarkedPlace[] })[];
}

/** The share of the work that measuring it as it is takes. */
const REPORT = 0.15;

/** Measures a shape in every way that it can be laid. */
export function run({ bytes, thinMm }: LaysQuestion, progress: Progress): LaysAnswer {
  const positions = new Float32Array(bytes.buffer, bytes.byteOffset, bytes.byteLength / 4);
  const report = meshReport({ format: 'stl', unit: 'millimeter', positions, warnings: [] }, done =>
    progress(REPORT * done, 1),
  );
  const lays = laysOf({ positions }, done => progress(REPORT + (1 - REPORT) * done, 1));
  const outwards = facingOut(positions);
  const walls = wallPlaces(outwards);
  return { report, lays: lays.map(lay => ({ ...lay, places: markedPlaces(lay, outwards, walls, thinMm) })) };
}
