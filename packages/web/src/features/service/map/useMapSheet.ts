import type { StoredMap } from '@hornblende/core/api';
import type { PlaceMap } from '@hornblende/core/formats';
import {
  tryOnScopeDispose,
  useDebounceFn,
  useEventListener,
  useIntervalFn,
  useManualRefHistory,
} from '@vueuse/core';
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
  /** Shows the map as it stands elsewhere now, from which drawing then begins; not while something waits here. */
  follow: (theirs: PlaceMap) => void;
}

/** Steps that can be taken back. */
const DEPTH = 100;
/** What is typed is saved once the hand rests so long, ms. */
const REST_MS = 400;
/** How often what could not be saved is tried again, ms. */
const AGAIN_MS = 4000;

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
    const isAgain = saveState.value === 'failed';
    try {
      await maps.save(stored.id, sent, keepalive).catch(takeTheirs);
      if (map.value === sent) saveState.value = 'saved';
    } catch (e) {
      saveState.value = 'failed';
      // Said once, and not each time that it is tried again.
      if (!isAgain) fail(e);
    }
  }
  /**
   * Where somebody else has drawn on it meanwhile, theirs is shown, and what stood here is one step back.
   * @throws what was no such conflict
   */
  async function takeTheirs(e: unknown): Promise<void> {
    if (!(e instanceof ApiError) || e.status !== 409) throw e;
    await maps.load();
    const theirs = maps.list.find(m => m.id === stored.id);
    if (!theirs) return;
    map.value = theirs.map;
    history.commit();
    saveState.value = 'saved';
    tell('This map was changed elsewhere meanwhile: that is shown now. Undo brings back what stood here.');
  }
  function follow(theirs: PlaceMap): void {
    if (saveState.value !== 'saved' || JSON.stringify(theirs) === JSON.stringify(map.value)) return;
    map.value = theirs;
    history.commit();
    history.clear();
  }
  const soon = useDebounceFn(() => flush(), REST_MS);
  useIntervalFn(() => {
    if (saveState.value === 'failed') void flush();
  }, AGAIN_MS);
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
    follow,
  };
}
