import type { StoredGrade } from '@hornblende/core/api';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { api } from '../api/client';

/** The workshop's own grades as the server gives them, by key; what they mean is the library's business. */
export const useGrades = defineStore('grades', () => {
  /** Replaced as a whole, never changed in place. */
  const byKey = shallowRef<ReadonlyMap<string, StoredGrade>>(new Map());
  const state = ref<'loading' | 'ready' | 'failed'>('loading');

  /** Fetches every grade. @throws ApiError */
  async function load(): Promise<void> {
    try {
      byKey.value = new Map((await api.grades()).map(g => [g.grade.key, g]));
      state.value = 'ready';
    } catch (e) {
      state.value = 'failed';
      throw e;
    }
  }
  /** Takes over a grade as it was saved. */
  function keep(saved: StoredGrade): StoredGrade {
    byKey.value = new Map(byKey.value).set(saved.grade.key, saved);
    return saved;
  }
  /** Forgets a grade that was removed for good. */
  function drop(key: string): void {
    byKey.value = new Map([...byKey.value].filter(([k]) => k !== key));
  }
  return { byKey, state, load, keep, drop };
});
