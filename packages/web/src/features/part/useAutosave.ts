import { useDebounceFn, useEventListener, useIntervalFn } from '@vueuse/core';
import { watch } from 'vue';
import { useDraft } from './draft';

/** Saves the draft shortly after the last change, again when the tab hides, and tells when another tab has saved. */
export function useAutosave(onRefreshed: () => void): void {
  const draft = useDraft();
  const soon = useDebounceFn(() => draft.flush(), 400);
  watch(
    () => [draft.content, draft.saveState],
    () => {
      if (draft.saveState === 'waiting') void soon();
    },
    { immediate: true },
  );
  useEventListener(document, 'visibilitychange', () => {
    if (document.visibilityState === 'hidden') void draft.flush(true);
  });
  useEventListener(window, 'pagehide', () => {
    void draft.flush(true);
  });
  useEventListener(window, 'focus', () => {
    void draft.refresh().then(changed => {
      if (changed) onRefreshed();
    });
  });
  // A server that was restarted is found again without anyone pressing a button.
  useIntervalFn(() => {
    if (draft.saveState === 'failed') void draft.flush();
  }, 4000);
  useEventListener(window, 'online', () => {
    void draft.flush();
  });
}
