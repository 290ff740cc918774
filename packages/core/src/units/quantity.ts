import { create, unitDependencies, createUnitDependencies, type FactoryFunctionMap, type Unit } from 'mathjs';
import { dimensions, unitLabel, type DimensionKey, type UnitSystem } from './dimensions.js';

const math = create({ unitDependencies, createUnitDependencies } as FactoryFunctionMap, {});
const extraUnits: Record<string, string> = {
  kgf: '9.80665 N',
  gf: '0.00980665 N',
  ksi: '1000 psi',
  ftlbf: '1.3558179483 J',
  inlbf: '0.1129848290 J',
  thou: '0.001 in',
  kph: '1 km/hour',
  mph: '1 mile/hour',
};
for (const [name, definition] of Object.entries(extraUnits))
  if (!isUnit(name)) math.createUnit(name, definition);

function isUnit(name: string): boolean {
  try {
    math.unit(1, name);
    return true;
  } catch {
    return false;
  }
}

/** Everyday spellings that the unit library writes otherwise. Applied to the whole unit text, lower-cased. */
const spellings: Record<string, string> = {
  f: 'degF',
  '°f': 'degF',
  'deg f': 'degF',
  degf: 'degF',
  fahrenheit: 'degF',
  c: 'degC',
  '°c': 'degC',
  'deg c': 'degC',
  degc: 'degC',
  celsius: 'degC',
  '°': 'degC',
  k: 'K',
  kelvin: 'K',
  n: 'N',
  newton: 'N',
  newtons: 'N',
  kn: 'kN',
  mpa: 'MPa',
  gpa: 'GPa',
  kpa: 'kPa',
  pa: 'Pa',
  j: 'J',
  mj: 'mJ',
  kj: 'kJ',
  '"': 'in',
  '″': 'in',
  "'": 'ft',
  '′': 'ft',
  inches: 'in',
  pounds: 'lb',
  'n/mm2': 'MPa',
  'n/mm^2': 'MPa',
  lbs: 'lb',
  yr: 'year',
  yrs: 'year',
  y: 'year',
  a: 'year',
  hrs: 'h',
  hr: 'h',
  mins: 'minute',
  min: 'minute',
  ml: 'ml',
  cc: 'cm^3',
  cm3: 'cm^3',
  mm3: 'mm^3',
  in3: 'in^3',
  'mm3/s': 'mm^3/s',
  m: 'm',
  mm: 'mm',
  cm: 'cm',
  'ft lbf': 'ftlbf',
  'ft-lbf': 'ftlbf',
  'ft·lbf': 'ftlbf',
  'in lbf': 'inlbf',
  'g/cm3': 'g/cm^3',
  'g/cc': 'g/cm^3',
  'kg/m3': 'kg/m^3',
  'lb/in3': 'lb/in^3',
  'kj/m2': 'kJ/m^2',
  'j/m2': 'J/m^2',
  'ft lbf/in2': 'ftlbf/in^2',
  'ft·lbf/in2': 'ftlbf/in^2',
  'ft-lbf/in2': 'ftlbf/in^2',
  'km/h': 'kph',
  kmh: 'kph',
  d: 'day',
  mo: 'month',
  wk: 'week',
};

/** What was read from typed text: the value in the canonical unit, and a sentence of what was understood. */
export interface ReadQuantity {
  value: number;
  understood: string;
}

/** Thrown when text cannot be read as a quantity of the wanted measure; the message says what is allowed. */
export class QuantityError extends Error {
  constructor(
    readonly text: string,
    message: string,
  ) {
    super(message);
    this.name = 'QuantityError';
  }
}

