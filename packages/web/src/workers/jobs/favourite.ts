import { favouriteTip, type FavouriteTip } from '@hornblende/core/advice';
import type { Weather } from '@hornblende/core/climate';
import type { Brief, Printer } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import type { Ranking } from '@hornblende/core/score';

/** A brief, its ranking, and all that it rests on. */
export interface FavouriteQuestion {
  brief: Brief;
  ranking: Ranking;
  printer: Printer | null;
  weather: Weather | null;
  families: Family[];
}

/** Finds what would let an easier filament lead: some four rankings. */
export function run({ brief, ranking, ...options }: FavouriteQuestion): FavouriteTip | null {
  return favouriteTip(brief, ranking, options);
}
