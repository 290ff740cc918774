/** The measures that Hornblende reads and shows. The key names the measure; `canonical` is the unit that is stored and computed with. */
export interface Dimension {
  canonical: string;
  us: string;
  aliases?: Record<string, string>;
  digits: number;
  usDigits: number;
}

export const dimensions = {
  temperature: { canonical: 'degC', us: 'degF', digits: 0, usDigits: 0 },
  temperatureStep: { canonical: 'K', us: 'degF', digits: 0, usDigits: 0 },
  length: { canonical: 'mm', us: 'in', digits: 1, usDigits: 3 },
  drop: { canonical: 'm', us: 'ft', digits: 2, usDigits: 2 },
  volume: { canonical: 'cm^3', us: 'in^3', digits: 1, usDigits: 2 },
  force: { canonical: 'N', us: 'lbf', digits: 1, usDigits: 2 },
  mass: { canonical: 'g', us: 'oz', digits: 0, usDigits: 2 },
  heavyMass: { canonical: 'kg', us: 'lb', digits: 3, usDigits: 3 },
  stress: { canonical: 'MPa', us: 'psi', digits: 1, usDigits: 0 },
  time: { canonical: 'h', us: 'h', digits: 1, usDigits: 1 },
  years: { canonical: 'year', us: 'year', digits: 1, usDigits: 1 },
  energy: { canonical: 'J', us: 'ftlbf', digits: 2, usDigits: 2 },
  flow: { canonical: 'mm^3/s', us: 'mm^3/s', digits: 0, usDigits: 0 },
  modulus: { canonical: 'MPa', us: 'ksi', digits: 0, usDigits: 0 },
  density: { canonical: 'g/cm^3', us: 'lb/in^3', digits: 2, usDigits: 4 },
  impact: { canonical: 'kJ/m^2', us: 'ftlbf/in^2', digits: 1, usDigits: 2 },
  speed: { canonical: 'm/s', us: 'mph', digits: 1, usDigits: 1 },
} as const satisfies Record<string, Dimension>;

export type DimensionKey = keyof typeof dimensions;
export type UnitSystem = 'metric' | 'us';

/** How a unit is written for people. */
export const unitLabel: Record<string, string> = {
  degC: '°C',
  degF: '°F',
  K: 'K',
  'cm^3': 'cm³',
  'in^3': 'in³',
  'mm^3/s': 'mm³/s',
  year: 'years',
  ftlbf: 'ft·lbf',
  mph: 'mph',
  'g/cm^3': 'g/cm³',
  'lb/in^3': 'lb/in³',
  'kJ/m^2': 'kJ/m²',
  'ftlbf/in^2': 'ft·lbf/in²',
};
