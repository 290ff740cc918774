/** How well a value is known. */
export type Confidence = 'measured' | 'standard' | 'estimate';

/** A property as a range with its provenance. Units are in the property's definition. */
export interface Range {
  low: number;
  typical: number;
  high: number;
  unit: string;
  confidence: Confidence;
  source: string;
}

/** A process window. */
export interface Window {
  low: number;
  high: number;
}

/** What a property is and how it is measured. */
export interface PropertyDefinition {
  label: string;
  unit: string;
  standard: string;
  digits: number;
  /** No thermoplastic lies outside; what a grade states outside is refused as a slip of the keys. */
  min: number;
  max: number;
  /**
   * What it means where a family has none, and what the scoring does then. Properties without this are
   * never missing.
   */
  absent?: string;
}

/**
 * Every property of a family, with its unit and test standard. A family's own note follows the standard in
 * `source`.
 */
export const propertyDefinitions = {
  densityGcm3: { label: 'Density', unit: 'g/cm³', standard: 'ISO 1183', digits: 2, min: 0.2, max: 12 },
  modulusMPa: {
    label: "Young's modulus",
    unit: 'MPa',
    standard: 'ISO 527, printed XY',
    digits: 0,
    min: 0.5,
    max: 60000,
  },
  yieldMPa: {
    label: 'Strength at yield',
    unit: 'MPa',
    standard: 'ISO 527, printed XY, about 0.85 of the injection value',
    digits: 0,
    min: 0.1,
    max: 500,
  },
  zRatio: {
    label: 'Strength across layers / along',
    unit: '',
    standard: 'ISO 527 on upright against flat bars',
    digits: 2,
    min: 0.05,
    max: 1.2,
  },
  elongationPct: {
    label: 'Elongation at break',
    unit: '%',
    standard: 'ISO 527, printed XY',
    digits: 0,
    min: 0.1,
    max: 2000,
  },
  charpy23KJm2: {
    label: 'Notched impact at 23 °C',
    unit: 'kJ/m²',
    standard: 'ISO 179-1eA, printed XY',
    digits: 1,
    min: 0.1,
    max: 300,
  },
  charpyUnnotched23KJm2: {
    label: 'Unnotched impact at 23 °C',
    unit: 'kJ/m²',
    standard: 'ISO 179-1eU, printed XY; 150 stands for no break',
    digits: 0,
    min: 0.5,
    max: 400,
  },
  charpyMinus30KJm2: {
    label: 'Notched impact at −30 °C',
    unit: 'kJ/m²',
    standard: 'ISO 179-1eA, printed XY',
    digits: 1,
    min: 0.1,
    max: 300,
  },
  unloadedC: {
    label: 'Keeps its shape unloaded up to',
    unit: '°C',
    standard: 'part that carries nothing, in air',
    digits: 0,
    min: 0,
    max: 400,
  },
  hdt045C: {
    label: 'Heat deflection at 0.45 MPa',
    unit: '°C',
    standard: 'ISO 75-2 method B',
    digits: 0,
    min: 0,
    max: 400,
  },
  hdt18C: {
    label: 'Heat deflection at 1.8 MPa',
    unit: '°C',
    standard: 'ISO 75-2 method A',
    digits: 0,
    min: 0,
    max: 400,
  },
  vicatC: { label: 'Vicat softening', unit: '°C', standard: 'ISO 306', digits: 0, min: 0, max: 450 },
  tgC: { label: 'Glass transition', unit: '°C', standard: 'ISO 11357-2', digits: 0, min: -120, max: 350 },
  tmC: {
    label: 'Melting',
    unit: '°C',
    standard: 'ISO 11357-3',
    digits: 0,
    min: 40,
    max: 450,
    absent: 'amorphous: it softens, it does not melt; no score uses it',
  },
  solidificationC: {
    label: 'Solidification while printing',
    unit: '°C',
    standard: 'Tg, or crystallisation on cooling',
    digits: 0,
    min: 20,
    max: 400,
  },
  alphaPerK: {
    label: 'Thermal expansion',
    unit: '1/K',
    standard: 'ISO 11359-2, 23–55 °C',
    digits: 6,
    min: 1e-6,
    max: 0.0005,
  },
  crystallisationStrain: {
    label: 'Crystallisation shrinkage left in',
    unit: '',
    standard: 'linear, after relaxation on the plate',
    digits: 4,
    min: 0,
    max: 0.05,
    absent: 'amorphous: nothing shrinks by crystallising; warp counts it as 0',
  },
  uvHalfDoseMJm2: {
    label: 'Ultraviolet half-dose',
    unit: 'MJ/m²',
    standard: 'dose of 295–385 nm to half notched toughness, unpigmented',
    digits: 0,
    min: 10,
    max: 50000,
  },
  fieldUvFactor: {
    label: 'Field life / laboratory life',
    unit: '',
    standard: 'logged outdoor parts against laboratory ageing',
    digits: 1,
    min: 0.1,
    max: 20,
  },
  waterUptakePct: {
    label: 'Water uptake, saturated',
    unit: '%',
    standard: 'ISO 62, 23 °C',
    digits: 2,
    min: 0,
    max: 400,
  },
  printWaterPct: {
    label: 'Water it still prints well with',
    unit: '%',
    standard: 'processing guidance, by mass',
    digits: 2,
    min: 0.005,
    max: 50,
  },
  ageingIndexC: {
    label: 'Temperature index',
    unit: '°C',
    standard: 'half the strength left after 100 000 h in air (after UL 746B), general-purpose grades',
    digits: 0,
    min: 20,
    max: 350,
  },
  waterHalfLifeY: {
    label: 'Half-life in water of 23 °C',
    unit: 'years',
    standard: 'half the strength lost to hydrolysis, immersion tests',
    digits: 1,
    min: 0.01,
    max: 500,
    absent: 'does not hydrolyse: years in water take nothing from it',
  },
  wetFactor: {
    label: 'Strength when wet / dry',
    unit: '',
    standard: 'ISO 527 on saturated bars',
    digits: 2,
    min: 0,
    max: 1.2,
  },
  shoreA: {
    label: 'Hardness, Shore A',
    unit: 'A',
    standard: 'ISO 868',
    digits: 0,
    min: 1,
    max: 99,
    absent: 'harder than the A scale reads; where rubber is wanted it fails',
  },
  shoreD: { label: 'Hardness, Shore D', unit: 'D', standard: 'ISO 868', digits: 0, min: 1, max: 99 },
  dryC: {
    label: 'Drying temperature',
    unit: '°C',
    standard: 'processing guidance',
    digits: 0,
    min: 20,
    max: 250,
  },
  dryHours: {
    label: 'Drying time',
    unit: 'h',
    standard: 'processing guidance',
    digits: 0,
    min: 0.5,
    max: 72,
  },
  spoolLimitC: {
    label: 'Spool softens or fuses at',
    unit: '°C',
    standard: 'lowest of filament and reel',
    digits: 0,
    min: 25,
    max: 300,
  },
  pricePerKg: {
    label: 'Price',
    unit: 'per kg',
    standard: 'typical retail of small spools',
    digits: 0,
    min: 1,
    max: 5000,
  },
  maxFlowMm3s: {
    label: 'Volumetric flow limit',
    unit: 'mm³/s',
    standard: '0.4 mm nozzle, standard melt zone',
    digits: 0,
    min: 0.2,
    max: 100,
  },
  creepA: {
    label: 'Creep amplitude A',
    unit: '',
    standard: 'Findley fit to ISO 899-1 curves',
    digits: 3,
    min: 0.001,
    max: 3,
  },
  creepN: {
    label: 'Creep exponent n',
    unit: '',
    standard: 'Findley fit to ISO 899-1 curves',
    digits: 2,
    min: 0.01,
    max: 1,
  },
  creepKPerK: {
    label: 'Creep temperature factor k',
    unit: '1/K',
    standard: 'shift of ISO 899-1 curves with temperature',
    digits: 3,
    min: 0,
    max: 0.3,
  },
  timeSlope: {
    label: 'Strength lost per decade of minutes held',
    unit: '',
    standard: 'creep rupture, ISO 899-1',
    digits: 3,
    min: 0,
    max: 0.3,
  },
  fatigueSlope: {
    label: 'Strength lost per decade of cycles',
    unit: '',
    standard: 'tension fatigue, typical slope',
    digits: 3,
    min: 0,
    max: 0.3,
  },
  strainOncePct: {
    label: 'Allowable strain, once',
    unit: '%',
    standard: 'snap-fit guidance',
    digits: 1,
    min: 0.1,
    max: 1000,
  },
  coldStrainShare: {
    label: 'Allowable strain at −30 °C / at 23 °C',
    unit: '',
    standard: 'yield strain hardly moves in the cold, save where the polymer turns brittle',
    digits: 2,
    min: 0.1,
    max: 1,
  },
  strainRepeatedPct: {
    label: 'Allowable strain, repeated',
    unit: '%',
    standard: 'snap-fit guidance, about 0.6 of once',
    digits: 1,
    min: 0.05,
    max: 1000,
  },
} as const satisfies Record<string, PropertyDefinition>;

/** A property of a family. */
export type PropertyName = keyof typeof propertyDefinitions;
/** Every property of a family, in the order of the library. */
export const propertyNames = Object.keys(propertyDefinitions) as PropertyName[];

/** A property's definition by name, with the optional parts in its type. */
export function propertyDefinition(name: PropertyName): PropertyDefinition {
  return propertyDefinitions[name];
}

/** low, typical, high, and optionally how well known and a note. */
export type RangeRow = readonly [
  low: number,
  typical: number,
  high: number,
  confidence?: Confidence,
  note?: string,
];

/** Turns a row of a family's table into a range with unit and source. */
export function rangeOf(name: PropertyName, row: RangeRow, familyNote: string): Range {
  const def = propertyDefinitions[name];
  const [low, typical, high, confidence = 'standard', note] = row;
  return {
    low,
    typical,
    high,
    unit: def.unit,
    confidence,
    source: [def.standard, note ?? familyNote].filter(Boolean).join('; '),
  };
}
