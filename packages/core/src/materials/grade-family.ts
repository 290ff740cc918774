import type { Family } from './family.js';
import { familyByKey } from './library.js';
import { propertyDefinitions } from './property-definitions.js';
import { propertyDefinition, propertyNames, type PropertyName, type Range } from './property.js';
import { withOwnFacts } from './own-facts.js';
import { unloadedFrom } from './unloaded.js';
import type { Grade, GradeValue } from './grade.js';

/**
 * How much of the family's spread a single value of a grade still has: a data sheet tells of one maker, a
 * measurement of one spool.
 */
const SPREAD = { sheet: 0.5, measured: 0.25 } as const;

/** The softening properties that move together when a grade states only some of them. */
const SOFTENING = ['hdt045C', 'hdt18C', 'vicatC'] as const;

/**
 * A grade as a family that ranking can judge: measured beats data sheet beats family. Where a grade states
 * how it softens under one load only,
 * the other softening temperatures and the retention points move with it, so that the three stay in order.
 * @param base the family it is on; default the library's
 */
export function gradeFamily(grade: Grade, base = familyByKey(grade.family)): Family {
  if (!base) throw new RangeError(`There is no family "${grade.family}"`);
  const properties = { ...base.properties } as Record<PropertyName, Range | null>;
  for (const name of propertyNames) {
    const level = grade.measured[name] ? 'measured' : 'sheet';
    const value = grade[level][name];
    if (value) properties[name] = stated(name, value, base.properties[name], level, grade);
  }
  const shiftK = softeningShift(grade, base, properties);
  const says = (name: PropertyName): boolean => Boolean(grade.measured[name] ?? grade.sheet[name]);
  if (!says('unloadedC') && [...SOFTENING, 'tmC' as const].some(says))
    properties.unloadedC = unloadedFrom(base.flags.structure, properties) ?? properties.unloadedC;
  const own = withOwnFacts(base, grade.facts ?? null);
  return {
    ...own,
    spool: null,
    key: grade.key,
    name: grade.name,
    note: grade.note || `${grade.maker || 'own'} grade of ${base.name}`,
    grade: { family: base.key, maker: grade.maker, soakedGcm3: grade.soakedGcm3 },
    properties,
    windows: { ...base.windows, ...grade.windows },
    baked: bakedOf(grade, base),
    retention:
      shiftK === 0 ? base.retention : shifted(base.retention, shiftK, base.properties.hdt045C?.typical ?? 60),
  };
}

/**
 * A look-up of families and of grades on top of them, by key.
 * @param grades the workshop's own, or those of a file
 */
export function materialFinder(grades: readonly Grade[]): (key: string) => Family | undefined {
  const own = new Map(grades.map(g => [g.key, g]));
  return key => {
    const grade = own.get(key);
    return grade ? gradeFamily(grade) : familyByKey(key);
  };
}

/** The family's baked figures, save those that the grade states itself. */
function bakedOf(grade: Grade, base: Family): Family['baked'] {
  if (!base.baked) return null;
  const kept = Object.entries(base.baked.properties).filter(
    ([name]) => !grade.measured[name as PropertyName] && !grade.sheet[name as PropertyName],
  );
  return { ...base.baked, properties: Object.fromEntries(kept) };
}

function stated(
  name: PropertyName,
  v: GradeValue,
  family: Range | null,
  level: 'sheet' | 'measured',
  grade: Grade,
): Range {
  const { min, max, unit } = propertyDefinition(name);
  const end = (given: number | null, of: number | undefined): number => {
    if (given !== null) return given;
    if (!family || of === undefined) return v.typical;
    // A ratio where both are positive, a difference where one is not (a glass transition below zero).
    const spread =
      family.typical > 0 && v.typical > 0 && of > 0
        ? v.typical * (of / family.typical - 1)
        : of - family.typical;
    return Math.min(max, Math.max(min, v.typical + SPREAD[level] * spread));
  };
  return {
    low: Math.min(v.typical, end(v.low, family?.low)),
    typical: v.typical,
    high: Math.max(v.typical, end(v.high, family?.high)),
    unit,
    confidence: level === 'measured' ? 'measured' : 'standard',
    source:
      level === 'measured'
        ? `own measurement; ${propertyDefinitions[name].standard}`
        : `${grade.maker || 'maker'}’s data sheet; ${propertyDefinitions[name].standard}`,
  };
}

/** Kelvins by which the stated softening lies off the family's, applied to what is not stated. */
function softeningShift(grade: Grade, base: Family, properties: Record<PropertyName, Range | null>): number {
  const said = SOFTENING.filter(n => grade.measured[n] ?? grade.sheet[n]);
  if (!said.length) return 0;
  const shifts = said.map(n => (properties[n]?.typical ?? 0) - (base.properties[n]?.typical ?? 0));
  const shift = shifts.reduce((sum, s) => sum + s, 0) / shifts.length;
  for (const n of SOFTENING) {
    const p = base.properties[n];
    if (said.includes(n) || !p) continue;
    properties[n] = {
      ...p,
      low: p.low + shift,
      typical: p.typical + shift,
      high: p.high + shift,
      confidence: 'estimate',
      source: `${p.source}; moved by ${shift.toFixed(1)} K with what the grade states`,
    };
  }
  return shift;
}

/** Retention points above the room stretched so that those at the heat deflection move with it. */
function shifted(points: Family['retention'], shiftK: number, deflectionC: number): Family['retention'] {
  const stretch = Math.max(0.2, (deflectionC + shiftK - 23) / Math.max(5, deflectionC - 23));
  return points.map(([t, r]) => [t <= 23 ? t : 23 + (t - 23) * stretch, r] as const);
}
