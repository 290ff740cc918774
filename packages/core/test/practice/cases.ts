import { bending } from './cases/bending.js';
import { chemicals } from './cases/chemicals.js';
import { contact } from './cases/contact.js';
import { hot } from './cases/hot.js';
import { indoors } from './cases/indoors.js';
import { looks } from './cases/looks.js';
import { machines } from './cases/machines.js';
import { others } from './cases/others.js';
import { outdoors } from './cases/outdoors.js';
import { rules } from './cases/rules.js';
import { strength } from './cases/strength.js';
import { vehicles } from './cases/vehicles.js';
import { water } from './cases/water.js';
import { wear } from './cases/wear.js';
import type { PracticeCase } from './practice-case.js';

/**
 * What people who print for a living would reach for. One case a row: what is asked (beyond the defaults of a
 * brief), on which kind of machine, who may come first in every school, who must not be in the running and because of
 * which gate, and why.
 */
export const cases: readonly PracticeCase[] = [
  ...indoors,
  ...hot,
  ...vehicles,
  ...outdoors,
  ...water,
  ...chemicals,
  ...bending,
  ...wear,
  ...looks,
  ...contact,
  ...strength,
  ...machines,
  ...others,
  ...rules,
];
