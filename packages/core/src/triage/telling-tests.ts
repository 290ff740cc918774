import type { TellingTest } from './telling-test.js';
import { filamentTests } from './telling/filament-tests.js';
import { plateTests } from './telling/plate-tests.js';
import { printTests } from './telling/print-tests.js';

/** Tests that tell, from a glance to a night of drying; each changes one thing only. */
export const tellingTests: readonly TellingTest[] = [...filamentTests, ...plateTests, ...printTests];
