import type { ListedHappened } from '@hornblende/core/api';
import { ref, shallowRef, watch, type Ref, type ShallowRef } from 'vue';
import { api } from '../../api/client';
import { useService } from '../../stores/service';

/** What the models say of parts in service beside what happened, page by page; begun anew when a look arrives. */
export function useHappened(): {
  rows: ShallowRef<readonly ListedHappened[]>;
  /** Whether there are more than {@link rows}. */
  hasMore: Ref<boolean>;
  state: Ref<'loading' | 'ready' | 'failed'>;
  load: () => Promise<void>;
  more: () => Promise<void>;
} {
  const service = useService();
  const rows = shallowRef<readonly ListedHappened[]>([]);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  const hasMore = ref(false);
  let next: string | null = null;
  let asked = 0;
  async function take(from: string | null): Promise<void> {
    const mine = ++asked;
    try {
      const page = await api.happened(from);
      // A list that was begun anew meanwhile must not get a page of the one before.
      if (mine !== asked) return;
      rows.value = from === null ? page.items : [...rows.value, ...page.items];
      next = page.next;
      hasMore.value = next !== null;
      state.value = 'ready';
    } catch {
      if (mine === asked) state.value = 'failed';
    }
  }
  const load = (): Promise<void> => take(null);
  const more = (): Promise<void> => (next === null ? Promise.resolve() : take(next));
  watch(() => service.list, load, { immediate: true });
  return { rows, hasMore, state, load, more };
}
