import { placeInWeather, weatherOf } from '@hornblende/core/brief';
import { adoptClimate, climateKnown, type Weather } from '@hornblende/core/climate';
import type { Brief } from '@hornblende/core/formats';
import { adoptPartYear, partYearKnown } from '@hornblende/core/models';
import { shallowRef } from 'vue';
import { compute } from '../../workers/compute';

/** Counts the years that have arrived, so that what waits for one is renewed. */
const arrived = shallowRef(0);
/** Why the last year that was asked for could not be worked out; empty where it could. */
export const yearFault = shallowRef('');
const asked = new Map<string, Promise<void>>();

/**
 * Whether a brief's year is at hand, so that ranking it does no heavy work here. Reactive: it becomes true when the
 * year arrives.
 */
export function yearReady(brief: Brief, own: Weather | null): boolean {
  void arrived.value;
  const place = placeInWeather(brief);
  if (!place) return true;
  const key = brief.heat.climate;
  if (key === 'own') return own === null || partYearKnown(own, place);
  return key !== null && climateKnown(key) && partYearKnown(weatherOf(brief)!, place);
}

/** Has a brief's year worked out in the worker, once. Rejects when it cannot be; asked again, it is tried again. */
export function fetchYear(brief: Brief, own: Weather | null): Promise<void> {
  const place = placeInWeather(brief);
  const key = brief.heat.climate;
  if (!place || yearReady(brief, own)) return Promise.resolve();
  const question = `${key} ${key === 'own' ? own?.name : ''} ${JSON.stringify(place)}`;
  const pending = asked.get(question);
  if (pending) return pending;
  const shipped = key === 'own' || key === null ? null : key;
  const job = compute('year', { climate: shipped, weather: shipped ? null : own, place });
  const promise = job.answer
    .then(({ weather, year }) => {
      if (shipped) adoptClimate(shipped, weather);
      const at = shipped ? weatherOf(brief) : own;
      if (at) adoptPartYear(at, place, year);
      yearFault.value = '';
      arrived.value++;
    })
    .catch((e: unknown) => {
      yearFault.value = (e as Error).message;
      throw e;
    })
    .finally(() => asked.delete(question));
  asked.set(question, promise);
  return promise;
}

/** Asks again for what could not be worked out. */
export function retryYears(): void {
  yearFault.value = '';
  arrived.value++;
}
