import type { ListedPart, Part } from '@hornblende/core';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import { api } from '../api/client';

/** The list of parts, and apart from it those that were put away. */
export const useParts = defineStore('parts', () => {
  const list = ref<ListedPart[]>([]);
  const away = ref<ListedPart[]>([]);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  const error = ref('');

  /** Fetches the parts that are worked on. */
  async function load(): Promise<void> {
    try {
      list.value = await api.parts();
      state.value = 'ready';
    } catch (e) {
      error.value = (e as Error).message;
      state.value = 'failed';
    }
  }
  /** Fetches the parts that were put away. @throws ApiError */
  async function loadAway(): Promise<void> {
    away.value = await api.parts(true);
  }

  /** Makes a part: like another one, or from a start. @throws ApiError */
  async function create(
    name: string,
    printerId: string | null,
    from?: Part,
    start: object = {},
  ): Promise<Part> {
    const brief = from ? { ...from.given, name } : { format: 'hornblende-brief', version: 1, name, ...start };
    return api.createPart({
      brief,
      printerId: from ? from.printerId : printerId,
      weatherId: from?.weatherId ?? null,
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

  return { list, away, state, error, load, loadAway, create, setArchived, remove };
});
