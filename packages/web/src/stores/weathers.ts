import type { WeatherSummary } from '@hornblende/core/api';
import type { Weather } from '@hornblende/core/climate';
import { defineStore } from 'pinia';
import { computed, ref, shallowReactive } from 'vue';
import { api } from '../api/client';

/** Weather that users brought: a list, and the hours of those that were asked for. */
export const useWeathers = defineStore('weathers', () => {
  const list = ref<WeatherSummary[]>([]);
  const hours = shallowReactive(new Map<string, Weather>());

  async function load(): Promise<void> {
    list.value = await api.weathers();
  }
  /** Fetches a weather's hours once. */
  async function ensure(id: string | null): Promise<void> {
    if (id && !hours.has(id)) hours.set(id, await api.weather(id));
  }
  async function add(weather: Weather): Promise<string> {
    const { id } = await api.addWeather(weather);
    hours.set(id, weather);
    await load();
    return id;
  }
  function byId(id: string | null): Weather | null {
    return id ? (hours.get(id) ?? null) : null;
  }
  /** How many weathers have their hours at hand. */
  const arrived = computed(() => hours.size);
  return { list, arrived, load, ensure, add, byId };
});
