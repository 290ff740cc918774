import { Quantity } from '../input/fields.js';
import { coupon } from './coupon.js';
import type { Maker, Solid } from './solids.js';

/** Numbers of a levelling foot: a dish with a neck that takes a threaded rod. */
export class LevellingFootInput {
  @Quantity({ min: 20, max: 200, unit: 'mm', optional: true, doc: 'Width of its sole; default 70.' }) soleMm =
    70;
  @Quantity({ min: 10, max: 200, unit: 'mm', optional: true, doc: 'Height; default 45.' }) heightMm = 45;
  @Quantity({ min: 8, max: 150, unit: 'mm', optional: true, doc: 'Width of its neck; default 34.' }) neckMm =
    34;
  @Quantity({ min: 3, max: 40, unit: 'mm', optional: true, doc: 'Bore for the rod; default 12.2.' }) boreMm =
    12.2;
}

/** Facets of round parts. */
const ROUND = 96;

function make(
  { CrossSection, Manifold }: Maker,
  { soleMm, heightMm, neckMm, boreMm }: LevellingFootInput,
): Solid {
  const sole = soleMm / 2;
  const neck = neckMm / 2;
  const profile = CrossSection.ofPolygons([
    [
      [0, 0],
      [sole - 1.5, 0],
      [sole, 1.5],
      [sole, 10],
      [neck, 10 + (sole - neck)],
      [neck, heightMm],
      [0, heightMm],
    ],
  ]);
  const bore = Manifold.cylinder(heightMm, boreMm / 2, boreMm / 2, ROUND).translate([0, 0, 12]);
  return profile.revolve(ROUND).subtract(bore);
}

/** A foot for a stand. */
export const levellingFoot = coupon({
  id: 'levelling-foot',
  title: 'Levelling foot for a threaded rod',
  measures: 'Whether a foot with a rod in it keeps its height under a weight that stands on it for months.',
  Input: LevellingFootInput,
  make,
});
