import { ref, type Ref } from 'vue';
import { useRouter } from 'vue-router';
import { useCurrentPart } from '../stores/current-part';
import { useKeys } from '../ui/keys';

/** Every shortcut, for the help page. */
export const shortcuts: readonly { keys: string; does: string }[] = [
  { keys: '?', does: 'Show this list' },
  { keys: 'h', does: 'The guide, open at the page you are on' },
  { keys: 'g p', does: 'Go to the parts' },
  { keys: 'g b', does: "Go to this part's brief" },
  { keys: 'g r', does: "Go to this part's ranking" },
  { keys: 'g d', does: "Go to this part's decision" },
  { keys: 'g s', does: "Go to this part's shape" },
  { keys: 'g a', does: "Go to this part's warp" },
  { keys: 'g c', does: "Go to this part's print card" },
  { keys: 'g t', does: "Go to this part's trial" },
  { keys: 'g v', does: 'Go to what is in service' },
  { keys: 'g f', does: 'Go to fixing a print' },
  { keys: 'g q', does: 'Go to the drills' },
  { keys: 'g l', does: 'Go to the library' },
  { keys: 'g w', does: 'Go to the workshop' },
  { keys: 'n', does: 'New part (on the parts page)' },
  { keys: 'Ctrl Z', does: 'Undo the last change to the brief' },
  { keys: 'Ctrl Shift Z', does: 'Redo it' },
  { keys: '← →', does: 'On the strata chart: the next candidate' },
  { keys: '↑ ↓', does: 'On the strata chart: the next layer' },
  { keys: 'Enter', does: 'On the strata chart: the working of that layer' },
  { keys: '+ −', does: 'On the strata chart: more or less weight for that layer' },
  { keys: '← → ↑ ↓', does: 'On the shape: turn it' },
  { keys: '+ − Home', does: 'On the shape: nearer, further, all of it' },
  { keys: '1 – 4', does: 'In a drill: an answer' },
  { keys: 'a s d f g', does: 'In a drill: how sure, from a guess to certain' },
  { keys: 'Enter', does: 'In a drill: the next one' },
  { keys: 'Esc', does: 'Close a drawer or dialogue' },
];

/** Shortcuts that hold everywhere. @returns whether their list, and whether the guide, is open */
export function useShortcuts(): { help: Ref<boolean>; guide: Ref<boolean> } {
  const router = useRouter();
  const part = useCurrentPart();
  const help = ref(false);
  const guide = ref(false);
  const showHelp = (): void => {
    help.value = true;
  };
  const go = (path: string) => () => void router.push(path);
  const goToPart = (page: string) => () => {
    if (part.id) void router.push(`/parts/${part.id}/${page}`);
  };
  useKeys({
    'Shift+?': showHelp,
    '?': showHelp,
    h: () => (guide.value = true),
    'g p': go('/parts'),
    'g b': goToPart('brief'),
    'g r': goToPart('rank'),
    'g d': goToPart('decision'),
    'g s': goToPart('shape'),
    'g a': goToPart('warp'),
    'g c': goToPart('card'),
    'g t': goToPart('trial'),
    'g v': go('/service'),
    'g f': go('/fix'),
    'g q': go('/drills'),
    'g l': go('/library'),
    'g w': go('/workshop'),
  });
  return { help, guide };
}
