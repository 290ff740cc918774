import type { StoredFault } from '@hornblende/core/api';
import type { Fault } from '@hornblende/core/formats';
import { faultHistory } from '@hornblende/core/triage';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api } from '../api/client';

/** What went wrong here and what it was, the newest first. */
export const useFaults = defineStore('faults', () => {
  const list = shallowRef<StoredFault[]>([]);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  const faults = computed(() => list.value.map(f => f.fault));
  /** How often each cause turned out to be the one. */
  const history = computed(() => faultHistory(faults.value));

  /** @throws ApiError */
  async function load(): Promise<void> {
    try {
      list.value = await api.faults();
      state.value = 'ready';
    } catch (e) {
      state.value = 'failed';
      throw e;
    }
  }
  /** Fetches them where that was not done yet; a page goes on without them. */
  function ensure(): void {
    if (state.value !== 'ready') load().catch(() => undefined);
  }
  /** @throws ApiError */
  async function add(fault: Fault, id: string | null = null): Promise<StoredFault> {
    const saved = await api.addFault(fault, id);
    list.value = [saved, ...list.value];
    return saved;
  }
  /** @throws ApiError */
  async function remove(id: string): Promise<void> {
    await api.removeFault(id);
    list.value = list.value.filter(f => f.id !== id);
  }
  return { list, faults, history, state, load, ensure, add, remove };
});
