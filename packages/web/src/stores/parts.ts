import { newBrief } from '@hornblende/core';
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
    } catch (e) { error.value = (e as Error).message; state.value = 'failed'; }
  }

  async function create(name: string, printerId: string | null, from?: Part): Promise<Part> {
    const brief = from ? { ...from.brief, name } : newBrief(name);
    return api.createPart({ brief, printerId: from ? from.printerId : printerId });
  }

  async function setArchived(part: Part, archived: boolean): Promise<Part> {
    const saved = await api.savePart(part.id, { brief: part.brief, printerId: part.printerId, archived, revision: part.revision });
    await load();
    return saved;
  }

  return { list, state, error, load, create, setArchived };
});
