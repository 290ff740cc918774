import { FamilyKey } from '../materials/material-key.js';
import { Choice, ListOf, Quantity, Series, Text } from '../input/fields.js';
import { gaugeKinds, type GaugeKind } from '../models/gauge-kinds.js';
import { READINGS } from './warp-bar.js';

/** One size of a gauge, read once or several times. */
export class GaugeSize {
  @Choice(gaugeKinds, { doc: 'Across its outside, across a hole, or a height.' }) kind!: GaugeKind;
  @Quantity({ min: 0.5, max: 1000, unit: 'mm', doc: 'What it should be.' }) nominalMm!: number;
  @Series({ min: 0.1, max: 1100, unit: 'mm', lengths: READINGS, doc: 'What it is, once or several times.' })
  measuredMm!: number[];
}

/** A gauge printed to see how true this machine is, and the sizes read of it. */
export class Gauge {
  @FamilyKey({ doc: 'The family it is of.' }) family!: string;
  @Text({
    maxLength: 80,
    optional: true,
    nullable: true,
    doc: 'The grade it is of; default null: not known.',
  })
  grade: string | null = null;
  @Text({ maxLength: 40, doc: 'When it was measured, as an ISO 8601 date.' }) at!: string;
  @ListOf(() => GaugeSize, { max: 40, doc: 'The sizes that were read.' }) sizes!: GaugeSize[];
  @Quantity({
    min: 0.001,
    max: 1,
    unit: 'mm',
    optional: true,
    doc: 'What the caliper can tell apart; default 0.02.',
  })
  resolutionMm = 0.02;
  @Text({ maxLength: 200, optional: true, allowEmpty: true, doc: 'How it was printed.' })
  note = '';
}

/** Sizes of the usual gauge, mm: a plate with two pins and two holes of the same widths, and two steps at its end. */
export const gaugeMm = {
  length: 120,
  width: 24,
  plate: 5,
  middleStep: 10,
  highStep: 20,
  pinHeight: 10,
  round: [10, 5],
} as const;

/** What is measured of the usual gauge, in the order in which a hand goes along it. */
export const usualGaugeSizes: readonly { id: string; label: string; kind: GaugeKind; nominalMm: number }[] = [
  { id: 'length', label: 'Its length', kind: 'outside', nominalMm: gaugeMm.length },
  { id: 'width', label: 'Its width', kind: 'outside', nominalMm: gaugeMm.width },
  { id: 'pin-thick', label: 'Thick pin', kind: 'outside', nominalMm: gaugeMm.round[0] },
  { id: 'pin-thin', label: 'Thin pin', kind: 'outside', nominalMm: gaugeMm.round[1] },
  { id: 'hole-wide', label: 'Wide hole', kind: 'hole', nominalMm: gaugeMm.round[0] },
  { id: 'hole-narrow', label: 'Narrow hole', kind: 'hole', nominalMm: gaugeMm.round[1] },
  { id: 'step-high', label: 'High step', kind: 'height', nominalMm: gaugeMm.highStep },
  { id: 'step-middle', label: 'Middle step', kind: 'height', nominalMm: gaugeMm.middleStep },
  { id: 'plate', label: 'Thickness of the plate', kind: 'height', nominalMm: gaugeMm.plate },
];
