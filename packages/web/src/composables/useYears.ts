import {
  adoptClimate,
  adoptPartYear,
  climateKnown,
  partYearKnown,
  placeInWeather,
  weatherOf,
  type Brief,
  type Weather,
} from '@hornblende/core';
import { shallowRef } from 'vue';
import YearWorker from '../workers/year.worker?worker';
import type { YearAnswer, YearQuestion } from '../workers/year.worker';

/** Counts the years that have arrived, so that what waits for one is renewed. */
const arrived = shallowRef(0);
const asked = new Map<string, Promise<void>>();
let worker: Worker | null = null;
let next = 0;

/**
 * Whether a brief's year is at hand, so that ranking it does no heavy work here. Reactive: it becomes true
 * when the year arrives.
 */
export function yearReady(brief: Brief, own: Weather | null): boolean {
  void arrived.value;
  const place = placeInWeather(brief);
  if (!place) return true;
  const key = brief.heat.climate;
  if (key === 'own') return own === null || partYearKnown(own, place);
  return key !== null && climateKnown(key) && partYearKnown(weatherOf(brief)!, place);
}

/** Has a brief's year worked out in the worker, once. */
export function fetchYear(brief: Brief, own: Weather | null): Promise<void> {
  const place = placeInWeather(brief);
  const key = brief.heat.climate;
  if (!place || yearReady(brief, own)) return Promise.resolve();
  const question = `${key} ${key === 'own' ? own?.name : ''} ${JSON.stringify(place)}`;
  const pending = asked.get(question);
  if (pending) return pending;
  const shipped = key === 'own' || key === null ? null : key;
  const promise = new Promise<void>(done => {
    worker ??= new YearWorker();
    const id = next++;
    const listen = (e: MessageEvent<YearAnswer>): void => {
      if (e.data.id !== id) return;
      worker?.removeEventListener('message', listen);
      if (shipped) adoptClimate(shipped, e.data.weather);
      const weather = shipped ? weatherOf(brief) : own;
      if (weather) adoptPartYear(weather, place, e.data.year);
      asked.delete(question);
      arrived.value++;
      done();
    };
    worker.addEventListener('message', listen);
    worker.postMessage(
      JSON.parse(
        JSON.stringify({ id, climate: shipped, weather: shipped ? null : own, place } satisfies YearQuestion),
      ),
    );
  });
  asked.set(question, promise);
  return promise;
}
