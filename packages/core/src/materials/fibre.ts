import type { Family } from './family.js';

/** Whether it sheds fibres. */
export function isFibre(f: Family): boolean {
  return f.filler === 'carbon-fibre' || f.filler === 'glass-fibre';
}
