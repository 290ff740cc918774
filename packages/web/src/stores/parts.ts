import { defineStore } from 'pinia';
import { ref } from 'vue';
import { api, type ListedPart, type Part } from '../api/client';

/** The list of parts. */
export const useParts = defineStore('parts', () => {
  const list = ref<ListedPart[]>([]);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  const error = ref('');

  async function load(): Promise<void> {
    try {
      list.value = await api.parts();
      state.value = 'ready';
    } catch (e) {
      error.value = (e as Error).message;
      state.value = 'failed';
    }
  }

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

  async function setArchived(part: Part, archived: boolean): Promise<Part> {
    const saved = await api.savePart(part.id, {
      brief: part.given,
      printerId: part.printerId,
      weatherId: part.weatherId,
      archived,
      revision: part.revision,
    });
    await load();
    return saved;
  }

  return { list, state, error, load, create, setArchived };
});
