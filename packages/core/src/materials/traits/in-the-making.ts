import { most, smoothed, ROOM_C } from './conditions.js';
import type { Trait } from './trait.js';

/** How it is printed and finished, and what it costs. */
export const traitsInTheMaking: readonly Trait[] = [
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
    id: 'like-stone',
    label: 'Looks like stone or fired clay',
    means: 'Mineral powder is in it: matt and heavy in the hand, and its lines hardly show.',
    also: ['ceramic', 'stone', 'clay', 'marble', 'chalk', 'mineral filled', 'pottery'],
    of: f => f.filler === 'ceramic',
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
