import type { ListedPlacement, PlacedImport, StoredPlacement } from '@hornblende/core/api';
import type { Placement } from '@hornblende/core/formats';
import { freshCode, type Placed } from '@hornblende/core/service';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { asKeptAt } from '../api/as-kept';
import { api } from '../api/client';
import { useLooksQueue } from './looks-queue';

/** Parts in service, with how each stands and when it is due. */
export const useService = defineStore('service', () => {
  const queue = useLooksQueue();
  const list = shallowRef<ListedPlacement[]>([]);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');

  /** Fetches all of them, and sends what waits here. @throws ApiError */
  async function load(): Promise<void> {
    try {
      list.value = await api.placements();
      state.value = 'ready';
    } catch (e) {
      if (state.value === 'loading') state.value = 'failed';
      throw e;
    }
    await queue.flush();
  }
  // What has arrived changes how parts stand.
  watch(
    () => queue.arrived,
    () => void load().catch(() => undefined),
  );

  // Reached again, the workshop is asked: what a phone had kept is shown no longer than it must.
  watch(asKeptAt, (now, before) => {
    if (before !== null && now === null) void load().catch(() => undefined);
  });

  /** Places a part, under a code of its own where it brings none. @throws ApiError */
  async function add(placement: Placement, id: string | null = null): Promise<StoredPlacement> {
    const taken = new Set(list.value.map(p => p.placement.code));
    const code = placement.code || freshCode(taken, Math.random);
    const stored = await api.addPlacement({ ...placement, code }, id);
    await load();
    return stored;
  }
  /** @throws ApiError */
  async function save(stored: StoredPlacement, placement: Placement): Promise<void> {
    await api.savePlacement(stored.id, placement, stored.revision);
    await load();
  }
  /** @throws ApiError */
  async function remove(id: string): Promise<void> {
    await api.removePlacement(id);
    await load();
  }

  /** Places a whole table of parts, each under a code of its own: all or none. @throws ApiError */
  async function importAll(parts: PlacedImport['parts'], signal: AbortSignal): Promise<string[]> {
    const taken = new Set(list.value.map(p => p.placement.code));
    const coded = parts.map(({ placement, looks }) => {
      const code = placement.code || freshCode(taken, Math.random);
      taken.add(code);
      return { placement: { ...placement, code }, looks };
    });
    const { ids } = await api.importPlaced({ parts: coded }, signal);
    await load();
    return ids;
  }
  /** Takes an import back. @returns how many of its parts stay, for they were touched since */
  async function undoImport(ids: readonly string[]): Promise<number> {
    const { left } = await api.undoPlaced(ids);
    await load();
    return left.length;
  }

  return {
    list,
    state,
    load,
    importAll,
    undoImport,
    add,
    save,
    remove,
    byId: (id: string): ListedPlacement | null => list.value.find(p => p.id === id) ?? null,
    /** All of them as evidence takes them. */
    placed: computed((): Placed[] =>
      list.value.map(({ id, placement, standing }) => ({ id, placement, standing })),
    ),
    overdue: computed(() => list.value.filter(p => p.due && p.due.inDays < 0)),
  };
});
