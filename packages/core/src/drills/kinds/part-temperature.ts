import { absorptivityOf, colourWords } from '../../materials/colours.js';
import { surfaceTemperatureC, HeatSurfaceInput } from '../../models/heat-surface.js';
import type { DrillMaker } from '../kind.js';
import { numberOptions } from '../options.js';

/** How far answers stand apart, K, and how near is right. */
const GAP_K = 9;
const TOLERANCE_K = 4;

const strengths = [
  { irradianceWm2: 950, said: 'in full sun at noon (950 W/m²)' },
  { irradianceWm2: 700, said: 'in full sun on a spring day (700 W/m²)' },
  { irradianceWm2: 450, said: 'under thin cloud (450 W/m²)' },
];

/** The air is not what counts: what does the part itself reach? */
export const partTemperature: DrillMaker = {
  kind: 'part-temperature',
  make(ask) {
    const ambientC = ask.stepped(16, 38, 1);
    const sun = ask.pick(strengths);
    const colour = ask.pick(['white', 'light', 'mid', 'dark', 'black'] as const);
    const exposedSides = ask.pick([1, 2]);
    const windMs = ask.pick([0, 1, 3]);
    const inputs = {
      ambientC,
      irradianceWm2: sun.irradianceWm2,
      absorptivity: absorptivityOf[colour],
      windMs,
      exposedSides,
    };
    const partC = surfaceTemperatureC(Object.assign(new HeatSurfaceInput(), inputs));
    const options = numberOptions(ask, partC, {
      gap: GAP_K,
      low: ambientC - 12,
      high: 120,
      said: c => `${Math.round(c)} °C`,
    });
    if (!options) return null;
    const air = { 0: 'no wind', 1: 'a light air', 3: 'a breeze' }[windMs]!;
    const rear = exposedSides === 1 ? 'its rear insulated' : 'air on both sides';
    return {
      question: 'How hot does the part get?',
      given: [
        `A ${colourWords[colour]} plate lies level ${sun.said}, ${air}, ${rear}.`,
        `The air is at ${ambientC} °C.`,
      ],
      ...options,
      why:
        `${Math.round(partC)} °C, ${Math.round(partC - ambientC)} K over the air: ${colourWords[colour]} takes up ` +
        `${Math.round(100 * absorptivityOf[colour])} % of the sun, and loses it to wind and sky` +
        `${exposedSides === 1 ? ' on one side only' : ''}.`,
      margin: { what: 'the next answer is off by', off: GAP_K, tolerance: TOLERANCE_K, unit: 'K' },
      refs: [{ model: 'heat.surface', inputs }],
      lab: 'brief',
    };
  },
};
