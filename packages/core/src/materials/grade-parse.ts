import { requireWellFormed } from '../input/well-formed.js';
import { InputError, parseInput, type Problem } from '../input/parse.js';
import type { WindowName } from './family.js';
import { familyByKey } from './library.js';
import { propertyDefinitions } from './property-definitions.js';
import { propertyDefinition, type PropertyName, type Window } from './property.js';
import { type Grade, GradeIdentity, type GradeValues, type GradeValue, windowLimits } from './grade.js';

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
  requireWellFormed(plain);
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
    if (!Object.hasOwn(propertyDefinitions, name)) {
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
