import { climate, type ClimateKey, type Weather } from '@hornblende/core/climate';
import { partYear, type PartPlace, type PartYear } from '@hornblende/core/models';

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
