/** A day of the trial, in the honey shed. */
const at = (n: number): string =>
  `2026-11-${String(14 + Math.floor(n / 6)).padStart(2, '0')}T1${n % 6}:20:00Z`;

/** What was read of a filament, criterion by criterion; the last pieces are still to break. */
const read = (values: Record<string, readonly number[]>): object[] =>
  Object.entries(values).flatMap(([criterion, list]) =>
    list.map((value, n) => ({ criterion, value, at: at(n), instrument: instruments[criterion] ?? '' })),
  );
const instruments: Record<string, string> = {
  mass: 'Scale',
  size: 'Caliper',
  sag: 'Thermometer',
  break: 'Luggage scale',
};

/** The latch's trial of six, half done: all are weighed and measured, some hung in the heat, few are broken. */
export const demoTrial = {
  format: 'hornblende-trial',
  version: 1,
  name: 'Six filaments for the wax melter latch',
  piece: 'the latch itself, lying, 3 walls, 20 % infill',
  heldSame: 'One printer, one plate, walls, infill and layers; temperatures by each maker’s label.',
  replicates: 3,
  seed: 7,
  criteria: [
    { id: 'mass', label: 'Mass', unit: 'g', lessIsBetter: true, weight: 1 },
    { id: 'price', label: 'Price', unit: 'each', lessIsBetter: true, weight: 2 },
    {
      id: 'size',
      label: 'Off its drawing',
      unit: 'mm',
      lessIsBetter: true,
      weight: 1,
      limit: 0.4,
      enough: 0.2,
    },
    { id: 'sag', label: 'Softens at', unit: '°C', weight: 4, limit: 74, enough: 90, property: 'vicatC' },
    { id: 'break', label: 'Breaks at', unit: 'N', weight: 3 },
  ],
  entrants: [
    {
      material: 'tarnbeck-hill-asa',
      readings: read({
        mass: [9.4, 9.5, 9.4],
        price: [1.8],
        size: [0.21, 0.18, 0.24],
        sag: [98.5, 97, 99],
        break: [148, 139],
      }),
    },
    {
      material: 'wherrybank-everyday-pla',
      readings: read({ mass: [10.9, 10.8, 10.9], price: [1.49], size: [0.08, 0.11, 0.09], sag: [58.5] }),
      eliminated: 'The first strip hung at 58 °C: the lid gets hotter than that any June.',
    },
    {
      material: 'skerrow-petg-natural',
      readings: read({
        mass: [11.2, 11.3, 11.1],
        price: [1.7],
        size: [0.16, 0.2, 0.15],
        sag: [76.5, 75, 77],
        break: [131],
      }),
    },
    {
      material: 'lowmoor-pa12-fibre',
      readings: read({
        mass: [9.5, 9.6, 9.4],
        price: [2.44],
        size: [0.12, 0.15, 0.13],
        sag: [142, 138],
        break: [171],
      }),
    },
    {
      material: 'abs',
      readings: read({ mass: [9.2, 9.1, 9.3], price: [1.62], size: [0.28, 0.33, 0.26], sag: [97, 96.5] }),
    },
    {
      material: 'pc-blend',
      readings: read({ mass: [10, 10.1, 9.9], price: [1.93], size: [0.35, 0.47, 0.41], sag: [112] }),
    },
  ],
};
