import { onBeforeUnmount } from 'vue';

/** Gives the focus back, when a dialog or drawer goes, to what had it when it came. */
export function useReturnFocus(): void {
  const before = document.activeElement;
  onBeforeUnmount(() => {
    if (before instanceof HTMLElement && before.isConnected) setTimeout(() => before.focus(), 0);
  });
}
