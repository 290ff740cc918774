import { Quantity } from '../input/fields.js';
import { gaugeMm } from '../workshop/gauge.js';
import { CodedInput } from './coded.js';
import { coupon } from './coupon.js';
import type { Maker, Solid } from './solids.js';

/** Numbers of a gauge: a plate with pins, holes and steps. */
export class GaugeInput extends CodedInput {
  @Quantity({ min: 110, max: 300, unit: 'mm', optional: true, doc: 'Length; default 120.' })
  lengthMm = gaugeMm.length;
  @Quantity({ min: 20, max: 100, unit: 'mm', optional: true, doc: 'Width; default 24.' })
  widthMm = gaugeMm.width;
}

/** Facets of round parts: many, for what is measured across flats is too small. */
const ROUND = 180;
/** Where along the gauge its steps end and its pins and holes stand, mm. */
const AT = { highStep: 12, middleStep: 24, pins: [42, 58], holes: [76, 94] } as const;

function make({ Manifold }: Maker, { lengthMm, widthMm }: GaugeInput): Solid {
  const { plate, middleStep, highStep, pinHeight, round } = gaugeMm;
  const across = widthMm / 2;
  const pillar = (x: number, across2: number, height: number): Solid =>
    Manifold.cylinder(height, across2 / 2, across2 / 2, ROUND).translate([x, across, 0]);
  let whole = Manifold.cube([lengthMm, widthMm, plate])
    .add(Manifold.cube([AT.middleStep, widthMm, middleStep]))
    .add(Manifold.cube([AT.highStep, widthMm, highStep]));
  for (const [i, x] of AT.pins.entries()) whole = whole.add(pillar(x, round[i]!, plate + pinHeight));
  for (const [i, x] of AT.holes.entries())
    whole = whole.subtract(pillar(x, round[i]!, 3 * plate).translate([0, 0, -plate]));
  return whole;
}

/** A plate with pins, holes and steps whose sizes tell how true a machine is. */
export const gauge = coupon<GaugeInput>({
  id: 'gauge',
  title: 'Gauge of sizes',
  measures: 'How much larger or smaller holes, pins and steps come out than they were drawn.',
  Input: GaugeInput,
  make,
  code: ({ widthMm }) => ({ atMm: [26, 1.5], faceMm: gaugeMm.plate, highMm: widthMm / 6, longMm: 40 }),
});
