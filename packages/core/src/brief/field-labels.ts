const labels: Record<string, string> = {
  name: 'Name',
  purpose: 'Purpose',
  lifeYears: 'Years it lasts',
  ifItFails: 'If it fails',
  sun: 'Sun',
  water: 'Water',
  mustFloat: 'Must float',
  toleranceMm: 'Tolerance, mm',
  maxMassG: 'Most it weighs, g',
  maxCostEach: 'Most one costs',
  quantity: 'How many',
  school: 'School',
  outdoorSchool: 'Outdoor school',
  'geometry.xMm': 'Size along X, mm',
  'geometry.yMm': 'Size along Y, mm',
  'geometry.zMm': 'Height, mm',
  'geometry.wallMm': 'Wall, mm',
  'geometry.volumeCm3': 'Volume, cm³',
  'geometry.sharpCorners': 'Sharp corners',
  'geometry.solidFraction': 'Share that is plastic',
  'heat.setting': 'Where it lives',
  'heat.climate': 'Climate',
  'heat.ambientMaxC': 'Hottest air, °C',
  'heat.ambientMinC': 'Coldest air, °C',
  'heat.sourceC': 'Near the source it reaches, °C',
  'heat.partC': 'Part temperature, °C',
  'contact.food': 'Food contact',
  'contact.skin': 'Against skin',
  'contact.chemicals': 'Chemicals',
  'flex.want': 'Flexibility',
  'flex.shoreA': 'Hardness, Shore A',
  'looks.colour': 'Colour',
  'looks.clear': 'See-through',
  'looks.finish': 'Surface',
};

const loadLabels: Record<string, string> = {
  kind: 'kind',
  case: 'how it is held',
  forceN: 'force, N',
  forceLowN: 'least force, N',
  lengthMm: 'length, mm',
  widthMm: 'width, mm',
  heightMm: 'height, mm',
  stressMPa: 'stress, MPa',
  thicknessMm: 'thickness, mm',
  undercutMm: 'undercut, mm',
  massKg: 'mass, kg',
  decelerationG: 'deceleration, g₀',
  heightM: 'drop, m',
  acrossLayers: 'across the layers',
  hours: 'hours held',
  cycles: 'cycles',
};

/** A field of a brief by its path, as people call it: "Load 1, force, N". */
export function labelOf(path: string): string {
  const load = /^loads\.(\d+)(?:\.(\w+))?$/.exec(path);
  if (load) return `Load ${Number(load[1]) + 1}${load[2] ? `, ${loadLabels[load[2]] ?? load[2]}` : ''}`;
  const weight = /^weights\.(\w+)$/.exec(path);
  return weight ? `Weight of ${weight[1]}` : (labels[path] ?? path);
}
