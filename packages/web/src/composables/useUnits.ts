import { displayUnit, formatQuantity, type DimensionKey } from '@hornblende/core/units';
import { useSettings } from '../stores/settings';

/** Formats stored values in the reader's units. */
export function useUnits(): { show: (value: number | null | undefined, dimension: DimensionKey, digits?: number) => string; unit: (dimension: DimensionKey) => string } {
  const settings = useSettings();
  return {
    show: (value, dimension, digits) => formatQuantity(value, dimension, settings.units, digits),
    unit: dimension => displayUnit(dimension, settings.units),
  };
}
