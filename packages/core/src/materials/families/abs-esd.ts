import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { abs } from './abs.js';

/** ABS, static-dissipative: ABS with conductive carbon, dissipative once printed as its maker says. */
export const absEsd = filled(abs, fillers.conductive, {
  key: 'abs-esd',
  name: 'ABS, static-dissipative',
  note: 'ABS with conductive carbon, dissipative once printed as its maker says',
  overrides: {},
  windows: {
    nozzleC: [240, 265],
  },
  flags: {
    sheen: 'matt',
    finish: 0.75,
  },
});