const NUMBER =
  /^([+\-−]?(?:\d+\s+\d+\/\d+|\d+\/\d+|\d[\d\u202f\u00a0']*(?:[.,]\d+)?(?:e[+-]?\d+)?|[.,]\d+))\s*(.*)$/i;

/**
 * Reads a quantity as typed: "170 F", "3 lbf", "0.5 in", "1/2 in", "1,5 kg"; a bare number takes the unit of the chosen system.
 * @param text what was typed
 * @param dimension the measure that is wanted
 * @param system whose unit a bare number has
 * @returns the value in the measure's canonical unit
 * @throws QuantityError naming the text and what is allowed
 * @example parseQuantity('170 F', 'temperature').value // 76.67
 */
export function parseQuantity(
  text: string,
  dimension: DimensionKey,
  system: UnitSystem = 'metric',
): ReadQuantity {
  const match = NUMBER.exec(text.trim().normalize('NFC'));
  if (!match)
    throw new QuantityError(text, `"${text}" is not a number with a unit; for example ${example(dimension)}`);
  const amount = readNumber(match[1] ?? '');
  const unitText = (match[2] ?? '').trim();
  const unit = unitText === '' ? unitOf(dimension, system) : spelled(unitText, dimension);
  const value = convert(amount, unit, unitOf(dimension, 'metric'), dimension, text, unitText);
  return {
    value,
    understood: `${trimNumber(amount)} ${label(unit)}${unit === unitOf(dimension, 'metric') ? '' : ` = ${trimNumber(round(value, 4))} ${label(unitOf(dimension, 'metric'))}`}`,
  };
}

/**
 * Reads "30 to 50 N", "30-50 N", "40 ± 5 N" or a single quantity, as a low and a high end.
 * @throws QuantityError as {@link parseQuantity}
 */
export function parseRange(
  text: string,
  dimension: DimensionKey,
  system: UnitSystem = 'metric',
): { low: number; high: number; understood: string } {
  const pm = /^(.+?)\s*(?:±|\+\/-)\s*(\S+)\s*(.*)$/.exec(text);
  const to = /^(.+?)\s*(?:\bto\b|–|\.\.|(?<=[\d\w])\s*-(?=\s*[\d.]))\s*(.+)$/i.exec(text);
  if (pm) {
    const unit = pm[3] ?? '';
    const [a, b] = [
      parseQuantity(`${pm[1]} ${unit}`, dimension, system),
      parseQuantity(`${readNumber(pm[1] ?? '') + readNumber(pm[2] ?? '')} ${unit}`, dimension, system),
    ];
    const d = Math.abs(b.value - a.value);
    return {
      low: a.value - d,
      high: a.value + d,
      understood: `${a.understood} ± ${trimNumber(round(d, 4))}`,
    };
  }
  if (to) {
    const high = parseQuantity(to[2] ?? '', dimension, system);
    const hasUnit = NUMBER.exec((to[1] ?? '').trim())?.[2];
    const unit = NUMBER.exec((to[2] ?? '').trim())?.[2] ?? '';
    const low = parseQuantity(hasUnit ? (to[1] ?? '') : `${to[1]} ${unit}`, dimension, system);
    if (low.value > high.value)
      throw new QuantityError(text, `"${text}" runs downwards: the first number must be the smaller`);
    return { low: low.value, high: high.value, understood: `${low.understood} to ${high.understood}` };
  }
  const one = parseQuantity(text, dimension, system);
  return { low: one.value, high: one.value, understood: one.understood };
}

/** A stored value in the reader's units, with its unit: 76.67 °C → "170 °F" for US readers. */
export function formatQuantity(
  value: number | null | undefined,
  dimension: DimensionKey,
  system: UnitSystem = 'metric',
  digits?: number,
): string {
  if (value === null || value === undefined || !Number.isFinite(value)) return '–';
  const to = unitOf(dimension, system);
  const n = toDisplay(value, dimension, system);
  const places = digits ?? (system === 'us' ? dimensions[dimension].usDigits : dimensions[dimension].digits);
  return `${trimNumber(round(n, places))} ${label(to)}`;
}

/** A stored value as a number in the reader's unit. */
export function toDisplay(value: number, dimension: DimensionKey, system: UnitSystem): number {
  return convert(value, unitOf(dimension, 'metric'), unitOf(dimension, system), dimension, String(value), '');
}

/** The unit a measure is shown in, as people write it. */
export function displayUnit(dimension: DimensionKey, system: UnitSystem): string {
  return label(unitOf(dimension, system));
}

function unitOf(dimension: DimensionKey, system: UnitSystem): string {
  return system === 'us' ? dimensions[dimension].us : dimensions[dimension].canonical;
}

function spelled(unitText: string, dimension: DimensionKey): string {
  const plain = unitText.toLowerCase().replace(/[³]/g, '3').replace(/²/g, '2').replace(/\.$/, '');
  const known =
    spellings[plain] ??
    (isUnit(unitText)
      ? unitText
      : isUnit(plain)
        ? plain
        : unitText.replace(/[³]/g, '^3').replace(/²/g, '^2'));
  // A spring scale reads "3 lb" or "1.2 kg": taken as that weight where a force is wanted.
  if (dimension === 'force') return { lb: 'lbf', lbm: 'lbf', kg: 'kgf', g: 'gf' }[known] ?? known;
  return known;
}

function convert(
  amount: number,
  from: string,
  to: string,
  dimension: DimensionKey,
  text: string,
  unitText: string,
): number {
  if (from === to) return amount;
  // A step of 1 °F is 5/9 K; the unit library would move the zero as well.
  if (dimension === 'temperatureStep') {
    const size: Record<string, number> = { K: 1, degC: 1, degF: 5 / 9 };
    const [f, t] = [size[from], size[to]];
    if (f !== undefined && t !== undefined) return (amount * f) / t;
  }
  let quantity: Unit;
  try {
    quantity = math.unit(amount, from);
  } catch {
    throw new QuantityError(
      text,
      `"${unitText}" is not a unit known here; for example ${example(dimension)}`,
    );
  }
  try {
    return cleaned(quantity.toNumber(to));
  } catch {
    throw new QuantityError(
      text,
      `"${unitText}" does not measure ${measureName(dimension)}; for example ${example(dimension)}`,
    );
  }
}

function cleaned(x: number): number {
  return Number(x.toPrecision(12));
}

function readNumber(text: string): number {
  const plain = text
    .replace('−', '-')
    .replace(/[\u202f\u00a0']/g, '')
    .trim();
  const fraction = /^([+-]?)(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(plain);
  if (fraction) {
    if (Number(fraction[4]) === 0) throw new QuantityError(text, `"${text}" divides by zero`);
    return (
      (fraction[1] === '-' ? -1 : 1) * (Number(fraction[2] ?? 0) + Number(fraction[3]) / Number(fraction[4]))
    );
  }
  return Number(plain.replace(',', '.'));
}

function example(dimension: DimensionKey): string {
  const examples: Record<DimensionKey, string> = {
    temperature: '"60 °C" or "140 F"',
    temperatureStep: '"10 K" or "18 F"',
    length: '"12 mm" or "0.5 in"',
    drop: '"1.2 m" or "4 ft"',
    volume: '"38 cm3" or "2.3 in3"',
    force: '"30 N" or "3 lbf"',
    mass: '"50 g" or "2 oz"',
    heavyMass: '"1.2 kg" or "3 lb"',
    stress: '"5 MPa" or "700 psi"',
    time: '"1000 h" or "6 weeks"',
    years: '"5 years" or "18 months"',
    energy: '"2 J" or "1.5 ft lbf"',
    flow: '"12 mm3/s"',
    modulus: '"2100 MPa" or "305 ksi"',
    density: '"1.24 g/cm3" or "0.045 lb/in3"',
    impact: '"12 kJ/m2" or "5.7 ft lbf/in2"',
    speed: '"1 m/s" or "2 mph"',
  };
  return examples[dimension];
}

function measureName(dimension: DimensionKey): string {
  return (
    {
      temperatureStep: 'a temperature difference',
      heavyMass: 'a mass',
      mass: 'a mass',
      years: 'a time',
      drop: 'a height',
      modulus: 'a stress',
      impact: 'an energy per area',
    }[dimension as string] ?? `a ${dimension}`
  );
}

function label(unit: string): string {
  return unitLabel[unit] ?? unit;
}
function round(x: number, digits: number): number {
  const p = 10 ** digits;
  return Math.round((x + Number.EPSILON) * p) / p;
}
function trimNumber(x: number): string {
  return String(x).replace('-', '−');
}
