import type { StoredPrint } from '@hornblende/core/api';
import type { PrintEntry } from '@hornblende/core/formats';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api } from '../api/client';
import { usePrinters } from './printers';
import { useShelf } from './shelf';

/** The log of prints, newest first. */
export const usePrints = defineStore('prints', () => {
  const shelf = useShelf();
  const printers = usePrinters();
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
    await follow(print);
    return saved;
  }
  /** Changes a print of the log; its spool follows. @throws ApiError */
  async function change(stored: StoredPrint, print: PrintEntry): Promise<void> {
    const saved = await api.savePrint({ ...stored, print });
    list.value = list.value.map(p => (p.id === saved.id ? saved : p));
    await follow(print);
  }
  /** What a print changes besides the log: its spool's ledger, and its printer's record. */
  async function follow({ spoolId, printerId }: PrintEntry): Promise<void> {
    await Promise.all([spoolId === null ? null : shelf.load(), printerId === null ? null : printers.load()]);
  }
  /** Takes a print back, and puts what it took on its spool again. @throws ApiError */
  async function remove({ id, print }: StoredPrint): Promise<void> {
    await api.removePrint(id);
    list.value = list.value.filter(p => p.id !== id);
    await follow(print);
  }
  return { list, entries, state, load, add, change, remove };
});
