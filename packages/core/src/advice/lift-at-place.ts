import { warpMitigationsFor } from './warp-mitigations.js';
import { warpOutcome, type WarpSetup } from './warp-outcome.js';

/** The place of a shape that is pulled off the plate hardest, as `warp.field` finds it. */
export interface LiftingPlace {
  /** How high the part stands there, mm. */
  heightMm: number;
  /** Whether that is at a corner of its underside. */
  atCorner: boolean;
}

/** The chance that a part lets go there, and with something done about it there. */
export interface LiftAtPlace {
  pLift: number;
  /** What lowers it, the best first. */
  with: { id: string; label: string; pLift: number }[];
}

/** What is done at a place, rather than to the whole part, its printer or its plate. */
const THERE: readonly string[] = ['fillet', 'ears', 'brim'];
/** A gain that is too small to tell. */
const LEAST_GAIN = 0.005;

/**
 * The chance of `warp.lift-off` at the place that lets go first, by the height and corner of that place rather than
 * those of the whole part, and what a fillet, discs at the corner or a brim make of it.
 */
export function liftAtPlace(setup: WarpSetup, { heightMm, atCorner }: LiftingPlace): LiftAtPlace {
  const { geometry } = setup.brief;
  const there: WarpSetup = {
    ...setup,
    brief: {
      ...setup.brief,
      geometry: { ...geometry, zMm: Math.min(heightMm, geometry.zMm), sharpCorners: atCorner ? 1 : 0 },
    },
  };
  const { pLift } = warpOutcome(there);
  return {
    pLift,
    with: warpMitigationsFor(there)
      .filter(m => THERE.includes(m.id))
      .map(m => ({ id: m.id, label: m.label, pLift: warpOutcome(m.apply(there)).pLift }))
      .filter(m => pLift - m.pLift > LEAST_GAIN)
      .sort((a, b) => a.pLift - b.pLift),
  };
}
