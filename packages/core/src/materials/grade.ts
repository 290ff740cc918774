import { Choice, Flag, Text } from '../formats/fields.js';
import { InputError, parseInput, type Problem } from '../formats/parse.js';
import type { Family, WindowName } from './family.js';
import { familyByKey, familyKeys } from './library.js';
import {
  propertyDefinition,
  propertyDefinitions,
  propertyNames,
  type PropertyName,
  type Range,
  type Window,
} from './property.js';

/** What a grade says of a property: its typical value, and the ends where they are given. */
export interface GradeValue {
  low: number | null;
  typical: number;
  high: number | null;
}
export type GradeValues = Partial<Record<PropertyName, GradeValue>>;

/** What a process window of a grade may span, low and high end. */
export const windowLimits: Record<WindowName, readonly [number, number]> = {
  nozzleC: [120, 500],
  bedC: [0, 250],
  chamberC: [-10, 250],
  speedMmS: [1, 1000],
  fanPct: [0, 100],
  retractionMm: [0, 15],
};
export const windowNames = Object.keys(windowLimits) as WindowName[];

/** What names a grade: `hornblende-grade/1` less its values. */
export class GradeIdentity {
  @Choice(['hornblende-grade'], { doc: 'Always hornblende-grade.' }) format!: 'hornblende-grade';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @Text({
    maxLength: 80,
    doc: 'A short name of its own: small letters, figures and hyphens; not the key of a family.',
  })
  key!: string;
  @Text({ maxLength: 120, doc: 'The name on the spool.' }) name!: string;
  @Text({ maxLength: 120, optional: true, allowEmpty: true, doc: 'Who makes it; default empty.' }) maker = '';
  @Choice(familyKeys, { doc: 'The family it belongs to.' }) family!: string;
  @Text({ maxLength: 2000, optional: true, allowEmpty: true, doc: 'Anything worth keeping; default empty.' })
  note = '';
  @Flag({ optional: true, doc: 'Whether it is put away; default false.' }) archived = false;
}

/** `hornblende-grade/1`: a named product on top of a family, with what its data sheet says and what was measured. */
export interface Grade extends GradeIdentity {
  /** From the data sheet. */
  sheet: GradeValues;
  /** From own measurements; these win over the data sheet. */
  measured: GradeValues;
  /** Process windows from the label. */
  windows: Partial<Record<WindowName, Window>>;
}

/** What a grade's key may look like. */
const KEY = /^[a-z0-9]+(-[a-z0-9]+)*$/;

/** A key from a maker and a name: "Tarn & Sons PLA+" → "tarn-sons-pla". */
export function gradeKey(maker: string, name: string): string {
  return `${maker} ${name}`
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 80)
    .replace(/-$/, '');
}

/**
 * Reads a grade: values as a number, or as `{ low, typical, high }` with ends that may be missing.
 * @throws InputError naming each field, its value and what is allowed
 */
export function parseGrade(plain: unknown): Grade {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain))
    throw new InputError([{ field: '(grade)', value: plain, message: 'must be an object' }]);
  const { sheet = {}, measured = {}, windows = {}, ...rest } = plain as Record<string, unknown>;
  const problems: Problem[] = [];
  let identity = new GradeIdentity();
  try {
    identity = parseInput(GradeIdentity, rest);
  } catch (e) {
    if (!(e instanceof InputError)) throw e;
    problems.push(...e.problems);
  }
  const { key } = rest;
  if (typeof key === 'string' && key) {
    if (!KEY.test(key))
      problems.push({
        field: 'key',
        value: key,
        message: 'must be small letters, figures and single hyphens',
      });
    else if (familyByKey(key))
      problems.push({
        field: 'key',
        value: key,
        message: 'is the key of a family; a grade needs one of its own',
      });
  }
  const grade: Grade = {
    ...identity,
    sheet: valuesOf('sheet', sheet, problems),
    measured: valuesOf('measured', measured, problems),
    windows: windowsOf(windows, problems),
  };
  if (problems.length) throw new InputError(problems);
  return grade;
}

function valuesOf(part: string, plain: unknown, problems: Problem[]): GradeValues {
  const values: GradeValues = {};
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) {
    problems.push({ field: part, value: plain, message: 'must be an object of properties' });
    return values;
  }
  for (const [name, value] of Object.entries(plain)) {
    const field = `${part}.${name}`;
    if (!(name in propertyDefinitions)) {
      problems.push({ field, value, message: 'is not a property of this format' });
      continue;
    }
    const { min, max, unit } = propertyDefinition(name as PropertyName);
    const allowed = `must be a number from ${min} to ${max}${unit ? ` ${unit}` : ''}`;
    const given = typeof value === 'number' ? { typical: value } : (value as Partial<GradeValue> | null);
    if (typeof given !== 'object' || given === null || typeof given.typical !== 'number') {
      problems.push({ field, value, message: allowed });
      continue;
    }
    const read = { low: given.low ?? null, typical: given.typical, high: given.high ?? null };
    const numbers = [read.low, read.typical, read.high].filter(v => v !== null);
    if (numbers.some(v => typeof v !== 'number' || !Number.isFinite(v) || v < min || v > max)) {
      problems.push({ field, value, message: allowed });
      continue;
    }
    if (numbers.some((v, i) => i > 0 && v < (numbers[i - 1] ?? v))) {
      problems.push({ field, value, message: 'must run low ≤ typical ≤ high' });
      continue;
    }
    values[name as PropertyName] = read;
  }
  return values;
}

function windowsOf(plain: unknown, problems: Problem[]): Grade['windows'] {
  const windows: Grade['windows'] = {};
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) {
    problems.push({ field: 'windows', value: plain, message: 'must be an object of windows' });
    return windows;
  }
  for (const [name, value] of Object.entries(plain)) {
    const limits = windowLimits[name as WindowName] as readonly [number, number] | undefined;
    const w = value as Partial<Window> | null;
    if (!limits) {
      problems.push({ field: `windows.${name}`, value, message: 'is not a window of this format' });
      continue;
    }
    if (
      typeof w?.low !== 'number' ||
      typeof w.high !== 'number' ||
      !(w.low >= limits[0] && w.low <= w.high && w.high <= limits[1])
    ) {
      problems.push({
        field: `windows.${name}`,
        value,
        message: `must be { low, high } in order from ${limits[0]} to ${limits[1]}`,
      });
      continue;
    }
    windows[name as WindowName] = { low: w.low, high: w.high };
  }
  return windows;
}

/** How much of the family's spread a single value of a grade still has: a data sheet tells of one maker, a measurement of one spool. */
const SPREAD = { sheet: 0.5, measured: 0.25 } as const;

/** The softening properties that move together when a grade states only some of them. */
const SOFTENING = ['hdt045C', 'hdt18C', 'vicatC'] as const;

/**
 * A grade as a family that ranking can judge: measured beats data sheet beats family. Where a grade states how it softens under one load only,
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
  return {
    ...base,
    key: grade.key,
    name: grade.name,
    note: grade.note || `${grade.maker || 'own'} grade of ${base.name}`,
    grade: { family: base.key, maker: grade.maker },
    properties,
    windows: { ...base.windows, ...grade.windows },
    retention:
      shiftK === 0 ? base.retention : shifted(base.retention, shiftK, base.properties.hdt045C?.typical ?? 60),
  };
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
