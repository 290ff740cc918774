/** One part of the demo: its brief, which printer, and the decision if one was taken. */
export interface DemoPart {
  printer: 0 | 1;
  brief: object;
  /** The coupon that its file is made with, and the coupon's numbers. */
  shape?: { coupon: string; numbers?: object; file: string };
  decision?: {
    firstChoice: string;
    secondChoice: string;
    reason: string;
    decidedBy: string;
    decidedAt: string;
  };
}

const base = { format: 'hornblende-brief', version: 1 };

/**
 * The parts of the Highfell Bee Co-op, an invented hill apiary with a honey shed. The first is what the
 * demo opens on.
 */
export const demoParts: DemoPart[] = [
  {
    printer: 1,
    shape: { coupon: 'latch', file: 'melter-latch.stl' },
    brief: {
      ...base,
      name: 'Solar wax melter latch',
      lifeYears: 6,
      ifItFails: 'annoys',
      geometry: { wallMm: 4 },
      loads: [
        {
          kind: 'sustained',
          case: 'cantilever',
          forceN: 4,
          lengthMm: 40,
          widthMm: 18,
          heightMm: 8,
          hours: 20000,
          heldAtMm: [0, 14, 7],
          actsAtMm: [95, 14, 7],
        },
      ],
      heat: { setting: 'near-source', sourceC: 64, ambientMinC: -8, partMinC: -8, hoursADay: 6 },
      sun: 'full',
      water: 'rain',
      looks: { colour: 'dark' },
      quantity: 6,
    },
  },
  {
    printer: 1,
    shape: { coupon: 'levelling-foot', file: 'levelling-foot.stl' },
    brief: {
      ...base,
      name: 'Hive-stand levelling foot',
      lifeYears: 8,
      ifItFails: 'damages',
      geometry: { wallMm: 5 },
      loads: [
        { kind: 'sustained', case: 'compression', forceN: 260, lengthMm: 40, widthMm: 34, heightMm: 34 },
      ],
      heat: { setting: 'outdoors', ambientMaxC: 32, ambientMinC: -14 },
      sun: 'part',
      water: 'rain',
      looks: { colour: 'black' },
      quantity: 24,
    },
    decision: {
      firstChoice: 'asa',
      secondChoice: 'petg',
      reason:
        'Stands in the sun for eight seasons; PETG is the fallback if the cabinet is down, in black ' +
        'and out of direct sun.',
      decidedBy: 'M. Orrell',
      decidedAt: '2026-03-14T09:20:00.000Z',
    },
  },
  {
    printer: 0,
    brief: {
      ...base,
      name: 'Frame-spacing jig',
      heat: { setting: 'indoors' },
      loads: [],
      lifeYears: 5,
      ifItFails: 'nothing',
      geometry: {
        xMm: 180,
        yMm: 35,
        zMm: 12,
        wallMm: 3,
        volumeCm3: 48,
        sharpCorners: 4,
      },
      toleranceMm: 0.15,
      looks: { colour: 'light', finish: 'fair' },
      quantity: 2,
    },
    decision: {
      firstChoice: 'pla',
      secondChoice: 'petg',
      reason: 'Indoors, unloaded, and it has to be true: nothing prints truer.',
      decidedBy: 'T. Askew',
      decidedAt: '2026-01-30T16:05:00.000Z',
    },
  },
  {
    printer: 1,
    brief: {
      ...base,
      name: 'Syrup-feeder gasket',
      lifeYears: 2,
      ifItFails: 'annoys',
      geometry: { xMm: 110, yMm: 110, zMm: 3, wallMm: 3, volumeCm3: 9, sharpCorners: 0 },
      print: { infill: 1 },
      loads: [{ kind: 'sustained', case: 'compression', forceN: 60, widthMm: 12, heightMm: 60, hours: 4000 }],
      heat: { setting: 'indoors', ambientMaxC: 34, ambientMinC: 4 },
      water: 'immersed',
      contact: { food: 'wet' },
      flex: { want: 'rubbery', shoreA: [80, 90] },
      looks: { colour: 'white' },
      quantity: 8,
    },
  },
  {
    printer: 0,
    brief: {
      ...base,
      name: 'Apiary name plate',
      purpose: 'decorative',
      lifeYears: 3,
      ifItFails: 'nothing',
      geometry: { xMm: 140, yMm: 60, zMm: 4, wallMm: 2, volumeCm3: 26, sharpCorners: 4 },
      looks: { colour: 'light', finish: 'fine' },
      quantity: 1,
    },
    decision: {
      firstChoice: 'pla',
      secondChoice: 'pla-tough',
      reason: 'Hangs indoors by the door; crisp letters and a fair surface are all it needs.',
      decidedBy: 'T. Askew',
      decidedAt: '2026-02-11T11:40:00.000Z',
    },
  },
  {
    printer: 1,
    shape: {
      coupon: 'housing',
      numbers: { lengthMm: 130, widthMm: 90, heightMm: 40, wallMm: 3 },
      file: 'scale-housing.3mf',
    },
    brief: {
      ...base,
      name: 'Hive-scale housing',
      lifeYears: 5,
      ifItFails: 'damages',
      geometry: { wallMm: 3 },
      heat: { setting: 'outdoors', climate: 'hill' },
      sun: 'full',
      water: 'rain',
      looks: { colour: 'light' },
      electrical: 'low-voltage',
      quantity: 3,
    },
  },
  {
    printer: 1,
    brief: {
      ...base,
      name: 'Extractor crank knob',
      lifeYears: 5,
      ifItFails: 'annoys',
      geometry: { xMm: 42, yMm: 42, zMm: 55, wallMm: 4, volumeCm3: 48, sharpCorners: 0 },
      loads: [
        { kind: 'impact', case: 'drop', massKg: 0.6, heightM: 0.9, widthMm: 22, heightMm: 22 },
        {
          kind: 'cyclic',
          case: 'cantilever',
          forceN: 35,
          lengthMm: 45,
          widthMm: 22,
          heightMm: 22,
          cycles: 50000,
          acrossLayers: true,
        },
        { kind: 'sustained', case: 'clamp', forceN: 250, areaMm2: 110, hours: 43800 },
      ],
      heat: { setting: 'indoors', ambientMinC: 5 },
      contact: { skin: true },
      looks: { colour: 'dark' },
      quantity: 1,
    },
  },
  {
    printer: 1,
    brief: {
      ...base,
      name: 'Entrance-gate hinge',
      lifeYears: 4,
      ifItFails: 'annoys',
      geometry: { xMm: 80, yMm: 45, zMm: 6, wallMm: 2, volumeCm3: 14, sharpCorners: 4 },
      heat: { setting: 'outdoors', ambientMaxC: 32, ambientMinC: -14 },
      sun: 'reflected',
      water: 'rain',
      flex: { want: 'hinge' },
      looks: { colour: 'black' },
      quantity: 12,
    },
  },
  {
    printer: 1,
    brief: {
      ...base,
      name: 'Drinking-trough float',
      loads: [],
      lifeYears: 3,
      ifItFails: 'annoys',
      geometry: { xMm: 90, yMm: 60, zMm: 30, wallMm: 2, volumeCm3: 95, sharpCorners: 0 },
      print: { infill: 0.1 },
      heat: { setting: 'outdoors', ambientMaxC: 32, ambientMinC: -4 },
      sun: 'part',
      water: 'immersed',
      mustFloat: true,
      looks: { colour: 'black' },
      quantity: 6,
    },
  },
  {
    printer: 1,
    brief: {
      ...base,
      name: 'Van frame-rack peg',
      lifeYears: 4,
      ifItFails: 'annoys',
      geometry: {
        xMm: 48,
        yMm: 22,
        zMm: 30,
        wallMm: 2.5,
        volumeCm3: 11,
        sharpCorners: 4,
      },
      loads: [{ kind: 'cyclic', case: 'snap-fit', thicknessMm: 2, undercutMm: 1, lengthMm: 16, cycles: 500 }],
      heat: { setting: 'closed-vehicle', ambientMaxC: 33, ambientMinC: -10 },
      sun: 'part',
      looks: { colour: 'black' },
      quantity: 2,
    },
  },
];
