import { typical, type Family } from '../materials/family.js';
import { FieldRecord, serviceField, ServiceFieldInput, type ServiceFieldResult } from './field-factor.js';
import { labYearsOf, sunOfPlace } from './lab-life.js';
import type { FailureMode } from './modes.js';
import type { CountedPart } from './placed.js';
import { knownMaterial } from './placement.js';

/** Ends that the sun brings about; the others are censored where its word is weighed. */
const byTheSun: ReadonlySet<FailureMode | null> = new Set(['brittle', 'cracked', 'faded']);

/** What own parts say of a family outdoors. */
export interface FieldEvidence extends ServiceFieldResult {
  family: string;
  /** What `service.field` was given. */
  input: ServiceFieldInput;
}

/**
 * What own parts outdoors say of each family: those that are of one known filament and see the sun. Families of which
 * there are none are left out.
 * @param familyOf the family of a grade or family by its key; the family itself, not the grade
 * @param ofWeather the sun of a year of one's own weather by its id, kWh/m²
 */
export function fieldEvidence(
  placed: readonly CountedPart[],
  familyOf: (key: string) => Family | null,
  ofWeather: (id: string) => number | null = () => null,
): FieldEvidence[] {
  const records = new Map<Family, FieldRecord[]>();
  for (const { placement, standing } of placed) {
    const key = knownMaterial(placement);
    const family = key === null ? null : familyOf(key);
    const labYears = family && labYearsOf(placement, family, sunOfPlace(placement.place, ofWeather));
    if (!family || labYears === null || standing.seenYears <= 0) continue;
    const failed = standing.verdict === 'failed' && byTheSun.has(standing.mode);
    // A failure that was found at a look came somewhere since the last one.
    const years = failed ? (standing.soundYears + standing.seenYears) / 2 : standing.seenYears;
    const list = records.get(family) ?? [];
    list.push(Object.assign(new FieldRecord(), { years, labYears, failed, weight: placement.weight }));
    records.set(family, list);
  }
  return [...records].map(([family, list]) => {
    const input = Object.assign(new ServiceFieldInput(), {
      priorFactor: typical(family, 'fieldUvFactor'),
      records: list,
    });
    return { ...serviceField(input), family: family.key, input };
  });
}

/** Families and grades with what own parts say of their life outdoors, for the school of the field. */
export function withFieldEvidence(families: readonly Family[], evidence: readonly FieldEvidence[]): Family[] {
  const byFamily = new Map(evidence.map(e => [e.family, e]));
  return families.map(f => {
    const own = byFamily.get(f.grade?.family ?? f.key);
    const range = f.properties.fieldUvFactor;
    if (!own || !range) return f;
    return {
      ...f,
      properties: {
        ...f.properties,
        fieldUvFactor: {
          ...range,
          low: own.low,
          typical: own.factor,
          high: own.high,
          confidence: 'measured',
          source: `${own.parts} own ${own.parts === 1 ? 'part' : 'parts'} outdoors, ${own.failures} failed by the sun`,
        },
      },
    };
  });
}
