import type { Knex } from 'knex';
import { partsPrintersDecisions } from './001-parts-printers-decisions.js';
import { givenWeatherVersions } from './002-given-weather-versions.js';
import { gradesSpoolsWorkshop } from './003-grades-spools-workshop.js';
import { wholeRecords } from './004-whole-records.js';
import { withdrawnDecisions } from './005-withdrawn-decisions.js';
import { piecesAndIndexes } from './006-pieces-and-indexes.js';
import { printsAndShapes } from './007-prints-and-shapes.js';
import { trials } from './008-trials.js';
import { service } from './009-service.js';
import { faults } from './010-faults.js';
import { drillAnswers } from './011-drill-answers.js';
import { sumsAndReferences } from './012-sums-and-references.js';
import { renamedFamilies } from './013-renamed-families.js';
import { rotatedKeys } from './014-rotated-keys.js';
import { maps } from './015-maps.js';
import { looksIndexed } from './016-looks-indexed.js';
import { search } from './017-search.js';
import type { Migration } from './migration.js';

/** The schema's history. Only ever add to the end; an old step is never changed. */
export const steps: readonly Migration[] = [
  partsPrintersDecisions,
  givenWeatherVersions,
  gradesSpoolsWorkshop,
  wholeRecords,
  withdrawnDecisions,
  piecesAndIndexes,
  printsAndShapes,
  trials,
  service,
  faults,
  drillAnswers,
  sumsAndReferences,
  renamedFamilies,
  rotatedKeys,
  maps,
  looksIndexed,
  search,
];

/** The history as Knex reads it, compiled in so that a build needs no loose files. */
export function migrationSource(history: readonly Migration[] = steps): Knex.MigrationSource<Migration> {
  return {
    getMigrations: () => Promise.resolve([...history]),
    getMigrationName: m => m.name,
    getMigration: m => Promise.resolve({ up: m.up, down: m.down }),
  };
}
