import { serviceSurvival, ServiceSurvivalInput, type ServiceRecord } from '../../service/survival.js';
import type { DrillMaker } from '../kind.js';
import { numberOptions } from '../options.js';

/** How far answers stand apart, in points of a per cent, and how near is right. */
const GAP = 7;
const TOLERANCE = 2;

/** Nothing has failed yet: what does that prove? */
export const proof: DrillMaker = {
  kind: 'proof',
  make(ask) {
    const many = ask.whole(3, 16);
    const years = ask.pick([1, 2, 3, 5, 8]);
    const records = Array.from({ length: many }, (): ServiceRecord => ({
      years,
      ended: false,
      mode: null,
      soundYears: null,
      weight: 1,
    }));
    const bound = serviceSurvival(
      Object.assign(new ServiceSurvivalInput(), { records, atYears: years }),
    ).lowerBound95;
    if (bound === null) return null;
    const options = numberOptions(ask, 100 * bound, {
      gap: GAP,
      low: 5,
      high: 99.4,
      said: p => `At least ${Math.round(p)} %`,
    });
    if (!options) return null;
    return {
      question: 'Of all such parts, what share lasts that long? Say the most that 95 % confidence allows.',
      given: [
        `${many} of ${many} parts of a kind have stood ${years} ${years === 1 ? 'year' : 'years'}, none failed.`,
      ],
      ...options,
      why:
        `If fewer than ${Math.round(100 * bound)} in 100 lasted, ${many} out of ${many} would come up less than ` +
        `once in twenty times: 0.05 to the power of 1/${many} is ${bound.toFixed(3)} (exact binomial bound).`,
      margin: { what: 'the next answer is off by', off: GAP, tolerance: TOLERANCE, unit: 'points' },
      refs: [{ model: 'service.survival', inputs: { records, atYears: years } }],
      lab: 'service',
    };
  },
};
