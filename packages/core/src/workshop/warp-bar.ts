import { FamilyKey } from '../materials/material-key.js';
import { Quantity, Series, Text } from '../input/fields.js';

/** Readings that one place of a bar may have. */
export const READINGS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10];

/** Sizes of the usual bar, mm. */
export const warpBarMm = { length: 150, width: 15, height: 6 } as const;

/** A bar printed to see how much this machine warps: how it was printed, and how far its ends stand up. */
export class WarpBar {
  @FamilyKey({ doc: 'The family it is of.' }) family!: string;
  @Text({
    maxLength: 80,
    optional: true,
    nullable: true,
    doc: 'The grade it is of; default null: not known.',
  })
  grade: string | null = null;
  @Text({ maxLength: 40, doc: 'When it was measured, as an ISO 8601 date.' }) at!: string;
  @Quantity({ min: 20, max: 500, unit: 'mm', doc: 'Length.' }) lengthMm!: number;
  @Quantity({ min: 2, max: 100, unit: 'mm', doc: 'Height.' }) heightMm!: number;
  @Quantity({ min: 0.01, max: 1, doc: 'Share of it that is plastic.' }) solidFraction!: number;
  @Quantity({ min: 0, max: 250, unit: '°C', doc: 'The bed it was printed on.' }) bedC!: number;
  @Quantity({ min: -10, max: 250, unit: '°C', doc: 'The air it was printed in.' }) chamberC!: number;
  @Series({
    min: -50,
    max: 100,
    unit: 'mm',
    lengths: READINGS,
    doc: 'Heights of the one end, once or several times.',
  })
  endAMm!: number[];
  @Series({ min: -50, max: 100, unit: 'mm', lengths: READINGS, doc: 'Heights of the other end.' })
  endBMm!: number[];
  @Series({ min: -50, max: 100, unit: 'mm', lengths: READINGS, doc: 'Heights of the middle.' })
  middleMm!: number[];
  @Quantity({
    min: 0.001,
    max: 1,
    unit: 'mm',
    optional: true,
    doc: 'What the caliper can tell apart; default 0.02.',
  })
  resolutionMm = 0.02;
  @Text({ maxLength: 200, optional: true, allowEmpty: true, doc: 'Door open or closed, or anything else.' })
  note = '';
}
