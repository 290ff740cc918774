import { tinykeys } from 'tinykeys';
import { onMounted, onUnmounted, ref, type Ref } from 'vue';
import { useRouter } from 'vue-router';
import { useDraft } from '../stores/draft';

/** Every shortcut, for the help page. */
export const shortcuts: { keys: string; does: string }[] = [
  { keys: '?', does: 'Show this list' },
  { keys: 'g p', does: 'Go to the parts' },
  { keys: 'g b', does: "Go to this part's brief" },
  { keys: 'g r', does: "Go to this part's ranking" },
  { keys: 'g d', does: "Go to this part's decision" },
  { keys: 'g l', does: 'Go to the library' },
  { keys: 'g w', does: 'Go to the workshop' },
  { keys: 'n', does: 'New part (on the parts page)' },
  { keys: 'Ctrl Z', does: 'Undo the last change to the brief' },
  { keys: 'Ctrl Shift Z', does: 'Redo it' },
  { keys: '← →', does: 'On the strata chart: the next candidate' },
  { keys: '↑ ↓', does: 'On the strata chart: the next layer' },
  { keys: 'Enter', does: 'On the strata chart: the working of that layer' },
  { keys: '+ −', does: 'On the strata chart: more or less weight for that layer' },
  { keys: 'Esc', does: 'Close a drawer or dialogue' },
];

function typing(e: KeyboardEvent): boolean {
  const t = e.target as HTMLElement | null;
  return t !== null && (t.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(t.tagName));
}

/** Global shortcuts. @returns whether the help is open */
export function useShortcuts(): { help: Ref<boolean> } {
  const router = useRouter();
  const draft = useDraft();
  const help = ref(false);
  const unless =
    (act: () => void) =>
    (e: KeyboardEvent): void => {
      if (!typing(e)) {
        e.preventDefault();
        act();
      }
    };
  const toPart = (page: string): void => {
    if (draft.id) void router.push(`/parts/${draft.id}/${page}`);
  };
  let stop: (() => void) | null = null;
  onMounted(() => {
    stop = tinykeys(window, {
      'Shift+?': unless(() => {
        help.value = true;
      }),
      '?': unless(() => {
        help.value = true;
      }),
      'g p': unless(() => {
        void router.push('/parts');
      }),
      'g b': unless(() => toPart('brief')),
      'g r': unless(() => toPart('rank')),
      'g d': unless(() => toPart('decision')),
      'g l': unless(() => {
        void router.push('/library');
      }),
      'g w': unless(() => {
        void router.push('/workshop');
      }),
      '$mod+z': unless(() => draft.undo()),
      '$mod+Shift+z': unless(() => draft.redo()),
    });
  });
  onUnmounted(() => stop?.());
  return { help };
}
