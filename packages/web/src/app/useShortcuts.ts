import { ref, type Ref } from 'vue';
import { useRouter } from 'vue-router';
import { useCurrentPart } from '../stores/current-part';
import { useHealth } from '../stores/health';
import { useKeys } from '../ui/keys';
import { pages, partPages, type Page } from './pages';

/** Every shortcut, for the help page. */
export const shortcuts: readonly { keys: string; does: string }[] = [
  { keys: '?', does: 'Show this list' },
  { keys: 'j', does: 'Jump to a part, a part in service, a filament or a page' },
  { keys: 'h', does: 'The guide, open at the page you are on' },
  ...[...pages, ...partPages].flatMap(({ key }) =>
    key ? [{ keys: `g ${key.letter}`, does: `Go to ${key.to}` }] : [],
  ),
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

/** Shortcuts that hold everywhere. @returns whether their list, the guide and what jumps elsewhere are open */
export function useShortcuts(): { help: Ref<boolean>; guide: Ref<boolean>; jump: Ref<boolean> } {
  const router = useRouter();
  const part = useCurrentPart();
  const health = useHealth();
  const help = ref(false);
  const guide = ref(false);
  const jump = ref(false);
  const showHelp = (): void => {
    help.value = true;
  };
  const keysTo = (list: readonly Page[], go: (path: string) => void): Record<string, () => void> =>
    Object.fromEntries(list.flatMap(({ key, path }) => (key ? [[`g ${key.letter}`, () => go(path)]] : [])));
  useKeys({
    'Shift+?': showHelp,
    '?': showHelp,
    h: () => (guide.value = true),
    j: () => (jump.value = !health.isPhone),
    ...keysTo(pages, path => void router.push(path)),
    ...keysTo(partPages, path => {
      if (part.id) void router.push(`/parts/${part.id}/${path}`);
    }),
  });
  return { help, guide, jump };
}
