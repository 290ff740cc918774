import { outerSurfaceCm2 } from '../../brief/size.js';
import { sig } from '../../lib/figures.js';
import { routeAmounts, routeSize, smootherOf, surfaceRoutes } from '../surface-routes.js';
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

/** The way to its surface that was chosen; where looks ask for a fine one and none was, a solvent if one smooths it. */
export const surfaceRule: RecipeRule = ({ brief, family: f }) => {
  const { route, finish } = brief.looks;
  const wanted = route ?? (finish === 'fine' && smootherOf(f) ? 'solvent' : null);
  if (wanted === null || wanted === 'as-printed') return null;
  const found = surfaceRoutes(f, outerSurfaceCm2(brief)).find(r => r.id === wanted);
  if (!found)
    return {
      id: 'surface',
      group: 'after',
      label: 'Surface',
      value: 'the way that was chosen does not go with this filament',
      why: `${f.name} takes none of what is meant by it: choose another under “Surface”.`,
    };
  return {
    id: 'surface',
    group: 'after',
    label: found.label,
    value: [found.how, routeAmounts(found)].filter(Boolean).join(' '),
    why:
      [...found.cautions, routeSize(found)].filter(Boolean).join(' ') || 'The plate or the slicer does it.',
  };
};
