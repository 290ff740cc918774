import { tellingTest as t, type TellingTest } from '../telling-test.js';

/**
 * What is looked at of the filament and its way to the nozzle.
 * Minutes and likelihoods are estimates from general practice of printing.
 */
export const filamentTests: readonly TellingTest[] = [
  t(
    'bend-filament',
    0.5,
    'Bend a hand’s length of filament: does it snap?',
    { 'old-filament': 0.9, 'wet-filament': 0.3 },
    0.05,
  ),
  t(
    'listen-purge',
    2,
    'Feed 50 mm into the air: does it crackle, steam or come out with bubbles?',
    { 'wet-filament': 0.85, 'humid-air': 0.5 },
    0.04,
  ),
  t(
    'dry-and-repeat',
    300,
    'Dry it as its card says and print the same again: is it gone?',
    { 'wet-filament': 0.95, 'humid-air': 0.6, 'old-filament': 0.3 },
    0.08,
  ),
  t(
    'print-from-box',
    30,
    'Dry already, print it from a dry box: is it gone?',
    { 'humid-air': 0.9, 'wet-filament': 0.25 },
    0.08,
  ),
  t(
    'purge-straight',
    2,
    'Feed into the air: does it come thin, or curl to one side?',
    { 'nozzle-clogged': 0.85, contaminated: 0.5, 'nozzle-worn': 0.3, 'liner-damaged': 0.3 },
    0.05,
  ),
  t(
    'push-by-hand',
    3,
    'Nozzle hot, feeder open, push by hand: is it hard?',
    {
      'nozzle-clogged': 0.8,
      'liner-damaged': 0.8,
      contaminated: 0.6,
      'left-hot-idle': 0.55,
      'nozzle-too-cold': 0.55,
      'chamber-too-warm': 0.5,
    },
    0.07,
  ),
  t(
    'mark-feed',
    4,
    'Mark the filament 120 mm off, feed 100: does less go in?',
    {
      'feeder-worn': 0.85,
      'nozzle-clogged': 0.6,
      'remote-drive-soft': 0.5,
      'flow-off': 0.35,
      'snagged-spool': 0.3,
      'retraction-too-much': 0.2,
    },
    0.06,
  ),
  t(
    'look-teeth',
    2,
    'Look at the feeder’s wheel: is it worn, slack or full of dust?',
    { 'feeder-worn': 0.88, 'retraction-too-much': 0.5, 'nozzle-clogged': 0.4, 'remote-drive-soft': 0.3 },
    0.1,
  ),
  t(
    'watch-spool',
    1,
    'Turn the spool by hand: does it snag, or has a turn crossed?',
    { 'snagged-spool': 0.92 },
    0.04,
  ),
  t(
    'compare-swatch',
    2,
    'Hold it beside its swatch and its label: is it another?',
    { 'wrong-grade': 0.85 },
    0.04,
  ),
  t(
    'look-nozzle',
    3,
    'Look at the nozzle’s hole through a glass: is it wide or oval?',
    { 'nozzle-worn': 0.9 },
    0.05,
  ),
  t(
    'look-liner',
    15,
    'Take the liner out: is it brown, dented or short?',
    { 'liner-damaged': 0.92, 'left-hot-idle': 0.15 },
    0.06,
  ),
  t('was-idle', 0.5, 'Did it stand hot for ten minutes or more before?', { 'left-hot-idle': 0.92 }, 0.12),
  t(
    'cold-pull',
    10,
    'Pull cold filament out of the hot end: is there dirt or another colour in it?',
    { contaminated: 0.88, 'left-hot-idle': 0.45, 'nozzle-clogged': 0.4 },
    0.06,
  ),
];
