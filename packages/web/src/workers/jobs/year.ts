import {
  climate,
  partYear,
  type ClimateKey,
  type PartPlace,
  type PartYear,
  type Weather,
} from '@hornblende/core';

/** A place in a shipped climate, or in weather of one's own. */
export interface YearQuestion {
  climate: ClimateKey | null;
  weather: Weather | null;
  place: PartPlace;
}

/** The weather, and the part's year in it. */
export interface YearAnswer {
  weather: Weather;
  year: PartYear;
}

/** Works out a part's year of 8760 hours. */
export function run({ climate: key, weather: own, place }: YearQuestion): YearAnswer {
  const weather = own ?? climate(key ?? 'hill');
  return { weather, year: partYear(weather, place) };
}
