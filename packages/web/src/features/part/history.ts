import { useManualRefHistory } from '@vueuse/core';
import { markRaw, type ComputedRef, type ShallowRef } from 'vue';
import type { DraftContent } from './content';

/** Steps that can be undone at most. */
const DEPTH = 200;

/** What was, and what was undone. */
export interface ContentHistory {
  canUndo: ComputedRef<boolean>;
  canRedo: ComputedRef<boolean>;
  /** Notes the present content as a step; changes of the same field in a row are one. */
  note: (field?: string) => void;
  undo: () => void;
  redo: () => void;
  /** Puts a content behind the present one, one undo away. */
  putBehind: (content: DraftContent) => void;
  /** Begins anew from the present content. */
  reset: () => void;
}

/** The history of what is edited. Contents are kept as they are: they are never changed in place. */
export function useContentHistory(content: ShallowRef<DraftContent | null>): ContentHistory {
  const history = useManualRefHistory(content, { capacity: DEPTH });
  let lastField = '';
  const record = (snapshot: DraftContent | null): { snapshot: DraftContent | null; timestamp: number } =>
    markRaw({ snapshot, timestamp: 0 });
  return {
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    note: (field = '') => {
      if (field && field === lastField && history.canUndo.value) history.last.value = record(content.value);
      else history.commit();
      lastField = field;
      history.redoStack.value = [];
    },
    undo: () => {
      lastField = '';
      history.undo();
    },
    redo: () => {
      lastField = '';
      history.redo();
    },
    putBehind: other => {
      lastField = '';
      history.undoStack.value = [record(other), ...history.undoStack.value];
      history.last.value = record(content.value);
    },
    reset: () => {
      lastField = '';
      history.clear();
      history.last.value = record(content.value);
    },
  };
}
