import { Quantity } from '../input/fields.js';
import { coupon } from './coupon.js';
import type { Maker, Solid } from './solids.js';

/** Numbers of a housing: an open box with posts for screws and an opening in one side. */
export class HousingInput {
  @Quantity({ min: 20, max: 300, unit: 'mm', optional: true, doc: 'Length; default 120.' }) lengthMm = 120;
  @Quantity({ min: 20, max: 300, unit: 'mm', optional: true, doc: 'Width; default 80.' }) widthMm = 80;
  @Quantity({ min: 8, max: 200, unit: 'mm', optional: true, doc: 'Height; default 40.' }) heightMm = 40;
  @Quantity({ min: 0.8, max: 10, unit: 'mm', optional: true, doc: 'Wall; default 2.4.' }) wallMm = 2.4;
}

/** Facets of round parts. */
const ROUND = 32;
const POST_MM = 4;

function make({ Manifold }: Maker, { lengthMm, widthMm, heightMm, wallMm }: HousingInput): Solid {
  const inner = Manifold.cube([lengthMm - 2 * wallMm, widthMm - 2 * wallMm, heightMm]).translate([
    wallMm,
    wallMm,
    wallMm,
  ]);
  const shell = Manifold.cube([lengthMm, widthMm, heightMm]).subtract(inner);
  const window = Manifold.cube([lengthMm * 0.4, 3 * wallMm, heightMm * 0.35]).translate([
    lengthMm * 0.3,
    -wallMm,
    heightMm * 0.35,
  ]);
  const inset = wallMm + POST_MM - 0.5;
  const posts = [
    [inset, inset],
    [lengthMm - inset, inset],
    [inset, widthMm - inset],
    [lengthMm - inset, widthMm - inset],
  ].map(([x, y]) =>
    Manifold.cylinder(heightMm - 2, POST_MM, POST_MM, ROUND)
      .subtract(Manifold.cylinder(heightMm, 1.25, 1.25, ROUND).translate([0, 0, 4]))
      .translate([x!, y!, 1]),
  );
  return posts.reduce((whole, post) => whole.add(post), shell).subtract(window);
}

/** A box for electronics. */
export const housing = coupon({
  id: 'housing',
  title: 'Open housing with posts',
  measures:
    'Whether a box with posts for screws prints cleanly and stays flat: a usual part to try all of it on.',
  Input: HousingInput,
  make,
});
