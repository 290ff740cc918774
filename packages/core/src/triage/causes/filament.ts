import { causesOf, remedies } from '../cause.js';

/** What the filament may bring about. How likely each shows is an estimate from general practice of printing. */
export const filamentCauses = causesOf('filament', [
  {
    id: 'wet-filament',
    label: 'Wet filament',
    prior: 8,
    shows: {
      popping: 0.8,
      strings: 0.8,
      'nozzle-blobs': 0.45,
      gaps: 0.3,
      cloudy: 0.55,
      'layer-split': 0.2,
      'rough-underside': 0.25,
      'foam-uneven': 0.4,
      'filament-brittle': 0.25,
      seam: 0.2,
    },
    remedies: remedies({
      filament: 'Dry it as its card says, and print from a dry box',
      room: 'Keep spools closed, with a drying agent',
    }),
    caution: 'Dry below the temperature at which the spool softens.',
  },
  {
    id: 'old-filament',
    label: 'Old filament gone brittle',
    prior: 2,
    shows: { 'filament-brittle': 0.88, gaps: 0.2, jam: 0.15 },
    remedies: remedies({ filament: 'Cut off the outer turns; dry it; else another spool' }),
  },
  {
    id: 'shrinks-much',
    label: 'A filament that shrinks much',
    prior: 3,
    shows: { 'corner-lift': 0.7, 'bow-after-release': 0.6, 'size-off': 0.4, 'layer-split': 0.4 },
    remedies: remedies({
      filament: 'A filled grade of it, or an easier family',
      room: 'Warm still air, cooled down on the plate',
      slicing: 'Scale by its measured shrinkage; a brim; less infill',
    }),
    caution: 'Styrenics give off styrene: extract or ventilate, and do not sit beside it.',
  },
  {
    id: 'contaminated',
    label: 'Dirt or another plastic in the filament or the hot end',
    prior: 1,
    shows: { jam: 0.6, 'scorched-specks': 0.45, gaps: 0.3, cloudy: 0.25 },
    remedies: remedies({
      filament: 'Wipe the filament on its way in',
      machine: 'Cold pulls until they come clean',
    }),
  },
  {
    id: 'wrong-grade',
    label: 'Not the grade it was taken for',
    prior: 2,
    shows: {
      'too-soft': 0.45,
      'too-hard': 0.45,
      'foam-uneven': 0.3,
      'filament-ground': 0.15,
      'size-off': 0.1,
      cloudy: 0.3,
    },
    remedies: remedies({ filament: 'Compare with its swatch, and label the spool' }),
  },
  {
    id: 'snagged-spool',
    label: 'The spool snags',
    prior: 2,
    shows: {
      gaps: 0.6,
      'filament-ground': 0.5,
      'layer-shift': 0.2,
      jam: 0.2,
      'feed-jerks': 0.9,
      'top-open': 0.2,
    },
    remedies: remedies({ filament: 'Wind it off the crossing', machine: 'A holder that turns freely' }),
  },
  {
    id: 'rubber-supports',
    label: 'Supports of the same rubber',
    prior: 1,
    shows: { 'supports-fused': 0.88, 'rough-underside': 0.5 },
    remedies: remedies({
      filament: 'Supports of a filament that does not bond to it',
      design: 'A shape that needs none',
      slicing: 'A wider gap under the part',
    }),
  },
]);
