import { dot, unit, type Xyz } from '../geometry/turn.js';
import type { Brief } from './brief.js';
import type { ShapeField } from './brief-geometry.js';
import type { BriefLoad } from './brief-load.js';
import type { LoadField } from './load-field.js';

/** What a shape says of itself as it is laid one way: the part of a measured lay that a brief takes. */
export interface LaidShape {
  /** The direction of the file that points up. */
  up: Xyz;
  xMm: number;
  yMm: number;
  zMm: number;
  volumeMm3: number;
  sharpCorners: readonly unknown[];
  /** Room under what hangs over; null where it is not known. */
  support: { volumeMm3: number; bridgeMm: number } | null;
  /** What lies how deep; null where it is not known. */
  deepShares: readonly number[] | null;
  /** How full it is over its footprint; null where it is not known. */
  footFill: readonly number[] | null;
  /** What is known of each load on the shape itself lying so; null, or nothing, where that was not worked out. */
  fields?: readonly (LoadField | null)[];
}

/**
 * A pull counts as across the layers from this cosine to upright on, some twenty degrees out of their plane. Steeper
 * than that, the stress over the layers, or the shear between them at some 0.58 of their strength, reaches its limit
 * before the stress along them does, for the Z ratios of 0.4 to 0.7 that prints have (maximum-stress criterion).
 */
const ACROSS = 0.35;

/** The direction in which a load pulls the plastic, in the axes of the file; null where that was not said. */
export function pullOf({
  heldAtMm: held,
  actsAtMm: acts,
}: Pick<BriefLoad, 'heldAtMm' | 'actsAtMm'>): Xyz | null {
  if (!held || !acts) return null;
  const way: Xyz = [acts[0] - held[0], acts[1] - held[1], acts[2] - held[2]];
  return Math.hypot(...way) > 1e-6 ? unit(way) : null;
}

/** The ways to lay a part of which only the sizes are known: as it stands, and over each side. */
export function boxLays({ geometry: g }: Pick<Brief, 'geometry'>): (LaidShape & { turns: string })[] {
  const base = {
    volumeMm3: 1000 * (g.volumeCm3 ?? 0),
    sharpCorners: Array.from({ length: Math.round(g.sharpCorners) }),
    support: null,
    deepShares: null,
    footFill: null,
  };
  const lay = (up: Xyz, x: number, y: number, z: number, turns: string): LaidShape & { turns: string } => ({
    ...base,
    up,
    turns,
    xMm: Math.max(x, y),
    yMm: Math.min(x, y),
    zMm: z,
  });
  return [
    lay([0, 0, 1], g.xMm, g.yMm, g.zMm, 'as it stands'),
    lay([0, 1, 0], g.xMm, g.zMm, g.yMm, 'on its long side'),
    lay([1, 0, 0], g.zMm, g.yMm, g.xMm, 'on its end'),
  ];
}

/** How a part lies: which direction of its file is up, and how large it is so. */
export type Lying = Pick<LaidShape, 'up' | 'xMm' | 'yMm' | 'zMm'>;

/** From this cosine on two directions count as one way up. */
const SAME_WAY = 0.94;
/** A side that stands is as long as another from this share of it on. */
const ABOUT_AS_LONG = 0.7;

/**
 * Whether a load pulls the layers apart when its part is laid another way. Where places on the part say how it pulls,
 * it turns with them. Where nobody has said, it turns as it is taken to run now: along what is up, where it pulls the
 * layers apart; else along the longer side on the plate, so that a way in which a side about as long stands is taken
 * as pulling them apart. Pressing them together is no pull.
 * @param lay how it would lie
 * @param now how it lies while the brief says what it says of the load
 */
export function acrossWhenLaid(load: BriefLoad, lay: Lying, now: Lying): boolean {
  if (load.case === 'compression' || load.case === 'clamp' || load.case === 'insert')
    return load.acrossLayers;
  const pull = pullOf(load);
  if (pull) return Math.abs(dot(pull, unit(lay.up))) > ACROSS;
  const turned = Math.abs(dot(unit(now.up), unit(lay.up)));
  if (load.acrossLayers) return turned > ACROSS;
  return turned < SAME_WAY && lay.zMm >= ABOUT_AS_LONG * Math.max(now.xMm, now.yMm);
}

/** How a brief has its part lying. */
export function lyingNow({ geometry: g }: Pick<Brief, 'geometry'>): Lying {
  return { up: g.up ?? [0, 0, 1], xMm: g.xMm, yMm: g.yMm, zMm: g.zMm };
}

const round = (x: number, digits: number): number => Number(x.toFixed(digits));

/**
 * A brief with its shape laid one way: sizes, corners, supports, what lies how deep, and which loads pull the layers
 * apart.
 * @param file the name of the shape's file
 * @param wallMm the wall that the file has in the middle; null to leave it as it is
 */
export function laidBrief<B extends Pick<Brief, 'geometry' | 'loads'>>(
  brief: B,
  lay: LaidShape,
  file: string | null = brief.geometry.file,
  wallMm: number | null = null,
): B {
  const sizes = {
    xMm: round(Math.max(0.1, lay.xMm), 2),
    yMm: round(Math.max(0.1, lay.yMm), 2),
    zMm: round(Math.max(0.1, lay.zMm), 2),
    volumeCm3: lay.volumeMm3 > 0 ? round(Math.max(0.001, lay.volumeMm3 / 1000), 3) : brief.geometry.volumeCm3,
    sharpCorners: lay.sharpCorners.length,
    ...(wallMm === null ? {} : { wallMm: round(Math.max(0.2, wallMm), 2) }),
  };
  const said = file === null ? [] : (Object.keys(sizes) as ShapeField[]);
  const fromFile = [...new Set([...brief.geometry.fromFile, ...said])];
  return {
    ...brief,
    geometry: {
      ...brief.geometry,
      ...sizes,
      file,
      fromFile,
      up: file === null ? null : (lay.up.map(d => round(d, 6)) as [number, number, number]),
      supportCm3: lay.support && round(lay.support.volumeMm3 / 1000, 3),
      bridgeMm: lay.support && round(lay.support.bridgeMm, 1),
      deepShares: lay.deepShares && [...lay.deepShares],
      footFill: lay.footFill && [...lay.footFill],
      // Another file has its radii in it, or not: what was asked of the last one is over.
      fillets: file === brief.geometry.file ? brief.geometry.fillets : [],
    },
    loads: brief.loads.map((l, i) => ({
      ...l,
      acrossLayers: acrossWhenLaid(l, lay, lyingNow(brief)),
      field: lay.fields?.[i] ?? l.field,
    })),
  };
}
