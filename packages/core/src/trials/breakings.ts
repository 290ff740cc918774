import { breakManners, breakMannerWords, type BreakManner } from './break.js';
import type { Trial } from './trial.js';

/** How the pieces of one filament gave way. */
export interface Breakings {
  material: string;
  /** How many gave way in each manner, the most frequent first. */
  manners: { manner: BreakManner; pieces: number }[];
  /** All of it, and what it tells, in words. */
  words: string;
}

/** What a manner tells of how to print or choose, in a sentence. */
const lessons: Partial<Record<BreakManner, string>> = {
  'between-layers':
    'its layers are the weak way: print it hotter and with less fan, or lie it so that the load runs along them',
  'at-hole': 'a hole or a corner leads the crack: a radius of 2 mm or one more wall around it helps',
  tore: 'it gives warning before it fails',
};
/** From this share of its pieces on a manner says something of the filament. */
const TELLING_SHARE = 0.5;

/** How the pieces of each filament gave way; those of which nobody said it are left out. */
export function breakingsOf(trial: Pick<Trial, 'entrants'>): Breakings[] {
  return trial.entrants.flatMap(({ material, readings }) => {
    const seen = readings.flatMap(r => (r.struck || r.broke === null ? [] : [r.broke]));
    const manners = breakManners
      .map(manner => ({ manner, pieces: seen.filter(b => b === manner).length }))
      .filter(m => m.pieces > 0)
      .sort((a, b) => b.pieces - a.pieces);
    const [most] = manners;
    if (!most) return [];
    const counts = manners.map(m => `${m.pieces} of ${seen.length} ${breakMannerWords[m.manner]}`).join(', ');
    const lesson = most.pieces >= TELLING_SHARE * seen.length ? lessons[most.manner] : undefined;
    return [{ material, manners, words: lesson ? `${counts}; ${lesson}` : counts }];
  });
}
