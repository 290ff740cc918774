import { sig } from '../../lib/figures.js';
import type { RecipeRule } from './recipe-line.js';

/** What is left to cool on the plate comes off as cold as the room, °C. */
const ROOM_C = 25;

/** When it comes off the plate. */
export const coolingDownRule: RecipeRule = ({ brief, family: f, warp }) => {
  const warm = f.windows.chamberC.low > 30;
  const cold = brief.print.aids.includes('cool');
  const offC = cold ? ROOM_C : Math.round(Math.max(30, Math.min(50, warp.bowInput.bedC - 30)) / 5) * 5;
  return {
    id: 'cooling-down',
    group: 'after',
    label: 'Off the plate',
    set: offC,
    unit: '°C',
    value: warm ? `door shut until ${offC} °C, then off` : `under ${offC} °C, then off`,
    why: warm
      ? 'Cooled in a draught it cracks or bows; on the plate it stays flat while it sets.'
      : 'Cold, it lets go by itself; warm, it bends as it is pulled.',
  };
};

/** Baking, where only the baked one passes. */
export const bakingRule: RecipeRule = ({ baked }) =>
  baked
    ? {
        id: 'baking',
        group: 'after',
        label: 'Baking',
        set: baked.ovenC,
        unit: '°C',
        value: `${sig(baked.hours, 2)} h at ${sig(baked.ovenC, 3)} °C, propped, in an oven not used for food`,
        why: `Only so it passes. It shrinks about ${sig(baked.shrinkagePct, 2)} %: print one first and measure it.`,
      }
    : null;

const smoothing: Record<string, string> = {
  acetone: 'its vapour burns and numbs: outdoors or extracted, gloves, no flame or spark near',
  alcohol: 'its vapour burns: ventilated, no flame or spark near',
};

/** Smoothing, where looks ask for it. */
export const smoothingRule: RecipeRule = ({ brief, family: f }) => {
  const [solvent] = f.flags.smoothedBy;
  if (!solvent || brief.looks.finish !== 'fine') return null;
  return {
    id: 'smoothing',
    group: 'after',
    label: 'Smoothing',
    value: `with ${solvent}; ${smoothing[solvent] ?? 'ventilated, gloves on'}`,
    why: 'It takes the layers away, and a tenth of a millimetre of the size.',
  };
};
