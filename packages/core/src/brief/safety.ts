import { requiredSafety } from '../models/strength-allowable.js';
import type { Brief } from './brief.js';

/** How many times over a part is to hold: as it is said, else by what happens if it fails. */
export function safetyOf({ safety, ifItFails }: Pick<Brief, 'safety' | 'ifItFails'>): number {
  return safety ?? requiredSafety[ifItFails];
}
