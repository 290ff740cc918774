import type { StoredMap } from '@hornblende/core/api';
import type { PlaceMap } from '@hornblende/core/formats';
import { tryOnScopeDispose, useDebounceFn, useEventListener, useManualRefHistory } from '@vueuse/core';
import { ref, shallowRef, type ComputedRef, type Ref, type ShallowRef } from 'vue';
import { ApiError } from '../../../api/request';
import { useMaps } from '../../../stores/maps';
import { useFeedback } from '../../../ui/useFeedback';

/** A map being drawn. */
export interface MapSheetState {
  map: ShallowRef<PlaceMap>;
  canUndo: ComputedRef<boolean>;
  canRedo: ComputedRef<boolean>;
  /** Whether something waits to be saved, or could not be. */
  saveState: Ref<'saved' | 'waiting' | 'failed'>;
  change: (part: Partial<PlaceMap>) => void;
  undo: () => void;
  redo: () => void;
  /** Saves what waits, at once. */
  flush: () => Promise<void>;
}

/** Steps that can be taken back. */
const DEPTH = 100;
/** What is typed is saved once the hand rests so long, ms. */
const REST_MS = 400;

/** A map as it is drawn: saved by itself, each change one step back. */
export function useMapSheet(stored: StoredMap): MapSheetState {
  const maps = useMaps();
  const { fail, tell } = useFeedback();
  const map = shallowRef<PlaceMap>(stored.map);
  const saveState = ref<'saved' | 'waiting' | 'failed'>('saved');
  const history = useManualRefHistory(map, { capacity: DEPTH });

  async function flush(keepalive = false): Promise<void> {
    if (saveState.value === 'saved') return;
    const sent = map.value;
    try {
      await maps.save(stored.id, sent, keepalive);
      if (map.value === sent) saveState.value = 'saved';
    } catch (e) {
      saveState.value = 'failed';
      if (e instanceof ApiError && e.status === 409) await takeTheirs();
      else fail(e);
    }
  }
  /** Somebody else has drawn on it meanwhile: theirs is shown, and what stood here is one step back. */
  async function takeTheirs(): Promise<void> {
    await maps.load();
    const theirs = maps.list.find(m => m.id === stored.id);
    if (!theirs) return;
    map.value = theirs.map;
    history.commit();
    saveState.value = 'saved';
    tell('This map was changed elsewhere meanwhile: that is shown now. Undo brings back what stood here.');
  }
  const soon = useDebounceFn(() => flush(), REST_MS);
  useEventListener('pagehide', () => void flush(true));
  function wait(): void {
    saveState.value = 'waiting';
    void soon();
  }
  function change(part: Partial<PlaceMap>): void {
    map.value = { ...map.value, ...part };
    history.commit();
    wait();
  }
  tryOnScopeDispose(() => void flush());
  return {
    map,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    saveState,
    change,
    undo: () => {
      history.undo();
      wait();
    },
    redo: () => {
      history.redo();
      wait();
    },
    flush: () => flush(),
  };
}
