import type { Placement, ServicePlace } from './placement.js';
import type { ServiceStanding } from './standing.js';

/** A part in service and how it stands. */
export interface Placed {
  id: string;
  placement: Placement;
  standing: ServiceStanding;
}

/** What is read of a part in service where thousands of them are counted: a {@link Placed} has it, and more. */
export interface CountedPart {
  placement: Pick<Placement, 'materials' | 'colour' | 'partId' | 'weight'> & {
    place: Pick<ServicePlace, 'sun' | 'heat' | 'load' | 'weatherId' | 'climate'>;
  };
  standing: Pick<ServiceStanding, 'looks' | 'ended' | 'verdict' | 'mode' | 'seenYears' | 'soundYears'>;
}

/** Of a part in service only what a count reads. */
export function countedPart({ placement, standing }: Placed): CountedPart {
  const { materials, colour, partId, weight } = placement;
  const { sun, heat, load, weatherId, climate } = placement.place;
  const { looks, ended, verdict, mode, seenYears, soundYears } = standing;
  return {
    placement: { materials, colour, partId, weight, place: { sun, heat, load, weatherId, climate } },
    standing: { looks, ended, verdict, mode, seenYears, soundYears },
  };
}
