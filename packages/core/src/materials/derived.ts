import type { Family } from './family.js';
import { propertyDefinition, propertyNames, type PropertyName } from './property.js';

/** A measure worked out from two properties: what one gets for what it weighs or costs. */
export const derivedMeasures = {
  strengthForWeight: {
    label: 'Strength for its weight',
    unit: 'MPa per g/cm³',
    formula: 'strength at yield / density',
    of: (p: (name: PropertyName) => number) => p('yieldMPa') / p('densityGcm3'),
    more: ['yieldMPa'],
    less: ['densityGcm3'],
  },
  stiffnessForWeight: {
    label: 'Stiffness for its weight',
    unit: 'MPa per g/cm³',
    formula: 'Young’s modulus / density',
    of: (p: (name: PropertyName) => number) => p('modulusMPa') / p('densityGcm3'),
    more: ['modulusMPa'],
    less: ['densityGcm3'],
  },
  strengthForPrice: {
    label: 'Strength for its price',
    unit: 'MPa per unit of money a litre',
    formula: 'strength at yield / (price a kilogram · density)',
    of: (p: (name: PropertyName) => number) => p('yieldMPa') / (p('pricePerKg') * p('densityGcm3')),
    more: ['yieldMPa'],
    less: ['pricePerKg', 'densityGcm3'],
  },
  stiffnessForPrice: {
    label: 'Stiffness for its price',
    unit: 'MPa per unit of money a litre',
    formula: 'Young’s modulus / (price a kilogram · density)',
    of: (p: (name: PropertyName) => number) => p('modulusMPa') / (p('pricePerKg') * p('densityGcm3')),
    more: ['modulusMPa'],
    less: ['pricePerKg', 'densityGcm3'],
  },
} as const satisfies Record<
  string,
  {
    label: string;
    unit: string;
    formula: string;
    of: (p: (name: PropertyName) => number) => number;
    more: readonly PropertyName[];
    less: readonly PropertyName[];
  }
>;

/** A measure worked out from properties. */
export type DerivedName = keyof typeof derivedMeasures;
/** What a column or an axis of the library may show. */
export type MeasureName = PropertyName | DerivedName;

/** Every measure worked out from properties. */
export const derivedNames = Object.keys(derivedMeasures) as DerivedName[];
/** Every property, then every measure worked out from them. */
export const measureNames: readonly MeasureName[] = [...propertyNames, ...derivedNames];

/** Whether a measure is worked out from properties. */
export function isDerived(name: MeasureName): name is DerivedName {
  return name in derivedMeasures;
}

/** What a measure is called. */
export function measureLabel(name: MeasureName): string {
  return isDerived(name) ? derivedMeasures[name].label : propertyDefinition(name).label;
}

/** A measure of a filament as a range. */
export interface MeasureRange {
  low: number;
  typical: number;
  high: number;
}

/**
 * A filament’s measure: a property as it stands; a derived one from typical values, and from the worst and the best of
 * the properties behind it, so that its range is the widest that they allow.
 * @returns null where a property that it needs is missing
 */
export function measureOf(f: Family, name: MeasureName): MeasureRange | null {
  if (!isDerived(name)) return f.properties[name];
  const { of, more, less } = derivedMeasures[name];
  const needed: readonly PropertyName[] = [...more, ...less];
  if (needed.some(n => !f.properties[n])) return null;
  const falls: readonly PropertyName[] = less;
  const end = (which: 'low' | 'typical' | 'high'): number =>
    of(n => {
      const range = f.properties[n]!;
      if (which === 'typical') return range.typical;
      return (which === 'low') === falls.includes(n) ? range.high : range.low;
    });
  return { low: end('low'), typical: end('typical'), high: end('high') };
}
