import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pp } from './pp.js';

/** Light PP: polypropylene made lighter with expanded polymer microspheres. */
export const ppLight = filled(pp, fillers.microspheres, {
  key: 'pp-light',
  name: 'Light PP',
  note: 'polypropylene made lighter with expanded polymer microspheres',
  overrides: {
    charpyUnnotched23KJm2: [20, 40, 70, 'estimate'],
    densityGcm3: [0.6, 0.74, 0.85],
    modulusMPa: [450, 700, 1000],
    yieldMPa: [9, 13, 18],
    elongationPct: [8, 30, 120],
    hdt045C: [62, 76, 90],
    hdt18C: [42, 47, 53],
    vicatC: [80, 90, 102],
    shoreD: [50, 57, 64],
  },
  windows: { bedC: [70, 100], chamberC: [20, 65] },
  adhesion: {
    'smooth-pei': { bare: 9, adhesive: { 'glue-stick': 13, 'pp-tape': 196 } },
    'textured-pei': { bare: 10, adhesive: { 'glue-stick': 13, 'pp-tape': 187 } },
    glass: { bare: 6, adhesive: { 'glue-stick': 9, 'pp-tape': 196 } },
    garolite: { bare: 8 },
    'pp-sheet': { bare: 215 },
  },
  flags: { wear: 'fair', stringing: 0.45 },
});
