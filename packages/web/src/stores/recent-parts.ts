import { defineStore } from 'pinia';
import { useKept } from './browser-store';

/** A part that was opened lately. */
export interface RecentPart {
  id: string;
  name: string;
}

/** Parts that are remembered. */
const MOST = 5;

/** The parts that were opened last in this browser, the last first: the way back to them. */
export const useRecentParts = defineStore('recent-parts', () => {
  const list = useKept<RecentPart[]>('hornblende-recent-parts', []);
  /** Remembers a part as the one that was opened last, under the name that it has now. */
  function remember(id: string, name: string): void {
    list.value = [{ id, name }, ...list.value.filter(p => p.id !== id)].slice(0, MOST);
  }
  /** Forgets a part that is gone. */
  function forget(id: string): void {
    list.value = list.value.filter(p => p.id !== id);
  }
  return { list, remember, forget };
});
