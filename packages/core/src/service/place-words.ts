import { dayWords } from '../lib/day-words.js';
import { climateName } from '../climate/climates.js';
import { colourWords } from '../materials/colours.js';
import type { Inspection } from './inspection.js';
import { failureModeWords } from './modes.js';
import type { Placement } from './placement.js';
import type { ServiceStanding } from './standing.js';
import { yearsText } from '../lib/years-text.js';

/** What parts are in, in words. */
export const heatWords: Record<Placement['place']['heat'], string> = {
  indoors: 'indoors',
  outdoors: 'outdoors',
  'closed-vehicle': 'in a closed vehicle',
  'near-source': 'near something hot',
  custom: 'at a known warmth',
};
/** How much sun, in words. */
export const sunWords: Record<Placement['place']['sun'], string> = {
  none: 'no sun',
  reflected: 'reflected sun',
  part: 'sun for part of the day',
  full: 'full sun',
};
/** How wet, in words. */
export const waterWords: Record<Placement['place']['water'], string> = {
  dry: 'dry',
  humid: 'humid air',
  rain: 'rain',
  immersed: 'under water',
};
/** What bears on it, in words. */
export const loadWords: Record<Placement['place']['load'], string> = {
  none: 'nothing',
  held: 'a load that is held',
  moving: 'something that moves it',
  knocks: 'knocks',
};
/** Which way it faces, in words. */
export const aspectWords: Record<Placement['place']['aspect'], string> = {
  any: 'any way',
  north: 'north',
  east: 'east',
  south: 'south',
  west: 'west',
  up: 'up',
};
/** What happens if it fails, in words. */
export const consequenceWords: Record<Placement['ifItFails'], string> = {
  nothing: 'nothing much',
  annoys: 'it annoys',
  damages: 'something is damaged',
  injures: 'somebody may be hurt',
};

/** How a part stands, in words. */
export function standingWords({ verdict, mode, ended, looks, seenYears }: ServiceStanding): string {
  if (!looks) return 'not looked at yet';
  const after = `after ${yearsText(seenYears)}`;
  if (verdict === 'failed') return `${mode ? failureModeWords[mode] : 'failed'} ${after}`;
  if (ended) return `${verdict === 'lost' ? 'lost' : 'removed'}, sound, ${after}`;
  return verdict === 'worn' ? `worn, ${after}` : `fine ${after}`;
}

/** What it is of, in words: one, or one of several. */
export function materialWords(
  { materials, colour, walls }: Pick<Placement, 'materials' | 'colour' | 'walls'>,
  nameOf: (key: string) => string,
): string {
  const names = materials.map(m => nameOf(m.material));
  const of = names.length > 1 ? `${names.slice(0, -1).join(', ')} or ${names.at(-1)}` : (names[0] ?? '');
  return `${of}, ${colourWords[colour]}${walls === null ? '' : `, ${walls} walls`}`;
}

/** What a look came to, in words. */
export const verdictWords: Record<Inspection['verdict'], string> = {
  fine: 'fine',
  worn: 'worn',
  failed: 'failed',
  lost: 'lost',
  removed: 'removed, sound',
};

/** What was seen in a look, in words; empty where nothing was. */
export function seenWords(l: Inspection): string {
  const over = l.bentOverMm === null ? '' : ` over ${l.bentOverMm} mm`;
  const nail = { none: '', marks: 'a nail marks it', flakes: 'flakes under a nail', 'not-tried': '' }[l.nail];
  const cracked = { none: '', hairline: 'a hairline crack', through: 'cracked through', 'not-looked': '' }[
    l.cracks
  ];
  return [
    l.mode ? failureModeWords[l.mode] : '',
    l.bentMm === null ? '' : `bent by ${l.bentMm} mm${over}`,
    l.wornMm === null ? '' : `worn by ${l.wornMm} mm`,
    l.spareBreakN === null ? '' : `a spare broke at ${l.spareBreakN} N`,
    cracked && `${cracked} ${l.crackedAt}`,
    l.springs === 'stays-bent' ? 'stays bent' : '',
    nail,
    l.fading === 'paler' || l.fading === 'chalky' ? l.fading : '',
    l.loose ? 'loose' : '',
    l.chewed ? 'gnawed at' : '',
    l.note,
  ]
    .map(s => s.trim())
    .filter(Boolean)
    .join('; ');
}

/** Where a part is and what it bears, in words. */
export function placeText({ place: p }: Pick<Placement, 'place'>): string {
  const faces = p.aspect === 'any' ? '' : `, facing ${aspectWords[p.aspect]}`;
  const warm = p.partMaxC === null ? '' : `, up to ${p.partMaxC} °C`;
  const year = p.climate === null ? '' : `, weather as ${climateName(p.climate)}`;
  const cycles = [
    p.frostsAYear === null ? '' : `, freezes ${p.frostsAYear} times a year`,
    p.heatingsAYear === null ? '' : `, heated ${p.heatingsAYear} times a year`,
  ].join('');
  const air = p.airMaxC === null ? '' : `, air up to ${p.airMaxC} °C`;
  return `${heatWords[p.heat]}, ${sunWords[p.sun]}${faces}, ${waterWords[p.water]}${warm}${year}${air}${cycles}`;
}

/** When a part was taken in, in words. */
export function pausesWords({ pauses }: Pick<Placement, 'pauses'>): string {
  return pauses
    .map(({ from, to }) => (to === null ? `since ${dayWords(from)}` : `${dayWords(from)} to ${dayWords(to)}`))
    .join(', ');
}
