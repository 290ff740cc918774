/** A common kind of part to start a brief from, with its usual traps. `brief` lacks format, version and name. */
export interface StartingPoint {
  key: string;
  name: string;
  traps: string[];
  brief: Record<string, unknown>;
}

/** Starting points, the commonest first. */
export const startingPoints: readonly StartingPoint[] = [
  {
    key: 'bracket',
    name: 'Bracket',
    traps: [
      'A load that hangs for years bends it slowly: say "held for long".',
      'Print it so that the load runs along the layers.',
      'A rounded inner corner is worth more than a stronger filament.',
    ],
    brief: {
      geometry: { xMm: 80, yMm: 40, zMm: 30 },
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 15, lengthMm: 60, widthMm: 30, heightMm: 8 }],
    },
  },
  {
    key: 'clip',
    name: 'Clip',
    traps: [
      'Strain, not strength, breaks it: a longer finger beats a thicker one.',
      'Printed upright, the finger splits between layers.',
    ],
    brief: {
      geometry: { xMm: 40, yMm: 20, zMm: 12 },
      flex: { want: 'springy' },
      loads: [
        { kind: 'cyclic', case: 'snap-fit', thicknessMm: 2, undercutMm: 1, lengthMm: 18, cycles: 1000 },
      ],
    },
  },
  {
    key: 'living-hinge',
    name: 'Living hinge',
    traps: [
      'The web must be printed along the fold’s travel, two or three lines thick.',
      'Fold it a few times while still warm.',
    ],
    brief: { geometry: { xMm: 80, yMm: 40, zMm: 6, wallMm: 2 }, flex: { want: 'hinge' } },
  },
  {
    key: 'gasket',
    name: 'Gasket',
    traps: [
      'Pressed for long it takes a set: leave room to tighten.',
      'Infill makes it softer than the spool says.',
      'Printed faces leak: press them on something smooth.',
    ],
    brief: {
      geometry: { xMm: 80, yMm: 80, zMm: 3, wallMm: 3, sharpCorners: 0 },
      print: { infill: 1 },
      flex: { want: 'rubbery', shoreA: [75, 95] },
      water: 'humid',
    },
  },
  {
    key: 'housing',
    name: 'Housing',
    traps: [
      'A dark box in the sun is far hotter than the air, more so with electronics inside.',
      'Large flat floors warp: round the corners on the plate.',
      'Electrical enclosures need certified parts: flammability and ingress are not judged here.',
    ],
    brief: {
      geometry: { xMm: 120, yMm: 80, zMm: 40, wallMm: 2.5 },
      looks: { finish: 'fair' },
    },
  },
  {
    key: 'gear',
    name: 'Gear',
    traps: [
      'Teeth fail by repeated bending at the root.',
      'It heats as it runs: say what it reaches.',
      'Nylons swell with damp and jam tight meshes.',
    ],
    brief: {
      geometry: { xMm: 40, yMm: 40, zMm: 10, sharpCorners: 0 },
      print: { walls: 4, infill: 0.5 },
      toleranceMm: 0.15,
      loads: [
        {
          kind: 'cyclic',
          case: 'cantilever',
          forceN: 15,
          lengthMm: 4,
          widthMm: 10,
          heightMm: 3,
          cycles: 1_000_000,
        },
      ],
    },
  },
  {
    key: 'knob',
    name: 'Knob',
    traps: ['It is dropped and knocked: toughness counts.', 'A metal insert carries the screw.'],
    brief: {
      geometry: { xMm: 40, yMm: 40, zMm: 25, sharpCorners: 0 },
      contact: { skin: true },
      looks: { finish: 'fair' },
      loads: [{ kind: 'impact', case: 'drop', massKg: 0.3, heightM: 1, widthMm: 15, heightMm: 15 }],
    },
  },
  {
    key: 'jig',
    name: 'Jig',
    traps: [
      'True matters more than strong: look at accuracy and warp.',
      'Left in a warm car it is no longer true.',
    ],
    brief: {
      geometry: { xMm: 150, yMm: 40, zMm: 12 },
      toleranceMm: 0.15,
      ifItFails: 'nothing',
    },
  },
  {
    key: 'float',
    name: 'Float',
    traps: [
      'A sealed hollow floats until a wall leaks; a light plastic always does.',
      'Ponds freeze and bake: say the coldest and the sun.',
    ],
    brief: {
      geometry: { xMm: 90, yMm: 60, zMm: 30, wallMm: 2, sharpCorners: 0 },
      print: { infill: 0.1 },
      heat: { setting: 'outdoors' },
      sun: 'part',
      water: 'immersed',
      mustFloat: true,
    },
  },
  {
    key: 'foot',
    name: 'Foot',
    traps: [
      'It stands under load for years: creep decides.',
      'Layers lie flat under it, which is the strong way.',
    ],
    brief: {
      geometry: { xMm: 50, yMm: 50, zMm: 30, sharpCorners: 0 },
      loads: [
        { kind: 'sustained', case: 'compression', forceN: 200, lengthMm: 30, widthMm: 30, heightMm: 30 },
      ],
    },
  },
  {
    key: 'decoration',
    name: 'Decoration',
    traps: ['In a window or a car even a decoration must bear the heat.'],
    brief: {
      purpose: 'decorative',
      ifItFails: 'nothing',
      geometry: { xMm: 80, yMm: 60, zMm: 40 },
      print: { walls: 2, infill: 0.1 },
      looks: { finish: 'fine' },
    },
  },
];
