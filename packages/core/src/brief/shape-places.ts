import { Flag, Quantity, Vector } from '../input/fields.js';

const PLACE = { length: 3, min: -10_000, max: 10_000, unit: 'mm' };

/** A place on the surface that is held. */
export class HeldPlace {
  @Vector({
    ...PLACE,
    doc: 'A point on the face or in the hole that does not move, in the axes of the file.',
  })
  atMm!: [number, number, number];
}

/**
 * A place on the surface that a load acts on: exactly one of a force, a pressure and a torque. What weighs by itself
 * acts throughout, and the place is where its movement is read.
 */
export class ActingPlace {
  @Vector({ ...PLACE, doc: 'A point on the face or in the hole that it acts on, in the axes of the file.' })
  atMm!: [number, number, number];
  @Vector({
    length: 3,
    min: -1e6,
    max: 1e6,
    unit: 'N',
    optional: true,
    nullable: true,
    doc: 'Force, spread over the place, or throughout the part; default null.',
  })
  forceN: [number, number, number] | null = null;
  @Flag({
    optional: true,
    doc: 'Whether the force acts throughout the part by its mass, as its own weight does; default false.',
  })
  throughout = false;
  @Quantity({
    min: -1000,
    max: 1000,
    unit: 'MPa',
    optional: true,
    nullable: true,
    doc: 'Pressure on the place, against the way it faces; default null.',
  })
  pressureMPa: number | null = null;
  @Quantity({
    min: -1e8,
    max: 1e8,
    unit: 'N·mm',
    optional: true,
    nullable: true,
    doc: 'Torque about the way the face looks, or about the axis of the hole; default null.',
  })
  torqueNmm: number | null = null;
}

/** A radius that an inner edge of the file is to get. */
export class FilletPlace {
  @Vector({ ...PLACE, doc: 'A point on the inner edge, in the axes of the file.' })
  atMm!: [number, number, number];
  @Quantity({ min: 0.1, max: 100, unit: 'mm', doc: 'The radius.' }) radiusMm!: number;
}
