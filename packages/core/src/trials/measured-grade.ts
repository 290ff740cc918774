import { mean, sampleStandardDeviation } from 'simple-statistics';
import type { Family } from '../materials/family.js';
import type { Grade, GradeValues } from '../materials/grade.js';
import { propertyDefinition } from '../materials/property.js';
import { counted } from './answer.js';
import type { Trial, TrialEntrant } from './trial.js';

/** What a trial measured of a filament that the library has a property for: mean, and two standard deviations. */
export function measuredValues(trial: Trial, entrant: TrialEntrant): GradeValues {
  const values: GradeValues = {};
  for (const { id, property } of trial.criteria) {
    const readings = counted(entrant, id);
    if (property === null || !readings.length) continue;
    const { min, max } = propertyDefinition(property);
    const inside = (x: number): number => Math.min(max, Math.max(min, x));
    const typical = mean(readings);
    const spread = readings.length > 1 ? 2 * sampleStandardDeviation(readings) : null;
    values[property] = {
      typical: inside(typical),
      low: spread === null ? null : inside(typical - spread),
      high: spread === null ? null : inside(typical + spread),
    };
  }
  return values;
}

/** How many readings stand behind what was measured, in words. */
export function measuredNote(trial: Trial, entrant: TrialEntrant): string {
  const counts = trial.criteria
    .filter(c => c.property !== null)
    .map(c => ({ label: c.label.toLowerCase(), n: counted(entrant, c.id).length }))
    .filter(c => c.n > 0);
  return `By the trial “${trial.name}”: ${counts.map(c => `${c.label} of ${c.n}`).join(', ')}.`;
}

/**
 * A filament as the trial found it: its grade with the measured values in it, or a grade of its own on top of its
 * family. Null where nothing was measured that the library has a property for.
 * @param known the grade, where the filament is one
 */
export function gradeByTrial(
  trial: Trial,
  entrant: TrialEntrant,
  family: Family,
  known: Grade | null,
): Grade | null {
  const measured = measuredValues(trial, entrant);
  if (!Object.keys(measured).length) return null;
  const note = measuredNote(trial, entrant);
  if (known)
    return {
      ...known,
      measured: { ...known.measured, ...measured },
      note: [known.note, note].filter(Boolean).join(' ').slice(0, 2000),
    };
  return {
    format: 'hornblende-grade',
    version: 1,
    key: `${family.key}-as-tried`,
    name: `${family.name} as tried`,
    maker: '',
    family: family.key,
    note,
    archived: false,
    soakedGcm3: null,
    facts: null,
    sheet: {},
    measured,
    windows: {},
  };
}
