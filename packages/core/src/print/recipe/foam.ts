import { sig } from '../../lib/figures.js';
import { typical, type Family } from '../../materials/family.js';
import { familyByKey } from '../../materials/library.js';
import type { RecipeRule } from './recipe-line.js';

/** What a foam is made from; undefined of what does not foam. */
function compactOf(f: Family): Family | undefined {
  const base = f.flags.foaming ? familyByKey(f.grade?.family ?? f.key)?.base : null;
  return base ? familyByKey(base) : undefined;
}

/** Flow of a foam: it swells on leaving the nozzle, so that less is fed; a share of the densities to start from. */
export const foamFlowRule: RecipeRule = ({ family: f }) => {
  const compact = compactOf(f);
  if (!compact || !f.flags.foaming) return null;
  const set = Math.round((100 * typical(f, 'densityGcm3')) / typical(compact, 'densityGcm3'));
  return {
    id: 'flow',
    group: 'motion',
    label: 'Flow',
    set,
    unit: '%',
    value: `${set} % to start with`,
    why:
      `Near ${f.flags.foaming.peakC} °C it swells to ${sig(100 / set, 2)} times what is fed. Print a square ` +
      'of one wall: flow × wanted wall / measured wall, until it is within 2 %. Speed, line and layer say how ' +
      'long it stays hot, and with that how much it swells: leave them once it is right.',
  };
};

/** Travels of a foam: it goes on swelling in the nozzle and cannot be drawn back. */
export const foamTravelRule: RecipeRule = ({ family: f }) =>
  compactOf(f)
    ? {
        id: 'travel',
        group: 'motion',
        label: 'Travels',
        value: 'few and inside the part: one piece at a time, walls in one go',
        why: 'It goes on swelling in the nozzle and cannot be drawn back: each travel leaves a blob.',
      }
    : null;
