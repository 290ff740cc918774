import { isFibre } from '../materials/fibre.js';
import { typical, type Family } from '../materials/family.js';
import { STANDARD_ROOM_C } from '../lib/physical-constants.js';

/** A small print to learn a filament with, and what it shows. */
export interface LadderCoupon {
  /** A kind of coupon, with its numbers where they are not as usual. */
  kind: string;
  numbers: Readonly<Record<string, number>>;
  shows: string;
}

/** Contraction from solidification to the room that makes a family lift, a share. */
const LIFTS_FROM = 0.0055;
/** Stringing from which on it is the first thing to learn. */
const STRINGS_FROM = 0.4;

/** The print of about ten grams that shows what is hard about a family. */
export function couponFor(f: Family): LadderCoupon {
  if (f.flags.foaming)
    return {
      kind: 'wall-square',
      numbers: {},
      shows: 'how thick a single wall grows: the flow for its foam',
    };
  if (f.properties.shoreA)
    return {
      kind: 'hardness-plate',
      numbers: {},
      shows: 'how slowly it must be fed, and how hard it comes out',
    };
  if (typical(f, 'alphaPerK') * (typical(f, 'solidificationC') - STANDARD_ROOM_C) > LIFTS_FROM)
    return {
      kind: 'warp-bar',
      numbers: { lengthMm: 110 },
      shows: 'whether its ends stay down: plate, air and bed',
    };
  if (isFibre(f))
    return { kind: 'break-bar-upright', numbers: {}, shows: 'how well its layers hold each other' };
  if (f.flags.stringing >= STRINGS_FROM)
    return { kind: 'stringing-posts', numbers: {}, shows: 'heat and retraction that leave no threads' };
  return { kind: 'overhang-fan', numbers: {}, shows: 'how far it reaches out over air with your fan' };
}
