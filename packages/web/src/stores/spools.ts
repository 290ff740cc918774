import type { StoredSpool } from '@hornblende/core/api';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { api } from '../api/client';

/** The spools of the workshop as the server gives them; what follows from their ledgers is the shelf's business. */
export const useSpools = defineStore('spools', () => {
  const list = shallowRef<StoredSpool[]>([]);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');

  /** Fetches every spool. @throws ApiError */
  async function load(): Promise<void> {
    try {
      list.value = await api.spools();
      state.value = 'ready';
    } catch (e) {
      state.value = 'failed';
      throw e;
    }
  }
  /** Takes over a spool as it was saved, where it stood or at the end. */
  function keep(saved: StoredSpool): StoredSpool {
    const others = list.value.filter(s => s.id !== saved.id);
    const at = list.value.findIndex(s => s.id === saved.id);
    list.value = at < 0 ? [...list.value, saved] : [...others.slice(0, at), saved, ...others.slice(at)];
    return saved;
  }
  /** Forgets a spool that was removed for good. */
  function drop(id: string): void {
    list.value = list.value.filter(s => s.id !== id);
  }
  return { list, state, load, keep, drop };
});
