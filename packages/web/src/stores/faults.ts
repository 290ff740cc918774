import type { StoredFault } from '@hornblende/core/api';
import type { Fault } from '@hornblende/core/formats';
import { faultHistory, isSeenAlike, isSolved, mergedFault } from '@hornblende/core/triage';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api } from '../api/client';
import { ApiError } from '../api/request';
import { useKept } from './browser-store';

/** What went wrong here and what it was, the newest first. */
export const useFaults = defineStore('faults', () => {
  const list = shallowRef<StoredFault[]>([]);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  /** The revisions that this desk's own copies of open faults were made from, by their ids. */
  const madeFrom = useKept<Record<string, number>>('hornblende-faults-made-from', {});
  const faults = computed(() => list.value.map(f => f.fault));
  /** How often each cause turned out to be the one. */
  const history = computed(() => faultHistory(faults.value));
  /** Those whose cause is not found yet. */
  const open = computed(() => list.value.filter(f => !isSolved(f.fault)));

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
  /**
   * Keeps a fault under its id, as it is now: the first time, and whenever it was gone on with. Where another desk or
   * phone was quicker since this desk's copy was made, what both saw and tried is kept; what was found there stays as
   * it was found. Whoever takes over what was joined says so by {@link takenOver}.
   * @throws ApiError
   */
  async function keep(id: string, fault: Fault): Promise<StoredFault> {
    const stored = list.value.find(f => f.id === id);
    try {
      const from = madeFrom.value[id] ?? stored?.revision;
      return put(
        takenOver(await (stored && from ? api.saveFault(id, fault, from) : api.addFault(fault, id))),
      );
    } catch (e) {
      // Removed elsewhere while it is gone on with here: it is kept anew.
      if (e instanceof ApiError && e.status === 404 && stored)
        return put(takenOver(await api.addFault(fault, id)));
      if (!(e instanceof ApiError) || e.status !== 409) throw e;
      const theirs = await api.fault(id);
      // Found elsewhere meanwhile: what is pressed late changes nothing in it.
      if (theirs.fault.end !== null && fault.end === null) return put(theirs);
      const joined = mergedFault(fault, theirs.fault);
      const saved = await api.saveFault(id, joined, theirs.revision);
      return put(isSeenAlike(joined, fault) ? takenOver(saved) : saved);
    }
  }
  function put(saved: StoredFault): StoredFault {
    const others = list.value.filter(f => f.id !== saved.id);
    list.value = [saved, ...others].sort((a, b) => (b.fault.at ?? '').localeCompare(a.fault.at ?? ''));
    return saved;
  }
  /** This desk's copy says what the workshop's says now. */
  function takenOver(saved: StoredFault): StoredFault {
    forgetCopy(saved.id);
    if (saved.fault.end === null) madeFrom.value = { ...madeFrom.value, [saved.id]: saved.revision };
    return saved;
  }
  function forgetCopy(id: string): void {
    const { [id]: _before, ...others } = madeFrom.value;
    madeFrom.value = others;
  }
  /** @throws ApiError */
  async function remove(id: string): Promise<void> {
    await api.removeFault(id);
    forgetCopy(id);
    list.value = list.value.filter(f => f.id !== id);
  }
  return { list, faults, history, open, state, load, ensure, add, keep, takenOver, remove };
});
