import type { DrillAnswer } from '@hornblende/core/formats';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api } from '../api/client';
import { ApiError } from '../api/request';
import { useKept } from './browser-store';

/** What was answered in drills, by whom. An answer stands in the browser until the server has it. */
export const useDrills = defineStore('drills', () => {
  const saved = shallowRef<DrillAnswer[]>([]);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  /** Who sits here; empty for nobody in particular. */
  const who = useKept<string>('hornblende-drills-who', '');
  const waiting = useKept<DrillAnswer[]>('hornblende-drills-waiting', []);
  let running: Promise<void> | null = null;

  const mine = computed(() => {
    const known = new Set(saved.value.map(a => a.id));
    const all = [...waiting.value.filter(a => !known.has(a.id)), ...saved.value];
    return all.filter(a => a.who === who.value);
  });
  /** Everybody who has answered. */
  const people = computed(() =>
    [...new Set([...saved.value, ...waiting.value].map(a => a.who))].filter(w => w !== '').sort(),
  );

  /** @throws ApiError */
  async function load(): Promise<void> {
    try {
      saved.value = await api.drillAnswers();
      state.value = 'ready';
    } catch (e) {
      state.value = 'failed';
      throw e;
    }
    await flush();
  }
  /** Keeps an answer, and sends it as soon as may be. */
  function add(answer: DrillAnswer): void {
    waiting.value = [...waiting.value, answer];
    void flush();
  }
  /** Sends what waits; where the server is away it waits on. */
  function flush(): Promise<void> {
    running ??= sendAll().finally(() => (running = null));
    return running;
  }
  async function sendAll(): Promise<void> {
    for (let next = waiting.value[0]; next; next = waiting.value[0]) {
      const { id } = next;
      try {
        saved.value = [await api.addDrillAnswer(next), ...saved.value.filter(a => a.id !== id)];
      } catch (e) {
        // What the server refuses for good is not tried for ever.
        if (!(e instanceof ApiError) || e.status < 400 || e.status >= 500) return;
      }
      waiting.value = waiting.value.filter(a => a.id !== id);
    }
  }
  /** Forgets all that whoever sits here answered. @throws ApiError */
  async function forget(): Promise<void> {
    await flush();
    await api.forgetDrillAnswers(who.value);
    saved.value = saved.value.filter(a => a.who !== who.value);
  }
  return { saved, state, who, waiting, mine, people, load, add, flush, forget };
});
