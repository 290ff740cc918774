import { Quantity } from '../input/fields.js';
import { coupon } from './coupon.js';
import type { Maker, Solid } from './solids.js';

/** Numbers of a latch: an arm with an eye at one end and a hook at the other. */
export class LatchInput {
  @Quantity({ min: 30, max: 300, unit: 'mm', optional: true, doc: 'Length; default 95.' }) lengthMm = 95;
  @Quantity({ min: 8, max: 60, unit: 'mm', optional: true, doc: 'Width of its eye; default 28.' }) eyeMm = 28;
  @Quantity({ min: 2, max: 40, unit: 'mm', optional: true, doc: 'Thickness; default 14.' }) thickMm = 14;
  @Quantity({ min: 3, max: 40, unit: 'mm', optional: true, doc: 'Depth of its arm; default 10.' }) armMm = 10;
}

/** Facets of round parts. */
const ROUND = 64;

function make({ CrossSection }: Maker, { lengthMm, eyeMm, thickMm, armMm }: LatchInput): Solid {
  const r = eyeMm / 2;
  const eye = CrossSection.circle(r, ROUND).translate([r, r]);
  const arm = CrossSection.square([lengthMm - r, armMm]).translate([r, r - armMm / 2]);
  const hook = CrossSection.ofPolygons([
    [
      [lengthMm - 9, r],
      [lengthMm, r],
      [lengthMm, r + armMm / 2 + 7],
      [lengthMm - 3, r + armMm / 2 + 7],
      [lengthMm - 9, r + armMm / 2 + 1],
    ],
  ]);
  const bore = CrossSection.circle(4.2, ROUND).translate([r, r]);
  return eye.add(arm).add(hook).subtract(bore).extrude(thickMm);
}

/** A latch for a lid. */
export const latch = coupon({
  id: 'latch',
  title: 'Latch with an eye and a hook',
  measures:
    'Whether a latch with an eye and a hook springs and holds: a part under load to try a filament on.',
  Input: LatchInput,
  make,
});
