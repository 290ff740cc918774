import { insertStressMPa, LoadInsertInput } from '../models/load-insert.js';
import type { Family, Solvent } from '../materials/family.js';
import { acrossMPa } from './seam.js';

/** Ways to join two pieces of a part. */
export const joinIds = ['solvent', 'glue', 'weld', 'screws', 'pins'] as const;
/** A way to join two pieces of a part. */
export type JoinId = (typeof joinIds)[number];

/** What a way to join two faces carries, and how it is done. */
export interface Join {
  id: JoinId;
  name: string;
  /** At what it breaks when it is pulled apart, N: low, typical, high; null where it carries no pull. */
  breaksN: { low: number; typical: number; high: number } | null;
  /** What may be asked of it: the least that it breaks at over the safety that the part wants, N. */
  carriesN: number;
  how: string;
  cautions: string[];
}

type Range = readonly [low: number, typical: number, high: number];

/** Shares of the strength across layers that a seam of the same filament reaches; estimates. */
const OF_ACROSS: Readonly<Record<'solvent' | 'weld', Range>> = {
  solvent: [0.35, 0.55, 0.8],
  weld: [0.25, 0.45, 0.75],
};
/** What glue carries on a roughened face, MPa: on most, on rubber, and on what nothing sticks to; estimates. */
const GLUE_MPA: Readonly<Record<'most' | 'rubber' | 'slippery', Range>> = {
  most: [3, 6, 10],
  rubber: [1, 2.5, 5],
  slippery: [0.2, 0.6, 1.5],
};
/** A screw of 4 mm in its insert, every so many mm² of the face, two at least. */
const SCREW = { diameterMm: 5.6, lengthMm: 8, everyMm2: 400, least: 2 };
/** How far a screw of the same kind scatters below and above. */
const SCREW_SCATTER: Range = [0.7, 1, 1.3];
/** A face that takes a screw at all, mm². */
const SCREW_FACE_MM2 = 2 * 12 * 12;

const solventNames: Readonly<Record<Exclude<Solvent, 'water'>, string>> = {
  acetone: 'acetone',
  isopropanol: 'isopropanol',
  limonene: 'limonene',
  'ethyl-acetate': 'ethyl acetate',
};

function seam(
  [low, typical, high]: Range,
  areaMm2: number,
  safety: number,
): Pick<Join, 'breaksN' | 'carriesN'> {
  const breaksN = { low: low * areaMm2, typical: typical * areaMm2, high: high * areaMm2 };
  return { breaksN, carriesN: breaksN.low / safety };
}

function bySolvent(f: Family, areaMm2: number, safety: number): Join | null {
  const [solvent] = f.flags.smoothedBy.filter(s => s !== 'water');
  if (!solvent) return null;
  const shares = OF_ACROSS.solvent.map(s => s * acrossMPa(f)) as unknown as Range;
  return {
    id: 'solvent',
    name: `welded with ${solventNames[solvent]}`,
    ...seam(shares, areaMm2, safety),
    how: 'Brush both faces, press them together at once, leave them for a day: it melts them into each other.',
    cautions: [
      'Its vapour burns and is not to be breathed: outdoors or extracted, no flame near it, gloves on.',
    ],
  };
}

/** What glue holds on: little keeps to what paint does not hold on either. */
function glueKind(f: Family): keyof typeof GLUE_MPA {
  if (f.flags.structure === 'elastomer') return 'rubber';
  return f.flags.paint === 'poorly' ? 'slippery' : 'most';
}

function byGlue(f: Family, areaMm2: number, safety: number): Join {
  const kind = glueKind(f);
  const most = acrossMPa(f);
  const range = GLUE_MPA[kind].map(x => Math.min(x, most)) as unknown as Range;
  return {
    id: 'glue',
    name: kind === 'rubber' ? 'glued with flexible glue' : 'glued with two-part epoxy',
    ...seam(range, areaMm2, safety),
    how:
      kind === 'slippery'
        ? 'Hardly anything holds on it: flame or primer first, and screws besides.'
        : 'Sand both faces, wipe them with alcohol, and let a lap or a tongue hold what glue alone does not.',
    cautions: ['Uncured resin harms skin and lungs: gloves, and fresh air.'],
  };
}

function byWelding(f: Family, areaMm2: number, safety: number): Join | null {
  if (f.flags.chars) return null;
  const range = OF_ACROSS.weld.map(s => s * acrossMPa(f)) as unknown as Range;
  return {
    id: 'weld',
    name: 'welded with a hot tip and its own filament',
    ...seam(range, areaMm2, safety),
    how: 'Bevel both edges, melt filament into the groove all around: only the rim is joined where the face is large.',
    cautions: ['It fumes more than printing does: extract it.'],
  };
}

function byScrews(f: Family, areaMm2: number, safety: number): Join | null {
  if (areaMm2 < SCREW_FACE_MM2 || f.flags.structure === 'elastomer') return null;
  const count = Math.max(SCREW.least, Math.floor(areaMm2 / SCREW.everyMm2));
  // The pull at which the plastic around one insert bears its strength in its layers.
  const one = Object.assign(new LoadInsertInput(), { ...SCREW, forceN: 1 });
  const pullN = acrossMPa(f) / insertStressMPa(one);
  const [low, typical, high] = SCREW_SCATTER.map(s => s * count * pullN) as unknown as Range;
  return {
    id: 'screws',
    name: `${count} screws of 4 mm into inserts`,
    breaksN: { low, typical, high },
    carriesN: low / safety,
    how: 'Room for inserts and heads in both pieces, five walls around them; it comes apart again.',
    cautions: [],
  };
}

const pins: Join = {
  id: 'pins',
  name: 'printed pins, or a tongue in a groove',
  breaksN: null,
  carriesN: 0,
  how: 'They keep the pieces true and bear shear, but no pull: with glue, a solvent or screws. 0.15 mm of play.',
  cautions: [],
};

/**
 * What may join two pieces of a part, the strongest first.
 * @param areaMm2 the face between them
 * @param safety how many times over the seam is to hold
 */
export function joinsOf(f: Family, areaMm2: number, safety: number): Join[] {
  return [
    ...[bySolvent, byGlue, byWelding, byScrews].flatMap(way => way(f, areaMm2, safety) ?? []),
    pins,
  ].sort((a, b) => b.carriesN - a.carriesN);
}

/** Whether a way to join bears what the worst part of a face bears, if all of it bore as much. */
export function joinHolds({ carriesN }: Join, areaMm2: number, bearsMPa: number): boolean {
  return carriesN >= bearsMPa * areaMm2;
}
