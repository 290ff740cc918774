import { tinykeys } from 'tinykeys';
import { onMounted, onUnmounted } from 'vue';

/** Whether a key was meant for a field. */
export function isTyping(e: KeyboardEvent): boolean {
  const target = e.target as HTMLElement | null;
  if (!target) return false;
  return target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName);
}

/** Keys that act unless a field is being typed in; they stop when the component goes. */
export function useKeys(bindings: Record<string, () => void>): void {
  let stop: (() => void) | null = null;
  const guarded = Object.fromEntries(
    Object.entries(bindings).map(([keys, act]) => [
      keys,
      (e: KeyboardEvent) => {
        if (isTyping(e)) return;
        e.preventDefault();
        act();
      },
    ]),
  );
  onMounted(() => {
    stop = tinykeys(window, guarded);
  });
  onUnmounted(() => stop?.());
}
