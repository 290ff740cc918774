/** Sentences as several kinds of people say them, with what each must come to; a path that is null must be unsaid. */
export const sentences: readonly (readonly [said: string, means: Readonly<Record<string, unknown>>])[] = [
  // A maker who lists things.
  [
    'hook outside in the sun, 3 kg on a 60 mm arm, ten years, white',
    {
      name: 'Hook',
      'heat.setting': 'outdoors',
      sun: 'full',
      'loads.0.case': 'cantilever',
      'loads.0.forceN': 29.42,
      'loads.0.lengthMm': 60,
      lifeYears: 10,
      'looks.colour': 'white',
    },
  ],
  [
    'gasket, 80 to 90 A, stays wet, food safe',
    { name: 'Gasket', 'flex.shoreA': [80, 90], water: 'immersed', 'contact.food': 'wet' },
  ],
  [
    'gear for a slow turntable, 15 N, a million cycles',
    {
      name: 'Gear',
      wear: 'gear',
      'loads.0.forceN': 15,
      'loads.0.kind': 'cyclic',
      'loads.0.cycles': 1_000_000,
    },
  ],
  [
    'planter for the balcony, half a day of sun, light grey, 3 years',
    { name: 'Planter', 'heat.setting': 'outdoors', sun: 'part', 'looks.colour': 'light', lifeYears: 3 },
  ],
  [
    'jig for the workshop, true to 0.1 mm, 150 x 40 x 12 mm',
    {
      'heat.setting': 'indoors',
      toleranceMm: 0.1,
      'geometry.xMm': 150,
      'geometry.yMm': 40,
      'geometry.zMm': 12,
    },
  ],
  [
    'clear cover for LEDs, 24 V, indoors',
    { 'looks.clear': true, electrical: 'low-voltage', 'heat.setting': 'indoors' },
  ],
  [
    'name plate, decorative, white, glossy',
    { purpose: 'decorative', 'looks.colour': 'white', 'looks.wishes': ['gloss'] },
  ],
  [
    'float for a pond, must float',
    { name: 'Float', mustFloat: true, 'heat.setting': 'outdoors', water: 'immersed' },
  ],
  ['float in the drinking trough', { mustFloat: true, 'heat.setting': 'outdoors', water: 'immersed' }],
  ['lid in the pond, indoors', { mustFloat: false, 'heat.setting': 'indoors', water: 'immersed' }],
  ['bracket for a pond', { 'heat.setting': 'outdoors', water: 'dry' }],
  ['pump bracket in the sea', { 'contact.chemicals': ['salt-water'], water: 'immersed' }],
  ['floating shelf for the kitchen', { mustFloat: false, water: 'dry', 'heat.setting': 'indoors' }],
  [
    'battery box, 12V, waterproof, in the rain, 2 mm walls',
    { name: 'Battery box', electrical: 'low-voltage', seal: 'water', water: 'rain', 'geometry.wallMm': 2 },
  ],
  ['bumper for a robot, shore 85A', { name: 'Bumper', 'flex.shoreA': [82, 88] }],
  // Whole sentences.
  [
    'I need a bracket that holds 2 kg at 80 mm from the wall for five years',
    { 'loads.0.forceN': 19.61, 'loads.0.lengthMm': 80, lifeYears: 5 },
  ],
  ['It sits in the car under the windscreen and must not melt', { 'heat.setting': 'closed-vehicle' }],
  ['My phone holder in the car gets up to 80 °C', { 'heat.partC': 80, name: 'Phone holder' }],
  [
    'The lid of a box, opened 20 times a day, clear, indoors',
    { name: 'Lid', 'looks.clear': true, 'heat.setting': 'indoors' },
  ],
  [
    'A wall hook for a 5 kg bag in the hall',
    { name: 'Wall hook', 'loads.0.forceN': 49.03, 'heat.setting': 'indoors' },
  ],
  [
    'We want 20 pieces of a bushing that slides on a steel shaft',
    { quantity: 20, wear: 'sliding', name: 'Bushing' },
  ],
  [
    'A strap for a tarp, pulled with 100 N, outside all year',
    { 'loads.0.case': 'tension', 'loads.0.forceN': 100, 'heat.setting': 'outdoors' },
  ],
  [
    'A lever of 30 N, 100 mm long, pushed every day',
    { 'loads.0.case': 'cantilever', 'loads.0.forceN': 30, 'loads.0.lengthMm': 100, 'loads.0.kind': 'cyclic' },
  ],
  [
    'Something for the garden that is rained on, black, for 8 years',
    { 'heat.setting': 'outdoors', water: 'rain', 'looks.colour': 'black', lifeYears: 8 },
  ],
  [
    'A drone arm that crashes, as light as possible',
    { name: 'Drone arm', 'loads.0.kind': 'impact', 'weights.mass': 4 },
  ],
  // US units.
  [
    'shelf bracket, 20 lb, 8 in arm, 10 years, could fall on someone',
    { 'loads.0.forceN': 88.96, 'loads.0.lengthMm': 203.2, lifeYears: 10, ifItFails: 'injures' },
  ],
  [
    'cable clip near the engine, 230 F, oil',
    { 'heat.setting': 'near-source', 'heat.sourceC': 110, 'contact.chemicals': ['oil'] },
  ],
  ['handle, 7 lbf on a 4 inch lever', { 'loads.0.forceN': 31.14, 'loads.0.lengthMm': 101.6 }],
  ['tray for the oven at 350 °F', { 'heat.partC': 176.7 }],
  // Heat, cold and steam.
  [
    'pipe clamp outdoors, -20 °C to 40 °C, under 2 euros each',
    { 'heat.ambientMinC': -20, 'heat.ambientMaxC': 40, maxCostEach: 2 },
  ],
  ['spoon for boiling water, dishwasher safe', { 'heat.partC': 65, water: 'immersed' }],
  ['instrument tray, autoclaved 200 times', { 'heat.steamCycles': 200 }],
  ['knob next to the stove, gets 90 degrees', { 'heat.setting': 'near-source', 'heat.sourceC': 90 }],
  ['peg outside, hard frost in winter', { 'heat.setting': 'outdoors', 'heat.ambientMinC': -20 }],
  ['fixture that gets 70°C for 8 hours a day', { 'heat.partC': 70, 'heat.hoursADay': 8 }],
  // Contact.
  ['funnel for petrol, used for 5 minutes', { 'contact.chemicals': ['petrol'], 'contact.hours': 0.08333 }],
  ['tank for diesel outdoors', { 'contact.chemicals': ['petrol'], 'heat.setting': 'outdoors' }],
  ['cookie cutter', { 'contact.food': 'wet' }],
  ['bin for rice, dry food', { 'contact.food': 'dry' }],
  ['bracelet clasp worn on the skin, flexible', { 'contact.skin': true, 'flex.want': 'rubbery' }],
  ['valve with bleach and vinegar', { 'contact.chemicals': ['weak-acid', 'alkali'] }],
  ['boat fitting in sea water, sunny', { 'contact.chemicals': ['salt-water'], sun: 'full' }],
  // Electricity and air.
  ['mains enclosure for a switch', { electrical: 'mains', name: 'Enclosure' }],
  ['ESD tray for circuit boards', { electrical: 'static-safe' }],
  [
    'antenna cover on the roof, black, 8 years',
    { electrical: 'radio', 'heat.setting': 'outdoors', lifeYears: 8 },
  ],
  ['airtight cap for a jar', { seal: 'gas', name: 'Cap' }],
  // Knocks, clamps, snaps.
  [
    'knob that gets dropped from 1.2 m, 300 g',
    { 'loads.0.case': 'drop', 'loads.0.heightM': 1.2, 'loads.0.massKg': 0.3 },
  ],
  ['tool holder that is often knocked about', { 'loads.0.kind': 'impact' }],
  ['spacer that is screwed down, indoors', { 'loads.0.case': 'clamp' }],
  [
    'spacer under a machine, 500 N, for life',
    { 'loads.0.case': 'compression', 'loads.0.forceN': 500, lifeYears: 20 },
  ],
  [
    'greenhouse clip, snaps on, 500 times, five summers',
    { 'flex.want': 'springy', 'loads.0.case': 'snap-fit', 'loads.0.cycles': 500, lifeYears: 2.5 },
  ],
  [
    'shelf across a 60 cm gap, 10 kg',
    { 'loads.0.case': 'simply-supported', 'loads.0.lengthMm': 600, 'loads.0.forceN': 98.07 },
  ],
  ['living hinge for a gate', { 'flex.want': 'hinge' }],
  // Looks, price, purpose.
  ['prototype of a housing, 120 x 80 x 40 mm', { purpose: 'prototype', 'geometry.xMm': 120 }],
  ['vase, matte, paintable', { purpose: 'decorative', 'looks.wishes': ['matt', 'paintable'] }],
  [
    'model car, pretty, red, under 5 dollars',
    { 'looks.finish': 'fine', 'looks.colour': 'mid', maxCostEach: 5 },
  ],
  [
    'cheap stand for my desk, easy to print',
    { 'weights.cost': 4, 'weights.printability': 4, 'heat.setting': 'indoors' },
  ],
  ['lightweight wing, under 40 g', { 'weights.mass': 4, maxMassG: 40 }],
  ['hanger for a 2 kg lamp, safety factor 3', { 'loads.0.forceN': 19.61, safety: 3 }],
  ['soluble support', { purpose: 'dissolving-support' }],
  ['box with 4 walls and 30 % infill', { 'print.walls': 4, 'print.infill': 0.3 }],
  ['toy in the shade, no matter if it breaks', { sun: 'none', ifItFails: 'nothing' }],
  ['sign on a south-facing wall, yellow', { sun: 'full', 'looks.colour': 'light' }],
  [
    'camera mount, 1.5 kg at 80 mm, stiff',
    { 'loads.0.forceN': 14.71, 'loads.0.lengthMm': 80, 'flex.want': 'rigid' },
  ],
  ['foot for a bench, rubbery, 70 to 80 A, wet grass', { name: 'Foot', 'flex.shoreA': [70, 80] }],
];
