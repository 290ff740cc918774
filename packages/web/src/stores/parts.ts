import type { ListedPart, Part } from '@hornblende/core/api';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import { api } from '../api/client';

/** The list of parts, and apart from it those that were put away. */
export const useParts = defineStore('parts', () => {
  const list = ref<ListedPart[]>([]);
  /** The words that the list is searched by; all parts stand in it where there are none. */
  const words = ref('');
  /** Where the list goes on; null when all of it is here. */
  const next = ref<string | null>(null);
  const away = ref<ListedPart[]>([]);
  const awayNext = ref<string | null>(null);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  const error = ref('');

  /** What was asked for last: its answer may be on its way yet. */
  let asked = '';

  /** Fetches the first of the parts that are worked on, or of those among them that hold some words. */
  async function load(search = ''): Promise<void> {
    asked = search;
    try {
      const page = await api.parts(null, { words: search });
      // A later question is answered by its own answer.
      if (asked !== search) return;
      words.value = search;
      list.value = page.items;
      next.value = page.next;
      state.value = 'ready';
    } catch (e) {
      error.value = (e as Error).message;
      state.value = 'failed';
    }
  }
  /** Fetches some more of them. @throws ApiError */
  async function loadMore(): Promise<void> {
    if (next.value === null) return;
    const search = asked;
    const page = await api.parts(next.value);
    if (asked !== search) return;
    const here = new Set(list.value.map(p => p.id));
    list.value = [...list.value, ...page.items.filter(p => !here.has(p.id))];
    next.value = page.next;
  }
  /** Fetches all that are not here yet. @throws ApiError */
  async function loadRest(): Promise<void> {
    while (next.value !== null) await loadMore();
  }
  /** Fetches all of them. @throws ApiError */
  async function loadAll(): Promise<void> {
    await load();
    await loadRest();
  }
  /** Fetches the first of the parts that were put away. @throws ApiError */
  async function loadAway(): Promise<void> {
    const page = await api.parts(null, { archived: true });
    away.value = page.items;
    awayNext.value = page.next;
  }
  /** Fetches some more of them. @throws ApiError */
  async function loadMoreAway(): Promise<void> {
    if (awayNext.value === null) return;
    const page = await api.parts(awayNext.value);
    away.value = [...away.value, ...page.items];
    awayNext.value = page.next;
  }

  /** Makes a part: like another one, or from a start. @throws ApiError */
  async function create(
    name: string,
    printerId: string | null,
    { from, start = {}, id = null }: { from?: Part; start?: object; id?: string | null } = {},
  ): Promise<Part> {
    const brief = from ? { ...from.given, name } : { format: 'hornblende-brief', version: 1, name, ...start };
    return api.createPart({
      brief,
      printerId: from ? from.printerId : printerId,
      weatherId: from?.weatherId ?? null,
      id,
    });
  }

  /** Puts a part away, or brings it back. @throws ApiError */
  async function setArchived(part: Part, archived: boolean): Promise<void> {
    await api.savePart(part.id, {
      brief: part.given,
      printerId: part.printerId,
      weatherId: part.weatherId,
      archived,
      revision: part.revision,
    });
    await Promise.all([load(), loadAway()]);
  }
  /** Deletes a part for good that was put away. @throws ApiError */
  async function remove(id: string): Promise<void> {
    await api.deletePart(id);
    await loadAway();
  }

  return {
    list,
    words,
    next,
    away,
    awayNext,
    state,
    error,
    load,
    loadMore,
    loadRest,
    loadAll,
    loadAway,
    loadMoreAway,
    create,
    setArchived,
    remove,
  };
});
