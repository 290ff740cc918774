import { sig } from '@hornblende/core/lib';
import { propertyDefinition, type PropertyName, type Range } from '@hornblende/core/materials';
import { propertyShown, propertyUnit } from '@hornblende/core/units';
import { useSettings } from '../../stores/settings';
import { useWorkshop } from '../../stores/workshop';

/** Properties in the reader's units, and prices in the workshop's currency. */
export function useProperties(): {
  unit: (name: PropertyName) => string;
  label: (name: PropertyName) => string;
  number: (name: PropertyName, value: number) => string;
  shown: (name: PropertyName, value: number) => number;
  span: (name: PropertyName, r: Range) => string;
} {
  const settings = useSettings();
  const workshop = useWorkshop();
  const shown = (name: PropertyName, value: number): number => propertyShown(name, value, settings.units);
  // Shares and other small numbers are no better known than two figures.
  const number = (name: PropertyName, value: number): string =>
    sig(shown(name, value), Math.abs(shown(name, value)) < 1 ? 2 : 3);
  return {
    unit: name =>
      name === 'pricePerKg'
        ? `${workshop.currency} ${propertyUnit(name, settings.units)}`
        : propertyUnit(name, settings.units),
    label: name => propertyDefinition(name).label,
    number,
    shown,
    span: (name, r) => `${number(name, r.low)} to ${number(name, r.high)}`,
  };
}
