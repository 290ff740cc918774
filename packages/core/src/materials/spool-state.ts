/** What to do with a spool. */
export const spoolStates = ['dry', 'dry it first', 'unusable'] as const;

/** What to do with a spool. */
export type SpoolState = (typeof spoolStates)[number];
