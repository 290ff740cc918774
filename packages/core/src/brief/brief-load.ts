import { Choice, Choices, Flag, ListOf, Nested, Quantity, Vector } from '../input/fields.js';
import { loadKinds, type LoadKind, loadCases, type LoadCase } from './choices.js';
import { MM } from './brief-geometry.js';
import { LoadField } from './load-field.js';
import { ActingPlace, HeldPlace } from './shape-places.js';

/** The numbers of a load. */
export const loadNumbers = [
  'forceN',
  'lengthMm',
  'widthMm',
  'heightMm',
  'stressMPa',
  'thicknessMm',
  'undercutMm',
  'massKg',
  'decelerationG',
  'heightM',
  'areaMm2',
] as const;

/** A number of a load. */
export type LoadNumber = (typeof loadNumbers)[number];

const PLACE = { length: 3, min: -10_000, max: 10_000, unit: 'mm', optional: true, nullable: true };

/** One load. Which lengths are needed depends on the case; see `docs/formats.md`. */
export class BriefLoad {
  @Choice(loadKinds, { doc: 'Held for long, short, repeated, or a knock.' }) kind!: LoadKind;
  @Choice(loadCases, { doc: 'How the loaded member is held.' }) case!: LoadCase;
  @Quantity({
    min: 0,
    max: 1e6,
    unit: 'N',
    optional: true,
    nullable: true,
    doc: 'Force; the upper end where it is not sure.',
  })
  forceN: number | null = null;
  @Quantity({
    min: 0,
    max: 1e6,
    unit: 'N',
    optional: true,
    nullable: true,
    doc: 'Lower end of the force, where it is not sure; default null.',
  })
  forceLowN: number | null = null;
  @Quantity({ ...MM, optional: true, nullable: true, doc: 'Free length or span; how deep an insert sits.' })
  lengthMm: number | null = null;
  @Quantity({ ...MM, optional: true, nullable: true, doc: 'Section width; the outer diameter of an insert.' })
  widthMm: number | null = null;
  @Quantity({ ...MM, optional: true, nullable: true, doc: 'Section height, in the direction of bending.' })
  heightMm: number | null = null;
  @Quantity({
    min: 0,
    max: 500,
    unit: 'MPa',
    optional: true,
    nullable: true,
    doc: 'Stress, for direct-stress and a clamp.',
  })
  stressMPa: number | null = null;
  @Quantity({
    min: 0.1,
    max: 100,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Root thickness of a snap finger; default its section height.',
  })
  thicknessMm: number | null = null;
  @Quantity({
    min: 0,
    max: 100,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Undercut of a snap finger.',
  })
  undercutMm: number | null = null;
  @Quantity({
    min: 0,
    max: 1000,
    unit: 'kg',
    optional: true,
    nullable: true,
    doc: 'Mass, for deceleration and drop.',
  })
  massKg: number | null = null;
  @Quantity({ min: 0, max: 10000, unit: 'g₀', optional: true, nullable: true, doc: 'Deceleration.' })
  decelerationG: number | null = null;
  @Quantity({ min: 0, max: 100, unit: 'm', optional: true, nullable: true, doc: 'Height of a drop.' })
  heightM: number | null = null;
  @Quantity({
    min: 0.01,
    max: 1e6,
    unit: 'mm²',
    optional: true,
    nullable: true,
    doc: 'Face that is squeezed, for a clamp.',
  })
  areaMm2: number | null = null;
  @Flag({ optional: true, doc: 'Whether the load pulls the layers apart; default false.' }) acrossLayers =
    false;
  @Quantity({
    min: 0,
    max: 1e6,
    unit: 'h',
    optional: true,
    nullable: true,
    doc: 'Hours held in all; default the whole life when sustained, else 0.',
  })
  hours: number | null = null;
  @Quantity({
    min: 1,
    max: 1e10,
    optional: true,
    nullable: true,
    doc: 'Cycles; default 10 000 when cyclic, else 1.',
  })
  cycles: number | null = null;
  @Vector({
    ...PLACE,
    doc: 'Where on the shape it is held, in the axes of its file, mm; default null: not said.',
  })
  heldAtMm: [number, number, number] | null = null;
  @Vector({
    ...PLACE,
    doc: 'Where on the shape it acts, in the axes of its file, mm; default null: not said.',
  })
  actsAtMm: [number, number, number] | null = null;
  @ListOf(() => HeldPlace, {
    max: 40,
    optional: true,
    doc: 'Faces and holes of the shape that are held while it acts; default none.',
  })
  held: HeldPlace[] = [];
  @ListOf(() => ActingPlace, {
    max: 40,
    optional: true,
    doc: 'Faces and holes of the shape that it acts on, each with what acts; default none.',
  })
  acts: ActingPlace[] = [];
  @Nested(() => LoadField, {
    optional: true,
    nullable: true,
    doc: 'What was worked out on the shape itself; default null: a bar stands for it.',
  })
  field: LoadField | null = null;
  @Choices(loadNumbers, {
    optional: true,
    doc: 'Numbers that were put in to start from and that nobody has said yet; default none.',
  })
  assumed: LoadNumber[] = [];
}

/** The fields of a load that each case cannot do without. */
export const neededByCase: Record<LoadCase, readonly (keyof BriefLoad)[]> = {
  cantilever: ['forceN', 'lengthMm', 'widthMm', 'heightMm'],
  'simply-supported': ['forceN', 'lengthMm', 'widthMm', 'heightMm'],
  'fixed-fixed': ['forceN', 'lengthMm', 'widthMm', 'heightMm'],
  tension: ['forceN', 'widthMm', 'heightMm'],
  compression: ['forceN', 'widthMm', 'heightMm'],
  'direct-stress': ['stressMPa'],
  'snap-fit': ['lengthMm', 'undercutMm'],
  deceleration: ['massKg', 'decelerationG', 'lengthMm', 'widthMm', 'heightMm'],
  drop: ['massKg', 'heightM', 'widthMm', 'heightMm'],
  clamp: [],
  insert: ['forceN', 'widthMm', 'lengthMm'],
};
