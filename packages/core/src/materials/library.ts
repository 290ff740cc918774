import type { Family } from './family.js';
import { pla } from './families/pla.js';
import { plaTough } from './families/pla-tough.js';
import { petg } from './families/petg.js';
import { abs } from './families/abs.js';
import { asa } from './families/asa.js';
import { pc } from './families/pc.js';
import { pa12 } from './families/pa12.js';
import { pa6Cf } from './families/pa6-cf.js';
import { pp } from './families/pp.js';
import { tpu95a } from './families/tpu-95a.js';
import { tpu85a } from './families/tpu-85a.js';
import { pva } from './families/pva.js';

/** Every family of the library, in the order in which people usually try them. */
export const families: readonly Family[] = [pla, plaTough, petg, abs, asa, pc, pa12, pa6Cf, pp, tpu95a, tpu85a, pva];

const byKey = new Map(families.map(f => [f.key, f]));

/** The families' keys. */
export const familyKeys: readonly string[] = families.map(f => f.key);

/** A family by its key, or undefined. */
export function familyByKey(key: string): Family | undefined { return byKey.get(key); }

/** The version of the shipped data; a decision keeps it so that its ranking can be rebuilt. */
export const LIBRARY_VERSION = '2026.11-1';
