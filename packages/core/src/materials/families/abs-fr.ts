import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { abs } from './abs.js';

/** ABS, flame-retardant: ABS with a flame retardant; moulded plaques of such grades reach a flame class. */
export const absFr = filled(abs, fillers['flame-retardant'], {
  key: 'abs-fr',
  name: 'ABS, flame-retardant',
  note: 'ABS with a flame retardant; moulded plaques of such grades reach a flame class',
  overrides: {
    hdt045C: [84, 90, 96],
    hdt18C: [74, 80, 87],
    vicatC: [90, 95, 101],
    pricePerKg: [32, 42, 65, 'estimate'],
  },
});
