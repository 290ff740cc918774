import type { StoredPrinter } from '@hornblende/core/api';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { api } from '../api/client';

/** The workshop's printers. */
export const usePrinters = defineStore('printers', () => {
  const list = ref<StoredPrinter[]>([]);
  const loaded = ref(false);
  async function load(): Promise<void> {
    list.value = await api.printers();
    loaded.value = true;
  }
  function byId(id: string | null): StoredPrinter | null {
    return list.value.find(p => p.id === id) ?? null;
  }
  /** The one that parts are printed on where nothing else is said; null where none is. */
  const usual = computed(() => list.value.find(p => p.isDefault) ?? null);
  /** The hottest dryer in the workshop, °C; null where there is none. */
  const dryerMaxC = computed(() => {
    const dryers = list.value.flatMap(p => p.profile.dryerMaxC ?? []);
    return dryers.length ? Math.max(...dryers) : null;
  });
  return { list, loaded, usual, dryerMaxC, load, byId };
});
