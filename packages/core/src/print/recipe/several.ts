import { timesIn100 } from '../../lib/chance-words.js';
import { sig } from '../../lib/figures.js';
import { coolingInputOf, layerCooling } from '../layer-cooling.js';
import type { RecipeRule } from './recipe-line.js';

/** A part that lifts or splits this often takes others on the plate with it. */
const SPOILS = 0.1;
/** How much it may string before threads between parts are a nuisance. */
const STRINGS = 0.5;

/** Several parts on one plate or one after another, where more than one is made; and small ones that stay soft. */
export const severalRule: RecipeRule = ({ brief, family: f, warp, pSplit, layerS }) => {
  const line = { id: 'several', group: 'body' as const, label: 'How many at once' };
  const airC = warp.bowInput.chamberC;
  const { seconds } = layerCooling(coolingInputOf(f, brief.print, airC));
  const small = seconds !== null && layerS < seconds;
  const spoils = Math.max(warp.pLift, pSplit);
  if (spoils >= SPOILS && brief.quantity > 1)
    return {
      ...line,
      value: 'one at a time',
      why: `It fails ${timesIn100(spoils)}, and one that comes loose takes its neighbours with it.`,
    };
  if (small)
    return {
      ...line,
      value: `at least ${Math.ceil(seconds / layerS)} side by side, or slower`,
      why:
        `A layer takes ${sig(layerS, 2)} s and stays soft for ${sig(seconds, 2)} s: alone, its corners go round. ` +
        'A second one on the plate gives each layer time to set.',
    };
  if (brief.quantity === 1) return null;
  return f.flags.stringing >= STRINGS
    ? {
        ...line,
        value: 'one after another, where the machine clears them',
        why: 'It strings: threads between parts have to be picked off.',
      }
    : {
        ...line,
        value: 'as many as the plate holds, off its cool rim',
        why: 'They share one warming up; if one fails, stop that one and let the others go on.',
      };
};
