/** The header of an answer that was kept, with the moment at which the workshop gave it. */
export const KEPT_AT = 'Hornblende-Kept-At';

/** What a page says to a new version that waits: take over now. */
export const TAKE_OVER = 'take-over';

/** The paths of what a phone is told and keeps: parts in service and looks at them, maps, grades, trials, faults. */
export const KEPT_LISTS =
  /^\/api\/(health|placements(\/[\w-]+(\/inspections)?)?|maps|grades|bench|faults(\/[\w-]+)?)$/;
