import type { Family } from './family.js';

/** Whether its figures already stand for a black plastic, because of what is in it: its colour is no second gain. */
export function isFilledBlack(f: Family): boolean {
  return isFibre(f) || f.filler === 'conductive';
}

/** Whether it sheds fibres. */
export function isFibre(f: Family): boolean {
  return f.filler === 'carbon-fibre' || f.filler === 'glass-fibre';
}
