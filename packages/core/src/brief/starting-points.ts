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
    key: 'hook',
    name: 'Hook',
    traps: [
      'Printed lying on its side, its layers run around the bend; standing, it snaps off at the bend.',
      'What hangs for years bends it slowly: say "held for long".',
      'A round inside of the bend is worth more than a stronger filament.',
    ],
    brief: {
      geometry: { xMm: 60, yMm: 80, zMm: 12 },
      print: { walls: 4 },
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 30, lengthMm: 40, widthMm: 12, heightMm: 14 }],
    },
  },
  {
    key: 'braced-bracket',
    name: 'Bracket with a brace',
    traps: [
      'The brace carries as its height at the wall does: say the section there, brace included.',
      'Lay it on its side, so that arm and brace are drawn as one line.',
      'Screws crush plastic: wide washers, or sleeves in the holes.',
    ],
    brief: {
      geometry: { xMm: 140, yMm: 90, zMm: 25 },
      print: { walls: 4 },
      loads: [
        { kind: 'sustained', case: 'cantilever', forceN: 60, lengthMm: 120, widthMm: 25, heightMm: 30 },
      ],
    },
  },
  {
    key: 'mount',
    name: 'Rubber mount',
    traps: [
      'What it keeps from shaking follows from its stiffness and what stands on it: the bench works it out.',
      'Pressed for long, rubber goes on giving: a low, wide block gives less.',
    ],
    brief: {
      geometry: { xMm: 30, yMm: 30, zMm: 20, wallMm: 20, sharpCorners: 0 },
      print: { infill: 1 },
      flex: { want: 'rubbery', shoreA: [60, 90] },
    },
  },
  {
    key: 'bumper',
    name: 'Bumper',
    traps: [
      'Softer takes a blow over a longer way; too soft, it bottoms out and passes it on.',
      'Cold rubber is hard: say the coldest that it meets.',
    ],
    brief: {
      geometry: { xMm: 60, yMm: 30, zMm: 20, sharpCorners: 0 },
      print: { infill: 0.3 },
      flex: { want: 'rubbery', shoreA: [75, 95] },
    },
  },
  {
    key: 'lid',
    name: 'Lid with a snap',
    traps: [
      'Its snap breaks by strain, not by force: a longer or thinner finger lasts.',
      'A large flat lid bows as it cools: a rim or ribs hold it true.',
    ],
    brief: {
      geometry: { xMm: 90, yMm: 70, zMm: 14, wallMm: 2 },
      toleranceMm: 0.2,
      loads: [
        { kind: 'cyclic', case: 'snap-fit', thicknessMm: 1.6, undercutMm: 0.8, lengthMm: 12, cycles: 1000 },
      ],
    },
  },
  {
    key: 'adapter',
    name: 'Adapter between two tubes',
    traps: [
      'It fits or it does not: print a ring of each end first, and measure.',
      'A clamp around plastic loosens with the years: leave room to tighten it.',
      'Layers leak under pressure: more walls, and a seal.',
    ],
    brief: {
      geometry: { xMm: 60, yMm: 60, zMm: 80, wallMm: 2.5, sharpCorners: 0 },
      print: { walls: 4 },
      toleranceMm: 0.2,
    },
  },
  {
    key: 'wheel',
    name: 'Wheel',
    traps: [
      'Left standing under load it gets a flat: say what it carries for long.',
      'A printed tread wears and slips: a tyre of rubber, or a rubber ring, grips.',
      'The bore turns on its axle: a bush or a bearing there.',
    ],
    brief: {
      geometry: { xMm: 60, yMm: 60, zMm: 20, sharpCorners: 0 },
      print: { walls: 4, infill: 0.4 },
      toleranceMm: 0.2,
      wear: 'sliding',
      loads: [
        { kind: 'sustained', case: 'compression', forceN: 60, lengthMm: 25, widthMm: 20, heightMm: 12 },
      ],
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
      // Drawn as a solid body: its walls and a thin infill make the sealed hollow.
      geometry: { xMm: 90, yMm: 60, zMm: 30, wallMm: 30, sharpCorners: 0 },
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
