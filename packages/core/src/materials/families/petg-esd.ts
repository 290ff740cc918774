import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { petg } from './petg.js';

/** PETG, static-dissipative: PETG with conductive carbon, dissipative once printed as its maker says. */
export const petgEsd = filled(petg, fillers.conductive, {
  key: 'petg-esd',
  name: 'PETG, static-dissipative',
  note: 'PETG with conductive carbon, dissipative once printed as its maker says',
  overrides: {},
  windows: {
    nozzleC: [240, 265],
  },
  flags: {
    sheen: 'matt',
    paint: 'primed',
    sanding: 'wet',
    finish: 0.75,
  },
});
