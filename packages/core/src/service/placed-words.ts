import type { FailureMode } from './modes.js';
import type { InspectionVerdict } from './inspection.js';

/** Columns of a table of placed parts, each with the headings that people give it, small letters only. */
export const placedColumns = {
  name: ['name', 'part', 'what', 'item', 'object', 'thing'],
  material: ['material', 'materials', 'filament', 'plastic', 'family', 'polymer', 'made of', 'of'],
  since: ['since', 'date', 'placed', 'placed on', 'installed', 'from', 'start', 'in use since', 'put out'],
  where: ['where', 'place', 'location', 'at', 'site', 'room'],
  colour: ['colour', 'color'],
  heat: ['heat', 'air', 'setting', 'environment', 'surroundings'],
  sun: ['sun', 'sunlight', 'exposure', 'uv'],
  water: ['water', 'wet', 'rain'],
  load: ['load', 'loaded', 'bears'],
  outcome: ['outcome', 'verdict', 'state', 'status', 'result', 'condition', 'what happened'],
  mode: ['mode', 'how', 'how it failed', 'failure', 'failure mode'],
  seen: ['seen', 'last seen', 'looked', 'lastlook', 'last look', 'ended', 'end', 'until', 'failed on', 'to'],
  partMaxC: ['partmaxc', 'part temperature', 'temperature', 'hottest', 'part max'],
  walls: ['walls', 'perimeters'],
  lifeYears: ['lifeyears', 'wanted years', 'life'],
  ifItFails: ['ififfails', 'ifitfails', 'if it fails', 'consequence'],
  code: ['code', 'tag'],
  weight: ['weight', 'counts', 'trust'],
  origin: ['origin', 'source', 'whose', 'from whom'],
  note: ['note', 'notes', 'remark', 'remarks', 'comment', 'comments'],
} as const;

/** A column of a table of placed parts. */
export type PlacedColumn = keyof typeof placedColumns;

/** What is said of the sun. */
export const sunSaid = {
  none: ['none', 'no', 'never', 'shade', 'dark', 'indoors', '0'],
  reflected: ['reflected', 'indirect', 'north', 'bright shade'],
  part: ['part', 'partial', 'half', 'half a day', 'some', 'morning', 'afternoon'],
  full: ['full', 'yes', 'all day', 'sun', 'sunny', 'direct', 'south', '1'],
} as const;

/** What is said of the air. */
export const heatSaid = {
  indoors: ['indoors', 'indoor', 'inside', 'house', 'room', 'in'],
  outdoors: ['outdoors', 'outdoor', 'outside', 'garden', 'out', 'yard', 'roof', 'balcony'],
  'closed-vehicle': ['closed-vehicle', 'vehicle', 'car', 'van', 'truck', 'cab', 'boot', 'dashboard'],
} as const;

/** What is said of water. */
export const waterSaid = {
  dry: ['dry', 'no', 'none', 'never', '0'],
  humid: ['humid', 'damp', 'bathroom', 'kitchen', 'moist'],
  rain: ['rain', 'rained on', 'weather', 'yes', 'wet'],
  immersed: ['immersed', 'under water', 'underwater', 'submerged', 'in water'],
} as const;

/** What is said of what bears on it. */
export const loadSaid = {
  none: ['none', 'no', 'unloaded', '0'],
  held: ['held', 'hangs', 'carries', 'loaded', 'steady', 'static', 'yes', 'clamped'],
  moving: ['moving', 'turns', 'slides', 'moves', 'cyclic'],
  knocks: ['knocks', 'knocked', 'hit', 'impact', 'shock'],
} as const;

/** What is said of what happens if it fails. */
export const consequenceSaid = {
  nothing: ['nothing', 'none', 'no matter'],
  annoys: ['annoys', 'annoying', 'nuisance'],
  damages: ['damages', 'damage', 'costs'],
  injures: ['injures', 'injury', 'danger', 'dangerous', 'hurts'],
} as const;

/** What is said of a colour. */
export const colourSaid = {
  white: ['white'],
  light: ['light', 'yellow', 'beige', 'cream', 'light grey', 'pink', 'natural'],
  mid: ['mid', 'grey', 'gray', 'red', 'green', 'blue', 'orange', 'silver'],
  dark: ['dark', 'brown', 'dark grey', 'dark blue', 'dark green', 'purple'],
  black: ['black'],
  clear: ['clear', 'transparent'],
} as const;

/** What is said of how a part is: what a look would come to, and how it failed. */
export const outcomeSaid: Readonly<Record<string, { verdict: InspectionVerdict; mode: FailureMode | null }>> =
  Object.fromEntries(
    (
      [
        [
          'fine',
          null,
          ['fine', 'ok', 'okay', 'good', 'sound', 'holds', 'stands', 'works', 'in use', 'alive'],
        ],
        ['worn', null, ['worn', 'wears', 'tired']],
        ['failed', 'other', ['failed', 'broken', 'broke', 'dead', 'gone', 'no good']],
        ['failed', 'cracked', ['cracked', 'split', 'snapped', 'shattered']],
        ['failed', 'deformed', ['deformed', 'bent', 'sagged', 'melted', 'warped', 'softened', 'drooped']],
        ['failed', 'brittle', ['brittle', 'crumbled', 'crumbles']],
        ['failed', 'faded', ['faded', 'chalky', 'bleached']],
        ['failed', 'worn', ['worn out', 'worn through', 'stripped']],
        ['failed', 'chewed', ['chewed', 'gnawed', 'eaten']],
        ['lost', null, ['lost', 'missing', 'stolen']],
        ['removed', null, ['removed', 'replaced', 'taken down', 'retired', 'taken in']],
      ] as const
    ).flatMap(([verdict, mode, words]) => words.map(word => [word, { verdict, mode }])),
  );
