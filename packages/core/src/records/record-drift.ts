import { scoreShown } from '../score/doubt.js';
import type { Family } from '../materials/family.js';
import type { Grade } from '../materials/grade.js';
import { propertyDefinition, propertyNames } from '../materials/property.js';
import { rank } from '../score/rank.js';
import type { Ranking, Status } from '../score/candidate.js';
import type { DecisionRecord } from './record.js';
import { ModelScales } from '../workshop/model-scales.js';
import { METHOD_VERSION, methodOf } from './method.js';
import { revived, premisedCandidates } from './premises.js';

/** How today's answer to the same question differs from a record's: library data or the method changed since. */
export interface RecordDrift {
  firstThen: string | null;
  firstNow: string | null;
  differs: boolean;
  /** The method of the record, and of today's answer. */
  methodThen: string;
  methodNow: string;
  candidates: {
    material: string;
    name: string;
    then: { status: Status; score: number } | null;
    now: { status: Status; score: number } | null;
  }[];
  data: {
    material: string;
    property: string;
    label: string;
    unit: string;
    then: number | null;
    now: number | null;
  }[];
}

/**
 * Asks a record's question again, of today's library: the same brief, printer and weather, other data.
 * @param families today's families
 * @param grades today's grades that are in use
 * @param scales how far the workshop moves the models today
 */
export function recordDrift(
  record: Pick<DecisionRecord, 'premises' | 'ranking' | 'methodVersion'>,
  families: readonly Family[],
  grades: readonly Grade[],
  scales: ModelScales = new ModelScales(),
): RecordDrift {
  const then = record.ranking;
  const premises = revived(record.premises);
  const keys = new Set(premises.grades.map(g => g.key));
  const today = premisedCandidates({
    families,
    grades: grades.filter(g => keys.has(g.key)),
    shelf: premises.shelf,
    scales,
  });
  const now = rank(premises.brief, { printer: premises.printer, weather: premises.weather, families: today });
  const of = (r: Ranking, key: string): { status: Status; score: number } | null => {
    const c = r.candidates.find(x => x.material === key);
    return c ? { status: c.status, score: scoreShown(c) } : null;
  };
  const all = new Map([...then.candidates, ...now.candidates].map(c => [c.material, c.name]));
  const candidates = [...all]
    .map(([material, name]) => ({ material, name, then: of(then, material), now: of(now, material) }))
    .filter(
      c => c.then?.status !== c.now?.status || Math.abs((c.then?.score ?? 0) - (c.now?.score ?? 0)) >= 0.005,
    );
  const before = new Map(premisedCandidates(premises).map(f => [f.key, f]));
  const data = today.flatMap(f => {
    const old = before.get(f.key);
    return old
      ? propertyNames.flatMap(property => {
          const a = old.properties[property]?.typical ?? null;
          const b = f.properties[property]?.typical ?? null;
          const { label, unit } = propertyDefinition(property);
          return a === b ? [] : [{ material: f.key, property, label, unit, then: a, now: b }];
        })
      : [];
  });
  return {
    firstThen: then.firstChoice,
    firstNow: now.firstChoice,
    differs: then.firstChoice !== now.firstChoice,
    methodThen: methodOf(record),
    methodNow: METHOD_VERSION,
    candidates,
    data,
  };
}
