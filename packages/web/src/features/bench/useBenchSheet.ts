import { useKept } from '../../stores/browser-store';
import { computed, type ComputedRef } from 'vue';

/** A sheet that is being filled in: it stays in the browser when the page goes away. */
export interface BenchSheet<T extends object> {
  sheet: ComputedRef<T>;
  put: (change: Partial<T>) => void;
  clear: () => void;
}

/** @param key what it is kept under; @param empty the sheet as it begins */
export function useBenchSheet<T extends object>(key: string, empty: T): BenchSheet<T> {
  const kept = useKept<Partial<T>>(`hornblende-bench-${key}`, {});
  return {
    sheet: computed(() => ({ ...empty, ...kept.value }) as T),
    put: change => (kept.value = { ...kept.value, ...change }),
    clear: () => (kept.value = {}),
  };
}
