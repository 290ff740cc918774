import type { Status } from './candidate.js';

/** How a candidate stands, as a sign beside its word: never by colour alone. @example statusMark.fits // '●' */
export const statusMark: Readonly<Record<Status, string>> = { fits: '●', marginal: '◐', out: '○' };
