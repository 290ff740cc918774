import type { StoredMap } from '@hornblende/core/api';
import type { PlaceMap } from '@hornblende/core/formats';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { api } from '../api/client';

/** Maps of the places where parts are in service, by name. */
export const useMaps = defineStore('maps', () => {
  const list = shallowRef<StoredMap[]>([]);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  /** Writes go one after the other: each follows the revision that the one before it made. */
  let last: Promise<unknown> = Promise.resolve();

  /** @throws ApiError */
  async function load(): Promise<void> {
    try {
      list.value = await api.maps();
      state.value = 'ready';
    } catch (e) {
      if (state.value === 'loading') state.value = 'failed';
      throw e;
    }
  }
  function put(saved: StoredMap): StoredMap {
    const others = list.value.filter(m => m.id !== saved.id);
    list.value = [...others, saved].sort((a, b) => a.map.name.localeCompare(b.map.name));
    return saved;
  }
  /** @throws ApiError */
  async function add(id: string, map: PlaceMap): Promise<StoredMap> {
    return put(await api.addMap(map, id));
  }
  /**
   * Saves a map as it is now.
   * @param keepalive whether the page is going away
   * @throws ApiError, with status 409 where it was changed elsewhere meanwhile
   */
  function save(id: string, map: PlaceMap, keepalive = false): Promise<StoredMap | null> {
    const saving = last.then(async () => {
      const stored = list.value.find(m => m.id === id);
      return stored ? put(await api.saveMap({ ...stored, map }, keepalive)) : null;
    });
    last = saving.catch(() => undefined);
    return saving;
  }
  /** @throws ApiError */
  async function remove(id: string): Promise<void> {
    await last;
    await api.removeMap(id);
    list.value = list.value.filter(m => m.id !== id);
  }
  return { list, state, load, add, save, remove };
});
