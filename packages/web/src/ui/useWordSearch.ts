import type { SearchHit, SearchKind } from '@hornblende/core/api';
import { useDebounceFn } from '@vueuse/core';
import { ref, shallowRef, type Ref, type ShallowRef } from 'vue';
import { api } from '../api/client';

/** How long words rest before the workshop is asked, ms. */
const REST_MS = 150;

/**
 * Looks through the whole workshop by words as they are typed, however much there is. A later question is answered by
 * its own answer; until that comes, what was found before stands.
 * @param kinds what is looked for, `most` of each
 * @param words what is looked for at first, without a rest
 */
export function useWordSearch(
  kinds: readonly SearchKind[],
  most: number,
  words = '',
): {
  hits: ShallowRef<SearchHit[]>;
  busy: Ref<boolean>;
  failed: Ref<string>;
  /** Looks for words once they rest. */
  lookFor: (words: string) => void;
} {
  const hits = shallowRef<SearchHit[]>([]);
  const busy = ref(true);
  const failed = ref('');
  let asked = words;

  async function look(words: string): Promise<void> {
    failed.value = '';
    try {
      const found = await Promise.all(kinds.map(kind => api.search(words, [kind], most)));
      if (asked === words) hits.value = found.flat();
    } catch (e) {
      if (asked === words) failed.value = (e as Error).message;
    } finally {
      if (asked === words) busy.value = false;
    }
  }
  const lookSoon = useDebounceFn(look, REST_MS);
  function lookFor(words: string): void {
    asked = words;
    busy.value = true;
    void lookSoon(words);
  }
  void look(asked);
  return { hits, busy, failed, lookFor };
}
