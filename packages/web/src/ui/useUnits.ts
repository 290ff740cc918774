import { gateNumbers, type Gate } from '@hornblende/core/score';
import {
  displayUnit,
  formatQuantity,
  fromSystem,
  inSystem,
  prose,
  withCurrency,
  type DimensionKey,
  type UnitSystem,
} from '@hornblende/core/units';
import { useSettings } from '../stores/settings';
import { useWorkshop } from '../stores/workshop';

/** Stored values, the core's sentences and its tables in the reader's units. */
export interface Units {
  /** Whose units these are. */
  system: UnitSystem;
  show: (value: number | null | undefined, dimension: DimensionKey, digits?: number) => string;
  unit: (dimension: DimensionKey) => string;
  /** A sentence of the core. */
  say: (text: string) => string;
  /** A number with the core's unit. */
  convert: (value: number, unit: string) => { value: number; unit: string };
  /** The stored value of a number typed in the unit that {@link convert} shows. */
  store: (shown: number, unit: string) => number;
  /** What a gate has and needs. */
  gate: (g: Gate) => string;
}

/** Formats for the reader's units; renewed when they change. */
export function useUnits(): Units {
  const settings = useSettings();
  const workshop = useWorkshop();
  /** The core says "each" where it means money. */
  const convert = (value: number, unit: string): { value: number; unit: string } =>
    unit === 'each' ? { value, unit: `${workshop.currency} each` } : inSystem(value, unit, settings.units);
  const number = (x: number | string, unit: string): number | string =>
    typeof x === 'number' ? convert(x, unit).value : x;
  return {
    get system() {
      return settings.units;
    },
    show: (value, dimension, digits) => formatQuantity(value, dimension, settings.units, digits),
    unit: dimension => displayUnit(dimension, settings.units),
    say: text => withCurrency(prose(text, settings.units), workshop.currency),
    convert,
    store: (shown, unit) => fromSystem(shown, unit, settings.units),
    gate: g =>
      gateNumbers({
        ...g,
        need: number(g.need, g.unit),
        have: number(g.have, g.unit),
        unit: convert(0, g.unit).unit,
      }),
  };
}
