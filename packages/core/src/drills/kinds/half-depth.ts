import { flexIndentation } from '../../models/flex-indentation.js';
import type { DrillMaker } from '../kind.js';
import { numberOptions } from '../options.js';

/** How far answers stand apart, in points of a scale, and how near is right. */
const GAP = 6;
const TOLERANCE = 2;

const depthOf = (hardness: number): number => flexIndentation.compute({ hardness }).result.depthMm;

/** Hardness is depth read backwards: what is half as deep, what twice? */
export const halfDepth: DrillMaker = {
  kind: 'half-depth',
  make(ask) {
    const scale = ask.pick(['A', 'D'] as const);
    const hardness = ask.whole(scale === 'A' ? 45 : 30, scale === 'A' ? 88 : 75);
    const isDeeper = ask.share() < 0.5;
    // Depth = 2.5 mm·(1 − H/100), so the same share of what is missing to a hundred.
    const wanted = 100 - (100 - hardness) * (isDeeper ? 2 : 0.5);
    if (!Number.isInteger(wanted)) return null;
    const options = numberOptions(ask, wanted, {
      gap: GAP,
      low: 3,
      high: 99,
      said: h => `Shore ${scale} ${Math.round(h)}`,
    });
    if (!options) return null;
    const deep = depthOf(hardness);
    return {
      question: `Which hardness lets it sink in ${isDeeper ? 'twice' : 'half'} as deep?`,
      given: [
        `A durometer shows Shore ${scale} ${hardness}: its needle sinks in ${deep.toFixed(2)} mm.`,
        'It sinks in 2.5 mm at nought and not at all at a hundred.',
      ],
      ...options,
      why:
        `Depth is 2.5 mm × (1 − H/100): ${depthOf(wanted).toFixed(2)} mm is Shore ${scale} ${Math.round(wanted)}. ` +
        'What is missing to a hundred is what counts, not the hardness itself.',
      margin: { what: 'the next answer is off by', off: GAP, tolerance: TOLERANCE, unit: `Shore ${scale}` },
      refs: [
        { model: 'flex.indentation', inputs: { hardness } },
        { model: 'flex.indentation', inputs: { hardness: wanted } },
      ],
      lab: 'bench',
    };
  },
};
