import type { Placement } from './placement.js';
import type { ServiceStanding } from './standing.js';

/** A part in service and how it stands. */
export interface Placed {
  id: string;
  placement: Placement;
  standing: ServiceStanding;
}
