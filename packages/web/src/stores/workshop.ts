import { parseWorkshop, type StoredWorkshop, type WorkshopSettings } from '@hornblende/core';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { api } from '../api/client';

/** What holds for the workshop as a whole: its currency, the damp of its room, prices of upgrades, quotes for parts. */
export const useWorkshop = defineStore('workshop', () => {
  const stored = shallowRef<StoredWorkshop>({
    settings: parseWorkshop({ format: 'hornblende-workshop', version: 1 }),
    quotes: {},
  });
  const settings = computed(() => stored.value.settings);
  const quotes = computed(() => stored.value.quotes);
  const currency = computed(() => settings.value.currency);

  async function load(): Promise<void> {
    stored.value = await api.workshop();
  }
  async function set(change: Partial<WorkshopSettings>): Promise<void> {
    stored.value = await api.saveWorkshop({ ...settings.value, ...change });
  }
  async function quote(partId: string, each: number | null): Promise<void> {
    stored.value = await api.saveQuote(partId, each);
  }
  return { settings, quotes, currency, load, set, quote };
});
