/** A measure that Hornblende reads and shows: the unit it is stored in, that of US readers, and how it is spoken of. */
export interface Dimension {
  canonical: string;
  us: string;
  digits: number;
  usDigits: number;
  /** What it is called in "does not measure …". */
  name: string;
  example: string;
}

function dimension(
  canonical: string,
  us: string,
  [digits, usDigits]: readonly [number, number],
  name: string,
  example: string,
): Dimension {
  return { canonical, us, digits, usDigits, name, example };
}

/** Every measure, by the key that fields name. */
export const dimensions = {
  temperature: dimension('degC', 'degF', [0, 0], 'a temperature', '"60 °C" or "140 F"'),
  temperatureStep: dimension('K', 'degF', [0, 0], 'a temperature difference', '"10 K" or "18 F"'),
  length: dimension('mm', 'in', [1, 3], 'a length', '"12 mm" or "0.5 in"'),
  area: dimension('mm^2', 'in^2', [0, 3], 'an area', '"80 mm2" or "0.12 in2"'),
  drop: dimension('m', 'ft', [2, 2], 'a height', '"1.2 m" or "4 ft"'),
  volume: dimension('cm^3', 'in^3', [1, 2], 'a volume', '"38 cm3" or "2.3 in3"'),
  force: dimension('N', 'lbf', [1, 2], 'a force', '"30 N" or "3 lbf"'),
  mass: dimension('g', 'oz', [0, 2], 'a mass', '"50 g" or "2 oz"'),
  heavyMass: dimension('kg', 'lb', [3, 3], 'a mass', '"1.2 kg" or "3 lb"'),
  stress: dimension('MPa', 'psi', [1, 0], 'a stress', '"5 MPa" or "700 psi"'),
  time: dimension('h', 'h', [1, 1], 'a time', '"1000 h" or "6 weeks"'),
  years: dimension('year', 'year', [1, 1], 'a time', '"5 years" or "18 months"'),
  energy: dimension('J', 'ftlbf', [2, 2], 'an energy', '"2 J" or "1.5 ft lbf"'),
  torque: dimension('N*m', 'ftlbf', [2, 2], 'a torque', '"2 N m" or "1.5 ft lbf"'),
  flow: dimension('mm^3/s', 'mm^3/s', [0, 0], 'a flow', '"12 mm3/s"'),
  modulus: dimension('MPa', 'ksi', [0, 0], 'a stress', '"2100 MPa" or "305 ksi"'),
  density: dimension('g/cm^3', 'lb/in^3', [2, 4], 'a density', '"1.24 g/cm3" or "0.045 lb/in3"'),
  impact: dimension('kJ/m^2', 'ftlbf/in^2', [1, 2], 'an energy per area', '"12 kJ/m2" or "5.7 ft lbf/in2"'),
  speed: dimension('m/s', 'mph', [1, 1], 'a speed', '"1 m/s" or "2 mph"'),
} as const satisfies Record<string, Dimension>;

/** The key of a measure. */
export type DimensionKey = keyof typeof dimensions;

/** Whose units a reader wants. */
export type UnitSystem = 'metric' | 'us';

/** How a unit is written for people, where it is not written as it is named. */
const labels: Record<string, string> = {
  degC: '°C',
  degF: '°F',
  'mm^2': 'mm²',
  'in^2': 'in²',
  'cm^3': 'cm³',
  'in^3': 'in³',
  'mm^3/s': 'mm³/s',
  'N*m': 'N·m',
  year: 'years',
  ftlbf: 'ft·lbf',
  'g/cm^3': 'g/cm³',
  'lb/in^3': 'lb/in³',
  'kJ/m^2': 'kJ/m²',
  'ftlbf/in^2': 'ft·lbf/in²',
};

/** A unit as people write it. */
export function unitLabel(unit: string): string {
  return labels[unit] ?? unit;
}

/** The unit a measure has in a reader's system. */
export function unitOf(key: DimensionKey, system: UnitSystem): string {
  return system === 'us' ? dimensions[key].us : dimensions[key].canonical;
}

/** The unit a measure is shown in, as people write it. */
export function displayUnit(key: DimensionKey, system: UnitSystem): string {
  return unitLabel(unitOf(key, system));
}
