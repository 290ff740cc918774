import type { Family } from './family.js';
import { typical } from './family.js';
import type { PropertyName } from './property.js';
import { recyclingOf } from './recycling.js';

/** Something that a filament does or is, as people ask for it. */
export interface Trait {
  id: string;
  /** What it is called. */
  label: string;
  /** What has to hold for it, in a sentence with its figures. */
  means: string;
  /** What else people call it; lower case. */
  also: readonly string[];
  /** Whether a filament has it, at its typical values. */
  of: (f: Family) => boolean;
}

const at = (f: Family, name: PropertyName): number | null => (f.properties[name] ? typical(f, name) : null);
const least = (name: PropertyName, limit: number) => (f: Family) => (at(f, name) ?? -Infinity) >= limit;
const most = (name: PropertyName, limit: number) => (f: Family) => (at(f, name) ?? Infinity) <= limit;
const rubber = (f: Family): boolean => f.flags.structure === 'elastomer';
const smoothed = (by: Family['flags']['smoothedBy'][number]) => (f: Family) =>
  f.flags.smoothedBy.includes(by);
const withstands =
  (...what: (keyof Family['chemicals'])[]) =>
  (f: Family) =>
    what.every(c => f.chemicals[c] === 'good');
/** A room’s air, at which a chamber that must be warm is not warm. */
const ROOM_C = 28;

/**
 * What filaments do, as data: the library is searched by these in people’s own words. Each rests on a flag or on a
 * property’s typical value, never on a list of names.
 */
