import { displayUnit, type DimensionKey, type UnitSystem } from '../units/dimensions.js';
import { toDisplay } from '../units/quantity.js';
import { propertyDefinition, type PropertyName } from './property.js';

/**
 * The measure of each property that can be typed with a unit; the rest are shares, hardnesses, and numbers
 * of their own kind.
 */
const measures: Partial<Record<PropertyName, DimensionKey>> = {
  densityGcm3: 'density',
  modulusMPa: 'modulus',
  yieldMPa: 'stress',
  charpy23KJm2: 'impact',
  charpyMinus30KJm2: 'impact',
  hdt045C: 'temperature',
  hdt18C: 'temperature',
  vicatC: 'temperature',
  tgC: 'temperature',
  tmC: 'temperature',
  solidificationC: 'temperature',
  dryC: 'temperature',
  spoolLimitC: 'temperature',
  dryHours: 'time',
  maxFlowMm3s: 'flow',
};

/** Units of numbers of their own kind: what is shown for 1 of what is stored. */
const scaled: Partial<Record<PropertyName, Record<UnitSystem, { unit: string; factor: number }>>> = {
  alphaPerK: { metric: { unit: 'µm/m·K', factor: 1e6 }, us: { unit: 'µin/in·°F', factor: (1e6 * 5) / 9 } },
  creepKPerK: { metric: { unit: '1/K', factor: 1 }, us: { unit: '1/°F', factor: 5 / 9 } },
  pricePerKg: { metric: { unit: 'per kg', factor: 1 }, us: { unit: 'per lb', factor: 0.45359237 } },
  crystallisationStrain: { metric: { unit: '%', factor: 100 }, us: { unit: '%', factor: 100 } },
};

/** The measure a property is typed in, or null where it is a plain number in {@link propertyUnit}. */
export function propertyMeasure(name: PropertyName): DimensionKey | null {
  return measures[name] ?? null;
}

/** The unit a property is shown in, as people write it; empty for a ratio. */
export function propertyUnit(name: PropertyName, system: UnitSystem): string {
  const measure = measures[name];
  return measure
    ? displayUnit(measure, system)
    : (scaled[name]?.[system].unit ?? propertyDefinition(name).unit);
}

/** A property's stored value as a number in the reader's unit. */
export function propertyShown(name: PropertyName, value: number, system: UnitSystem): number {
  const measure = measures[name];
  return measure ? toDisplay(value, measure, system) : value * (scaled[name]?.[system].factor ?? 1);
}

/** The stored value of a number typed in the reader's unit, for properties without a measure. */
export function propertyStored(name: PropertyName, shown: number, system: UnitSystem): number {
  return Number((shown / (scaled[name]?.[system].factor ?? 1)).toPrecision(12));
}
