import { sig } from '../../lib/figures.js';
import { typical } from '../../materials/family.js';
import { printFlowMm3s } from '../economics.js';
import { retractionWindow } from '../retraction.js';
import type { RecipeRule } from './recipe-line.js';

/** Speed, by what limits it. */
export const speedRule: RecipeRule = ({ brief, family: f, printer }) => {
  const { lineMm, layerMm } = brief.print;
  const { low, high } = f.windows.speedMmS;
  const flow = printFlowMm3s(f, printer, brief.print);
  const set = Math.max(1, Math.floor(flow / (lineMm * layerMm)));
  const melts = Math.min(typical(f, 'maxFlowMm3s'), printer?.maxFlowMm3s ?? Infinity);
  const limit = flow >= melts - 1e-9;
  return {
    id: 'speed',
    group: 'motion',
    label: 'Speed',
    set,
    low,
    high,
    unit: 'mm/s',
    value: `${set} mm/s, outer walls half of it`,
    why: limit
      ? `${sig(melts, 3)} mm³/s is all that melts through: over a line of ${sig(lineMm, 2)} × ${sig(layerMm, 2)} mm.`
      : `Its usual pace; ${sig(melts, 3)} mm³/s would allow ${Math.floor(melts / (lineMm * layerMm))} mm/s.`,
  };
};

/** Chances of lifting or splitting from which less air is blown. */
const SHY = 0.1;

/** The fan. */
export const fanRule: RecipeRule = ({ family: f, warp, pSplit }) => {
  const { low, high } = f.windows.fanPct;
  const shy = Math.max(warp.pLift, pSplit) >= SHY;
  const set = Math.round((shy ? low : (low + high) / 2) / 5) * 5;
  return {
    id: 'fan',
    group: 'motion',
    label: 'Fan',
    set,
    low,
    high,
    unit: '%',
    value: `${set} %, up to ${sig(high, 3)} % on bridges and small tips`,
    why: shy
      ? 'Air splits and lifts this part: no more than it needs.'
      : low >= 50
        ? 'It sets by air: without it, corners and overhangs curl.'
        : 'Enough for sharp corners; more air costs strength between the layers.',
  };
};

/** Retraction. */
export const retractionRule: RecipeRule = ({ family: f, printer }) => {
  const drive = printer?.drive ?? 'direct';
  const { low, high } = retractionWindow(f, drive);
  const set = (low + high) / 2;
  const line = {
    id: 'retraction',
    group: 'motion' as const,
    label: 'Retraction',
    low,
    high,
    unit: 'mm',
  };
  if (set < 0.3)
    return {
      ...line,
      set: 0,
      value: 'none to speak of',
      why: 'Soft filament stretches instead of drawing back, and jams.',
    };
  return {
    ...line,
    set,
    value: `${sig(set, 2)} mm`,
    why:
      (drive === 'bowden' ? 'The tube has to be drawn tight first. ' : '') +
      (f.flags.stringing > 0.5
        ? 'It strings: dry filament and a cooler nozzle help more than a longer way.'
        : 'Enough for clean gaps.'),
  };
};
