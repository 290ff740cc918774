import {
  favouriteTip,
  type Brief,
  type Family,
  type FavouriteTip,
  type Printer,
  type Ranking,
  type Weather,
} from '@hornblende/core';

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
