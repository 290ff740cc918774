import type { PrintEntry, StoredPrint } from '@hornblende/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api } from '../api/client';
import { useShelf } from './shelf';

/** The log of prints, newest first. */
export const usePrints = defineStore('prints', () => {
  const shelf = useShelf();
  const list = shallowRef<StoredPrint[]>([]);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  const entries = computed(() => list.value.map(p => p.print));

  async function load(): Promise<void> {
    try {
      list.value = await api.prints();
      state.value = 'ready';
    } catch (e) {
      state.value = 'failed';
      throw e;
    }
  }
  /** Writes a print down; what it took is off its spool with it. @throws ApiError */
  async function add(print: PrintEntry): Promise<StoredPrint> {
    const saved = await api.addPrint(print);
    list.value = [saved, ...list.value];
    if (print.spoolId !== null) await shelf.load();
    return saved;
  }
  /** Takes a print back, and puts what it took on its spool again. @throws ApiError */
  async function remove({ id, print }: StoredPrint): Promise<void> {
    await api.removePrint(id);
    list.value = list.value.filter(p => p.id !== id);
    if (print.spoolId !== null) await shelf.load();
  }
  return { list, entries, state, load, add, remove };
});
