import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pc } from './pc.js';

/** PC, flame-retardant: polycarbonate with a flame retardant; moulded plaques of such grades reach a flame class. */
export const pcFr = filled(pc, fillers['flame-retardant'], {
  key: 'pc-fr',
  name: 'PC, flame-retardant',
  note: 'polycarbonate with a flame retardant; moulded plaques of such grades reach a flame class',
  overrides: {
    hdt045C: [118, 126, 134],
    hdt18C: [108, 117, 125],
    vicatC: [128, 136, 143],
    pricePerKg: [50, 70, 110, 'estimate'],
  },
});
