import { Quantity } from '../input/fields.js';
import { CodedInput } from './coded.js';
import { coupon } from './coupon.js';

/** Facets of round parts. */
const ROUND = 48;

/** Numbers of a row of bridges. */
export class BridgesInput extends CodedInput {
  @Quantity({ min: 4, max: 40, unit: 'mm', optional: true, doc: 'Width; default 10.' }) widthMm = 10;
  @Quantity({ min: 4, max: 40, unit: 'mm', optional: true, doc: 'Height under the bridges; default 8.' })
  heightMm = 8;
}

/** Spans of the bridges, and what is between and over them, mm. */
export const SPANS_MM = [10, 20, 30, 40] as const;
const PIER_MM = 5;
const DECK_MM = 2;

/** Bridges of rising span. */
export const bridges = coupon<BridgesInput>({
  id: 'bridges',
  title: 'Bridges of rising span',
  measures: 'How far it prints across a gap without sagging.',
  Input: BridgesInput,
  make: ({ Manifold }, { widthMm, heightMm }) => {
    const long = SPANS_MM.reduce((s, x) => s + x + PIER_MM, PIER_MM);
    let whole = Manifold.cube([long, widthMm, heightMm + DECK_MM]);
    let x = PIER_MM;
    for (const span of SPANS_MM) {
      const opening = Manifold.cube([span, 3 * widthMm, heightMm + 1]);
      whole = whole.subtract(opening.translate([x, -widthMm, -1]));
      x += span + PIER_MM;
    }
    return whole;
  },
  code: ({ widthMm, heightMm }) => ({
    atMm: [PIER_MM, widthMm * 0.25],
    faceMm: heightMm + DECK_MM,
    highMm: widthMm * 0.5,
    longMm: 30,
  }),
});

/** Numbers of a fan of overhangs. */
export class OverhangFanInput extends CodedInput {
  @Quantity({ min: 5, max: 40, unit: 'mm', optional: true, doc: 'Height; default 15.' }) heightMm = 15;
  @Quantity({ min: 4, max: 30, unit: 'mm', optional: true, doc: 'Width of a leaf; default 10.' }) leafMm = 10;
}

/** Leans of the leaves from upright, deg. */
export const LEANS_DEG = [30, 40, 50, 60, 70] as const;
const LEAF_THICK_MM = 3;
const BASE_MM = 2;

/** Leaves that lean further and further. */
export const overhangFan = coupon<OverhangFanInput>({
  id: 'overhang-fan',
  title: 'Fan of overhangs',
  measures: 'How far it leans out before its underside gets rough: where supports begin.',
  Input: OverhangFanInput,
  make: ({ Manifold, CrossSection }, { heightMm, leafMm }) => {
    let whole = Manifold.cube([LEANS_DEG.length * leafMm, 20, BASE_MM]);
    for (const [i, deg] of LEANS_DEG.entries()) {
      const shift = heightMm * Math.tan((deg * Math.PI) / 180);
      // Drawn from the side and stood up: what is Y here points up there.
      const side = CrossSection.ofPolygons([
        [
          [0, 0],
          [LEAF_THICK_MM, 0],
          [LEAF_THICK_MM + shift, heightMm],
          [shift, heightMm],
        ],
      ]);
      const leaf = side.extrude(leafMm - 0.6).rotate([90, 0, 90]);
      whole = whole.add(leaf.translate([i * leafMm + 0.3, 14, BASE_MM - 0.5]));
    }
    return whole;
  },
  code: ({ leafMm }) => ({
    atMm: [2, 3],
    faceMm: BASE_MM,
    highMm: 7,
    longMm: LEANS_DEG.length * leafMm - 4,
  }),
});

/** Numbers of posts for strings. */
export class StringingPostsInput extends CodedInput {
  @Quantity({ min: 10, max: 100, unit: 'mm', optional: true, doc: 'Way between the posts; default 30.' })
  apartMm = 30;
  @Quantity({ min: 5, max: 80, unit: 'mm', optional: true, doc: 'Height of the posts; default 25.' })
  heightMm = 25;
}

/** Three posts, between which a nozzle strings. */
export const stringingPosts = coupon<StringingPostsInput>({
  id: 'stringing-posts',
  title: 'Posts that show strings',
  measures: 'How much it strings between posts: whether it is dry and drawn back far enough.',
  Input: StringingPostsInput,
  make: ({ Manifold }, { apartMm, heightMm }) => {
    let whole = Manifold.cube([2 * apartMm + 12, 16, 1.6]);
    for (let i = 0; i < 3; i++)
      whole = whole.add(Manifold.cylinder(heightMm, 3, 1.5, ROUND).translate([6 + i * apartMm, 11, 1]));
    return whole;
  },
  code: ({ apartMm }) => ({ atMm: [2, 1.5], faceMm: 1.6, highMm: 4.5, longMm: 2 * apartMm }),
});
