/** A print of the demo's log: which printer and part, by their places in the demo. */
export interface DemoPrint {
  printer: 0 | 1;
  part: string;
  material: string;
  family: string;
  at: string;
  outcome: 'well' | 'failed';
  grams: number;
  minutes: number;
  expectedMinutes: number;
  plate: 'smooth-pei' | 'textured-pei';
  placeMm: [number, number];
  sizeMm: [number, number];
  note?: string;
}

const foot = {
  part: 'Hive-stand levelling foot',
  material: 'tarnbeck-hill-asa',
  family: 'asa',
  printer: 1 as const,
};
const jig = {
  part: 'Frame-spacing jig',
  material: 'wherrybank-everyday-pla',
  family: 'pla',
  printer: 0 as const,
};

/** A year of prints in the honey shed: most in the middle of the plate, where it is most convenient. */
export const demoPrints: readonly DemoPrint[] = [
  {
    ...jig,
    at: '2026-01-29T15:00:00.000Z',
    outcome: 'well',
    grams: 44,
    minutes: 106,
    expectedMinutes: 88,
    plate: 'smooth-pei',
    placeMm: [110, 110],
    sizeMm: [110, 90],
  },
  {
    ...jig,
    at: '2026-01-30T10:00:00.000Z',
    outcome: 'well',
    grams: 44,
    minutes: 104,
    expectedMinutes: 88,
    plate: 'smooth-pei',
    placeMm: [110, 110],
    sizeMm: [110, 90],
  },
  {
    ...jig,
    part: 'Apiary name plate',
    at: '2026-02-11T10:00:00.000Z',
    outcome: 'well',
    grams: 32,
    minutes: 73,
    expectedMinutes: 64,
    plate: 'smooth-pei',
    placeMm: [110, 100],
    sizeMm: [120, 60],
  },
  {
    ...jig,
    part: 'Syrup-feeder gasket',
    material: 'lowmoor-flex-86',
    family: 'tpu-85a',
    at: '2026-03-06T09:00:00.000Z',
    outcome: 'failed',
    grams: 8,
    minutes: 76,
    expectedMinutes: 105,
    plate: 'smooth-pei',
    placeMm: [110, 110],
    sizeMm: [110, 110],
    note: 'Buckled in the feeder',
  },
  {
    ...foot,
    at: '2026-05-09T10:00:00.000Z',
    outcome: 'failed',
    grams: 22,
    minutes: 61,
    expectedMinutes: 78,
    plate: 'smooth-pei',
    placeMm: [125, 105],
    sizeMm: [70, 70],
    note: 'One edge came up with the door open',
  },
  {
    ...foot,
    at: '2026-05-09T13:00:00.000Z',
    outcome: 'well',
    grams: 32,
    minutes: 88,
    expectedMinutes: 78,
    plate: 'smooth-pei',
    placeMm: [125, 105],
    sizeMm: [70, 70],
  },
  {
    ...foot,
    at: '2026-05-09T16:00:00.000Z',
    outcome: 'well',
    grams: 31,
    minutes: 86,
    expectedMinutes: 78,
    plate: 'smooth-pei',
    placeMm: [125, 105],
    sizeMm: [70, 70],
  },
  {
    ...foot,
    at: '2026-05-10T09:00:00.000Z',
    outcome: 'well',
    grams: 31,
    minutes: 87,
    expectedMinutes: 78,
    plate: 'smooth-pei',
    placeMm: [125, 105],
    sizeMm: [70, 70],
  },
  {
    ...foot,
    at: '2026-05-10T12:00:00.000Z',
    outcome: 'well',
    grams: 31,
    minutes: 85,
    expectedMinutes: 78,
    plate: 'smooth-pei',
    placeMm: [80, 105],
    sizeMm: [70, 70],
  },
  {
    ...foot,
    part: 'Syrup-feeder gasket',
    material: 'lowmoor-flex-86',
    family: 'tpu-85a',
    at: '2026-03-07T09:00:00.000Z',
    outcome: 'well',
    grams: 11,
    minutes: 141,
    expectedMinutes: 105,
    plate: 'smooth-pei',
    placeMm: [125, 105],
    sizeMm: [110, 110],
  },
  {
    ...foot,
    part: 'Entrance-gate hinge',
    material: 'skerrow-pp-web',
    family: 'pp',
    at: '2026-06-18T13:00:00.000Z',
    outcome: 'well',
    grams: 13,
    minutes: 77,
    expectedMinutes: 69,
    plate: 'smooth-pei',
    placeMm: [125, 105],
    sizeMm: [140, 60],
  },
  {
    ...foot,
    part: 'Solar wax melter latch',
    material: 'lowmoor-pa12-fibre',
    family: 'pa12-cf',
    at: '2026-07-11T12:00:00.000Z',
    outcome: 'well',
    grams: 9,
    minutes: 45,
    expectedMinutes: 39,
    plate: 'smooth-pei',
    placeMm: [125, 105],
    sizeMm: [95, 28],
  },
];
