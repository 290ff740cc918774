import { Quantity, Text, Vector } from '../input/fields.js';

const PLACE = { length: 3, min: -10_000, max: 10_000, unit: 'mm', optional: true, nullable: true };
const KNOCK = { min: 0, max: 1e6, unit: '1/mm²', optional: true, nullable: true };
const MPA = { min: 0, max: 1e6, unit: 'MPa' };

/**
 * What `stress.field` found of a load on the shape itself, as a solid bar’s formula would give it: it serves every
 * filament, for stress does not depend on the modulus, and deflection only divides by it.
 */
export class LoadField {
  @Text({
    maxLength: 16,
    doc: 'What it was worked out for: places, forces, how it lies and is printed; see fieldKey.',
  })
  of!: string;
  @Quantity({ ...MPA, doc: 'Stress in the plane of the layers that 99.9 % of the volume stays under.' })
  alongMPa!: number;
  @Quantity({ ...MPA, doc: 'The same of what opens and shears the layers: √(σ_zz² + (τ/0.6)²).' })
  betweenMPa!: number;
  @Quantity({
    min: 0,
    max: 1e12,
    unit: 'mm·MPa',
    doc: 'The most that an acting place moves, times the modulus.',
  })
  deflectionTimesModulus!: number;
  @Quantity({
    ...KNOCK,
    doc: 'Of a knock there: energy per area of the weakest place over all of it, along the layers; default null.',
  })
  knockAlongPerMm2: number | null = null;
  @Quantity({ ...KNOCK, doc: 'The same of what opens the layers; default null.' })
  knockBetweenPerMm2: number | null = null;
  @Vector({
    ...PLACE,
    doc: 'Where the stress along the layers is worst, in the axes of the file; default null.',
  })
  alongAtMm: [number, number, number] | null = null;
  @Vector({ ...PLACE, doc: 'Where that between the layers is worst; default null.' })
  betweenAtMm: [number, number, number] | null = null;
}

/** The stresses of a load on the shape itself, MPa. */
export type FieldStress = Pick<LoadField, 'alongMPa' | 'betweenMPa'>;

/**
 * The stress that is as hard on a filament as what a shape bears: along its layers as it is, between them over their
 * weld.
 * @param zRatio strength across the layers over along
 */
export function feltStressMPa({ alongMPa, betweenMPa }: FieldStress, zRatio: number): number {
  return Math.max(alongMPa, betweenMPa / Math.min(1, zRatio));
}