export const traits: readonly Trait[] = [
  {
    id: 'outdoors',
    label: 'Good outdoors',
    means:
      'Its surface keeps half its toughness for some five years of full sun (1,500 MJ/m² of ultraviolet), ' +
      'and 65 °C do not soften it.',
    also: [
      'outdoor',
      'sun',
      'sunlight',
      'uv',
      'uv resistant',
      'uv stable',
      'weatherproof',
      'garden',
      'weather',
    ],
    of: f => least('uvHalfDoseMJm2', 1500)(f) && least('hdt045C', 65)(f),
  },
  {
    id: 'recycled',
    label: 'Recycled by households',
    means: 'Household collection usually takes its kind of plastic, with nothing mixed into it.',
    also: ['recyclable', 'recycled', 'recycling', 'can be recycled', 'green', 'sustainable'],
    of: f => recyclingOf(f).taken === 'household',
  },
  {
    id: 'heat',
    label: 'Bears heat',
    means: 'Keeps its shape under a light load at 90 °C or more.',
    also: [
      'heat',
      'heat resistant',
      'heat proof',
      'heatproof',
      'high temperature',
      'hot',
      'hot car',
      'boiling water',
    ],
    of: f => !rubber(f) && least('hdt045C', 90)(f),
  },
  {
    id: 'great-heat',
    label: 'Bears great heat',
    means: 'Keeps its shape under a light load at 150 °C or more.',
    also: ['very hot', 'engine bay', 'oven proof', 'autoclave', 'high performance'],
    of: least('hdt045C', 150),
  },
  {
    id: 'stiff',
    label: 'Stiff',
    means: 'Young’s modulus of 4,000 MPa or more, as printed.',
    also: ['rigid', 'does not bend', 'stiffest'],
    of: least('modulusMPa', 4000),
  },
  {
    id: 'strong',
    label: 'Strong',
    means: 'Yields at 50 MPa or more, as printed flat.',
    also: ['strength', 'load bearing', 'strongest'],
    of: least('yieldMPa', 50),
  },
  {
    id: 'knocks',
    label: 'Takes knocks',
    means: 'Notched impact of 12 kJ/m² or more at 23 °C.',
    also: ['tough', 'impact', 'impact resistant', 'knock', 'shock', 'unbreakable', 'drop', 'shatterproof'],
    of: least('charpy23KJm2', 12),
  },
  {
    id: 'cold-knocks',
    label: 'Takes knocks in the cold',
    means: 'Notched impact of 8 kJ/m² or more at −30 °C.',
    also: ['cold', 'frost', 'winter', 'freezer', 'low temperature'],
    of: least('charpyMinus30KJm2', 8),
  },
  {
    id: 'across-layers',
    label: 'Holds across its layers',
    means: 'At least seven tenths as strong across its layers as along them.',
    also: ['layer adhesion', 'interlayer', 'isotropic', 'layer bond', 'z strength'],
    of: least('zRatio', 0.7),
  },
  {
    id: 'rubber',
    label: 'Rubber',
    means: 'An elastomer: it bends and comes back.',
    also: ['rubbery', 'flexible', 'soft', 'elastic', 'elastomer', 'bendy', 'stretchy', 'gasket', 'seal'],
    of: rubber,
  },
  {
    id: 'very-soft',
    label: 'Very soft',
    means: 'Of 75 Shore A or softer.',
    also: ['squishy', 'gel', 'like an eraser', 'cushion'],
    of: most('shoreA', 75),
  },
  {
    id: 'hinge',
    label: 'Bends as a hinge for good',
    means: 'A thin hinge printed in it bends without end.',
    also: ['living hinge', 'hinge', 'fold', 'folding'],
    of: f => f.flags.hinge === 'lasting',
  },
  {
    id: 'wear',
    label: 'Bears rubbing',
    means: 'Bears being rubbed and scuffed, as nylons and rubbers do.',
    also: ['wear', 'wear resistant', 'abrasion', 'abrasion resistant', 'scuffs'],
    of: f => f.flags.wear === 'good',
  },
  {
    id: 'gears',
    label: 'Runs as a gear or bearing',
    means: 'Stiff, and runs dry on itself or smooth steel.',
    also: ['gear', 'gears', 'bearing', 'bushing', 'low friction', 'slippery', 'slides'],
    of: f => f.flags.wear === 'good' && !rubber(f),
  },
  {
    id: 'floats',
    label: 'Floats',
    means: 'Lighter than water, solid through.',
    also: ['float', 'floating', 'lighter than water', 'buoyant', 'swims'],
    of: f => (at(f, 'densityGcm3') ?? 9) < 1,
  },
  {
    id: 'light',
    label: 'Light',
    means: 'Foamed or filled with air: 0.8 g/cm³ or less.',
    also: ['lightweight', 'light weight', 'foam', 'foaming', 'low density', 'model aircraft'],
    of: most('densityGcm3', 0.8),
  },
  {
    id: 'dry',
    label: 'Takes up no water',
    means: 'Takes up 0.2 % of its mass in water, or less.',
    also: ['waterproof', 'water resistant', 'not hygroscopic', 'non hygroscopic', 'stays dry', 'under water'],
    of: most('waterUptakePct', 0.2),
  },
  {
    id: 'water-soluble',
    label: 'Dissolves in water',
    means: 'Supports of it wash away.',
    also: ['soluble', 'dissolvable', 'soluble support', 'washes away'],
    of: f => f.flags.soluble,
  },
  {
    id: 'clear',
    label: 'Clear',
    means: 'A thin wall of it is seen through, as far as a print can be.',
    also: ['transparent', 'see through', 'see-through', 'glass clear', 'window'],
    of: f => f.flags.clarity === 'clear',
  },
  {
    id: 'light-through',
    label: 'Lets light through',
    means: 'Clear or translucent.',
    also: ['translucent', 'lamp', 'lampshade', 'diffuser', 'lithophane'],
    of: f => f.flags.clarity !== 'opaque',
  },
  {
    id: 'glossy',
    label: 'Glossy',
    means: 'Shines as it is printed.',
    also: ['gloss', 'shiny', 'shine', 'silk', 'silky'],
    of: f => f.flags.sheen === 'glossy',
  },
  {
    id: 'matt',
    label: 'Matt',
    means: 'Does not shine, and hides its layers.',
    also: ['matte', 'dull', 'no shine'],
    of: f => f.flags.sheen === 'matt',
  },
  {
    id: 'hides-layers',
    label: 'Hides its layers',
    means: 'Looks fair as it comes off the plate: finish 0.8 of 1 or more.',
    also: ['good finish', 'smooth finish', 'beautiful', 'pretty', 'nice surface', 'good looking'],
    of: f => f.flags.finish >= 0.8,
  },
  {
    id: 'acetone',
    label: 'Acetone smooths it',
    means: 'Vapour or a brush of acetone melts the lines away.',
    also: ['acetone', 'acetone smoothing', 'vapour smoothing', 'vapor smoothing', 'acetone weld'],
    of: smoothed('acetone'),
  },
  {
    id: 'alcohol',
    label: 'Alcohol smooths it',
    means: 'A mist of isopropanol melts the lines away.',
    also: ['isopropanol', 'ipa smoothing', 'alcohol smoothing', 'spirit'],
    of: smoothed('isopropanol'),
  },
  {
    id: 'paints',
    label: 'Paints well',
    means: 'Paint holds once it is clean.',
    also: ['paint', 'paintable', 'painting'],
    of: f => f.flags.paint === 'well',
  },
  {
    id: 'dyes',
    label: 'Takes dye',
    means: 'A warm bath of dye colours it, in its natural colour.',
    also: ['dye', 'dyeable', 'dyeing'],
    of: f => f.flags.dyes,
  },
  {
    id: 'sands',
    label: 'Sands well',
    means: 'Can be sanded dry without furring.',
    also: ['sand', 'sandable', 'sanding', 'machinable', 'post process'],
    of: f => f.flags.sanding === 'well',
  },
  {
    id: 'food',
    label: 'Next to food',
    means: 'Grades are sold as fit for food as a polymer; a printed part’s grooves are another matter.',
    also: ['food', 'food safe', 'food contact', 'kitchen', 'drinking water'],
    of: f => f.flags.foodPolymer,
  },
  {
    id: 'no-enclosure',
    label: 'Needs no enclosure',
    means: 'Prints well in a room’s air.',
    also: [
      'no enclosure',
      'open printer',
      'no chamber',
      'without enclosure',
      'unenclosed',
      'room air',
      'no heated chamber',
    ],
    of: f => f.windows.chamberC.low <= ROOM_C,
  },
  {
    id: 'no-hardened-nozzle',
    label: 'Prints through brass',
    means: 'Does not wear a brass nozzle.',
    also: ['brass nozzle', 'not abrasive', 'non abrasive', 'any nozzle', 'ordinary nozzle'],
    of: f => !f.flags.abrasive,
  },
  {
    id: 'any-feed',
    label: 'Feeds through any drive',
    means: 'A remote drive at full speed carries it.',
    also: ['bowden', 'remote drive', 'any extruder'],
    of: f => f.flags.drive === 'any',
  },
  {
    id: 'no-drying',
    label: 'Forgives a damp spool',
    means: 'Printing it damp does little.',
    also: ['no drying', 'needs no drying', 'no dryer', 'damp'],
    of: f => f.flags.moisture === 'low',
  },
  {
    id: 'easy',
    label: 'Easy to print',
    means: 'Prints in a room’s air through brass and any drive, strings little and forgives a damp spool.',
    also: ['easy', 'easiest', 'beginner', 'beginners', 'first print', 'forgiving'],
    of: f =>
      f.windows.chamberC.low <= ROOM_C &&
      !f.flags.abrasive &&
      f.flags.drive === 'any' &&
      f.flags.moisture === 'low' &&
      f.flags.stringing <= 0.35,
  },
  {
    id: 'little-warp',
    label: 'Hardly warps',
    means: 'Expands by 40 millionths of its length a kelvin, or less: it pulls little as it cools.',
    also: [
      'no warp',
      'no warping',
      'low warp',
      'does not warp',
      'large parts',
      'flat',
      'dimensionally stable',
    ],
    of: most('alphaPerK', 4e-5),
  },
  {
    id: 'no-smell',
    label: 'Hardly smells',
    means: 'Gives off little while it prints; the air of a room is still to be changed.',
    also: ['no smell', 'no fumes', 'low fumes', 'odourless', 'odorless', 'bedroom', 'low voc', 'children'],
    of: f => f.flags.fumes === 'low',
  },
  {
    id: 'esd',
    label: 'Leads charge away',
    means: 'Dissipates static; electronics are safe on it.',
    also: ['esd', 'esd safe', 'antistatic', 'static', 'dissipative'],
    of: f => f.flags.electricity === 'dissipates',
  },
  {
    id: 'radio',
    label: 'Lets radio through',
    means: 'Holds no carbon or metal: an antenna behind it hears.',
    also: ['radio', 'antenna', 'rf transparent', 'wifi', 'insulator', 'insulating'],
    of: f => f.flags.electricity === 'insulates',
  },
  {
    id: 'flame',
    label: 'Goes out by itself',
    means: 'Stops burning once the flame is taken away; a print is still no rated part.',
    also: ['flame retardant', 'fire', 'fireproof', 'self extinguishing', 'does not burn'],
    of: f => f.flags.burning === 'goes-out',
  },
  {
    id: 'fuel',
    label: 'Bears petrol and oil',
    means: 'Rated good against both.',
    also: ['petrol', 'gasoline', 'fuel', 'oil', 'grease', 'motor oil'],
    of: withstands('petrol', 'oil'),
  },
  {
    id: 'acids',
    label: 'Bears acids and alkalis',
    means: 'Rated good against weak and strong acids and against alkalis.',
    also: ['acid', 'acids', 'alkali', 'chemical resistant', 'chemicals', 'lye', 'laboratory'],
    of: withstands('weak-acid', 'strong-acid', 'alkali'),
  },
  {
    id: 'cleaning',
    label: 'Bears cleaning',
    means: 'Rated good against alcohol and detergent.',
    also: ['cleaning', 'washable', 'disinfectant', 'dishwasher detergent', 'detergent'],
    of: withstands('alcohol', 'detergent'),
  },
  {
    id: 'steam',
    label: 'Bears steam',
    means: 'Keeps half its strength for 100 cycles of steam at 134 °C.',
    also: ['steam', 'sterilise', 'sterilize', 'sterilisable', 'steriliser'],
    of: least('steamCycles134', 100),
  },
  {
    id: 'bakes',
    label: 'Gains by baking',
    means: 'An oven crystallises it: it bears more heat afterwards, and is a little smaller.',
    also: ['anneal', 'annealing', 'bake', 'baking', 'heat treat'],
    of: f => f.baked !== null,
  },
  {
    id: 'cheap',
    label: 'Cheap',
    means: 'Typically at most 25 a kilogram.',
    also: ['inexpensive', 'low cost', 'low price', 'budget'],
    of: most('pricePerKg', 25),
  },
];

/** What a filament does, of {@link traits}. */
export function traitsOf(f: Family): Trait[] {
  return traits.filter(t => t.of(f));
}
