import { propertyDefinitions, type PropertyDefinition } from './property-definitions.js';

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

/** A property of a family. */
export type PropertyName = keyof typeof propertyDefinitions;
/** Every property of a family, in the order of the library. */
export const propertyNames = Object.keys(propertyDefinitions) as PropertyName[];

/** A range, or null, for every property, in the order of the library. */
export function eachProperty(of: (name: PropertyName) => Range | null): Record<PropertyName, Range | null> {
  return Object.fromEntries(propertyNames.map(name => [name, of(name)])) as Record<
    PropertyName,
    Range | null
  >;
}

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
