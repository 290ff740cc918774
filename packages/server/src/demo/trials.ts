/** A day of November, in the honey shed. */
const at = (day: number, n: number): string =>
  `2026-11-${String(day + Math.floor(n / 6)).padStart(2, '0')}T1${n % 6}:20:00Z`;

/** What was read of a filament, criterion by criterion. */
const read = (day: number, values: Record<string, readonly number[]>): object[] =>
  Object.entries(values).flatMap(([criterion, list]) =>
    list.map((value, n) => ({ criterion, value, at: at(day, n), instrument: instruments[criterion] ?? '' })),
  );
const instruments: Record<string, string> = {
  mass: 'Scale',
  hardness: 'Durometer',
  grown: 'Caliper',
};

/** The gasket's trial in four soft filaments, half read: all are pressed, two have had their week in syrup. */
const gasketTrial = {
  part: 'Syrup-feeder gasket',
  trial: {
    format: 'hornblende-trial',
    version: 1,
    name: 'Four soft filaments for the syrup feeder',
    piece: 'a disc of 40 × 6 mm, solid, as the gasket is printed',
    heldSame:
      'One printer, one plate, one speed; temperatures by each maker’s label; syrup of two to one, 34 °C.',
    replicates: 3,
    seed: 4,
    criteria: [
      { id: 'hardness', label: 'Hardness', unit: 'A', weight: 4, band: [80, 90], property: 'shoreA' },
      {
        id: 'grown',
        label: 'Grown after a week in syrup',
        unit: '%',
        lessIsBetter: true,
        weight: 3,
        limit: 2,
        enough: 0.5,
      },
      { id: 'mass', label: 'Mass', unit: 'g', lessIsBetter: true, weight: 1 },
      { id: 'price', label: 'Price', unit: 'each', lessIsBetter: true, weight: 1 },
    ],
    entrants: [
      {
        material: 'lowmoor-flex-86',
        readings: read(10, {
          hardness: [85.5, 86, 85],
          grown: [0.6, 0.7, 0.6],
          mass: [8.9, 8.9, 9],
          price: [0.52],
        }),
      },
      {
        material: 'tpu-95a',
        readings: read(10, {
          hardness: [94.5, 95, 95.5],
          grown: [0.4, 0.5],
          mass: [9.1, 9, 9.1],
          price: [0.4],
        }),
        eliminated: 'Presses like a hard heel: syrup crept past it at the first fill.',
      },
      {
        material: 'tpu-85a',
        readings: read(10, { hardness: [84, 85.5, 84.5], mass: [8.8, 8.9, 8.8], price: [0.5] }),
      },
      {
        material: 'tpe',
        readings: read(10, { hardness: [63, 65], mass: [6.9], price: [0.57] }),
      },
    ],
  },
};

/** The gate's web in four filaments, folded by hand until it whitens, and decided. */
const webTrial = {
  part: 'Entrance-gate hinge',
  trial: {
    format: 'hornblende-trial',
    version: 1,
    name: 'How often the gate’s web folds',
    piece: 'the gate itself, its web 0.6 mm thick and printed along the fold',
    heldSame: 'One printer; a fold is there and back by hand, counted until the web whitens along its line.',
    replicates: 3,
    seed: 9,
    criteria: [
      { id: 'folds', label: 'Folds until it whitens', unit: '', weight: 4, limit: 500, enough: 5000 },
      { id: 'price', label: 'Price', unit: 'each', lessIsBetter: true, weight: 1 },
    ],
    entrants: [
      { material: 'skerrow-pp-web', readings: read(3, { folds: [6200, 7000, 6600], price: [0.44] }) },
      { material: 'tpu-64d', readings: read(3, { folds: [5200, 4800, 5100], price: [0.66] }) },
      { material: 'pa12', readings: read(3, { folds: [2300, 1900, 2600], price: [1.02] }) },
      {
        material: 'skerrow-petg-natural',
        readings: read(3, { folds: [22, 35, 28], price: [0.38] }),
        eliminated: 'White after some thirty folds, through after forty.',
      },
    ],
    decided: {
      first: 'skerrow-pp-web',
      second: 'tpu-64d',
      reason: 'Nobody had the patience to break it, and it is the cheapest of those that last.',
      at: '2026-11-05T17:40:00Z',
    },
  },
};

/** The demo's trials, each with the part that it is for: one half read, one decided. */
export const demoTrials = [gasketTrial, webTrial];
