import { sig } from '@hornblende/core/lib';
import {
  derivedMeasures,
  isDerived,
  measureLabel,
  type MeasureName,
  type MeasureRange,
} from '@hornblende/core/materials';
import { propertyShown, propertyUnit } from '@hornblende/core/units';
import { useSettings } from '../../stores/settings';
import { useWorkshop } from '../../stores/workshop';

/** Properties and what is derived of them, in the reader's units, prices in the workshop's currency. */
export function useProperties(): {
  unit: (name: MeasureName) => string;
  label: (name: MeasureName) => string;
  number: (name: MeasureName, value: number) => string;
  shown: (name: MeasureName, value: number) => number;
  span: (name: MeasureName, r: MeasureRange) => string;
} {
  const settings = useSettings();
  const workshop = useWorkshop();
  // What is derived stands in the units that it is worked out in, for all readers.
  const shown = (name: MeasureName, value: number): number =>
    isDerived(name) ? value : propertyShown(name, value, settings.units);
  // Shares and other small numbers are no better known than two figures.
  const number = (name: MeasureName, value: number): string =>
    sig(shown(name, value), Math.abs(shown(name, value)) < 1 ? 2 : 3);
  return {
    unit: name => {
      if (isDerived(name))
        return derivedMeasures[name].unit.replace('unit of money a litre', `${workshop.currency} a litre`);
      const own = propertyUnit(name, settings.units);
      return name === 'pricePerKg' ? `${workshop.currency} ${own}` : own;
    },
    label: measureLabel,
    number,
    shown,
    span: (name, r) => `${number(name, r.low)} to ${number(name, r.high)}`,
  };
}
