import { sig } from '../../lib/figures.js';
import type { RecipeRule } from './recipe-line.js';

/** Where in its window a filament is begun with: higher where layers carry. */
const SHARE = { usual: 0.5, layersCarry: 0.7 };

/** The nozzle: where to begin, and the range to try. */
export const nozzleRule: RecipeRule = ({ brief, family: f, printer }) => {
  const { low, high } = f.windows.nozzleC;
  const across = brief.loads.some(l => l.acrossLayers);
  const share = across ? SHARE.layersCarry : SHARE.usual;
  const most = Math.min(high, printer?.nozzleMaxC ?? Infinity, printer?.linerLimitC ?? Infinity);
  const set = Math.round(Math.min(most, low + share * (high - low)) / 5) * 5;
  const line = { id: 'nozzle', group: 'heat' as const, label: 'Nozzle', low, high: most, unit: '°C' };
  if (most < low)
    return {
      ...line,
      set: most,
      value: `${sig(most, 3)} °C is all there is: too cold for it`,
      why: `It wants ${sig(low, 3)} to ${sig(high, 3)} °C.`,
    };
  const liner =
    printer?.linerLimitC != null && printer.linerLimitC < high
      ? ` Never over ${sig(printer.linerLimitC, 3)} °C: the liner gives off toxic fumes.`
      : '';
  return {
    ...line,
    set: Math.min(set, most),
    value: `begin at ${sig(Math.min(set, most), 3)} °C; ${sig(low, 3)} to ${sig(most, 3)} °C works`,
    why:
      (across
        ? 'A load pulls the layers apart here: hotter, they weld better.'
        : 'The middle of what it is made for: hotter welds better, cooler strings less.') + liner,
  };
};

/** The bed: for the first layer and after it. */
export const bedRule: RecipeRule = ({ family: f, printer, warp }) => {
  const { low, high } = f.windows.bedC;
  const set = warp.bowInput.bedC;
  const short = printer !== null && printer.bedMaxC < low;
  return {
    id: 'bed',
    group: 'heat',
    label: 'Bed',
    set,
    low,
    high,
    unit: '°C',
    value: short ? `${sig(printer.bedMaxC, 3)} °C, all it has` : `${sig(set, 3)} °C`,
    why: short
      ? `It wants ${sig(low, 3)} °C and more: on a colder bed it holds less.`
      : `${sig(low, 3)} to ${sig(high, 3)} °C; a colder bed bows it less but holds it worse.`,
  };
};
