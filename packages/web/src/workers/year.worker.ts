import {
  climate,
  partYear,
  type ClimateKey,
  type PartPlace,
  type PartYear,
  type Weather,
} from '@hornblende/core';

export interface YearQuestion {
  id: number;
  climate: ClimateKey | null;
  weather: Weather | null;
  place: PartPlace;
}
export interface YearAnswer {
  id: number;
  weather: Weather;
  year: PartYear;
}

/** Works out a part's year of 8760 hours off the main thread. */
self.onmessage = (e: MessageEvent<YearQuestion>) => {
  const { id, climate: key, weather: own, place } = e.data;
  const weather = own ?? climate(key ?? 'hill');
  self.postMessage({ id, weather, year: partYear(weather, place) } satisfies YearAnswer);
};
