import type { CheckId, ListedPlacement, Placement, ServiceStanding } from '@hornblende/core';
import { colourWords, failureModeWords, yearsText } from '@hornblende/core';

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

/** A record of words as the options of a select. */
export function optionsOf<T extends string>(words: Record<T, string>): { value: T; label: string }[] {
  return (Object.keys(words) as T[]).map(value => ({ value, label: words[value] }));
}

/** What each check asks. */
export const checkWords: Record<CheckId, string> = {
  cracks: 'Cracks?',
  loose: 'Sits tight?',
  bent: 'Straight?',
  springs: 'Bent a little, does it spring back?',
  nail: 'A fingernail leaves',
  fading: 'Colour, against its hidden side',
  chewed: 'Gnawed at?',
};

/** How a part stands, in words. */
export function standingWords({ verdict, mode, ended, looks, seenYears }: ServiceStanding): string {
  if (!looks) return 'not looked at yet';
  const after = `after ${yearsText(seenYears)}`;
  if (verdict === 'failed') return `${mode ? failureModeWords[mode] : 'failed'} ${after}`;
  if (ended) return `${verdict === 'lost' ? 'lost' : 'removed'}, sound, ${after}`;
  return verdict === 'worn' ? `worn, ${after}` : `fine ${after}`;
}

/** The sign and colour of how a part stands: it fits, is marginal, or is out. */
export function standingMark({ verdict, ended }: ServiceStanding): { sign: string; tone: string } {
  if (verdict === 'failed') return { sign: '○', tone: 'out' };
  if (ended) return { sign: '–', tone: 'soft' };
  if (verdict === 'worn') return { sign: '◐', tone: 'marginal' };
  return verdict === null ? { sign: '·', tone: 'soft' } : { sign: '●', tone: 'fits' };
}

/** When it is due, in words. */
export function dueWords({ due }: Pick<ListedPlacement, 'due'>): string {
  if (!due) return '';
  if (due.inDays === 0) return 'today';
  if (due.inDays === -1) return 'yesterday';
  if (due.inDays < 0) return `${-due.inDays} days ago`;
  if (due.inDays === 1) return 'tomorrow';
  if (due.inDays <= 45) return `in ${due.inDays} days`;
  return `in ${Math.round(due.inDays / 30.4)} months`;
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
