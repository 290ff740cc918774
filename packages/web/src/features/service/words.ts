import type { ListedPlacement } from '@hornblende/core/api';
import type { CheckId, ServiceStanding } from '@hornblende/core/service';

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

/** What stands at an address that names no part in service. */
export const noSuchPlaced = {
  title: 'No such part in service',
  to: '/service',
  back: 'All that is in service',
};
