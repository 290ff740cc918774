import { createRouter, createWebHistory } from 'vue-router';
import PartsView from '../features/parts/PartsView.vue';
import { pages, partPages, shells, workshopPages } from './pages';
import { routesWith } from './routes';

/** Where each page was scrolled to, by its place in the history: the page scrolls inside `main`, not the window. */
const scrolled = new Map<string, number>();
const main = (): HTMLElement | null => document.getElementById('main');

/** Pages. Those of one part share its shell: rail, verdict bar, autosave. */
export const router = createRouter({
  history: createWebHistory(),
  routes: routesWith(PartsView),
  scrollBehavior: (to, _from, saved) => {
    // Back and forth in the history return to where one was; a page that is gone to begins at its top.
    main()?.scrollTo({ top: saved ? (scrolled.get(to.fullPath) ?? 0) : 0 });
    return false;
  },
});

router.beforeEach((_to, from) => {
  scrolled.set(from.fullPath, main()?.scrollTop ?? 0);
});

router.afterEach(to => {
  document.title = `${String(to.meta.title ?? '')} · Hornblende`;
});

/** How long one stays before the rest is fetched: whoever only passes by is spared it. */
const PREFETCH_AFTER_MS = 15_000;
/**
 * Fetches every other page's script, and what draws charts, once the browser has nothing better to do: a page must open
 * even while the server is away.
 */
export async function prefetchPages(): Promise<void> {
  // Not in the way of the page that was asked for: its own data come first.
  await new Promise(resolve => setTimeout(resolve, PREFETCH_AFTER_MS));
  const charts = (): Promise<unknown> => import('../charts/DrawnChart.vue');
  const others = [...[...partPages, ...workshopPages, ...pages].flatMap(p => p.load ?? []), charts];
  for (const load of new Set([...Object.values(shells), ...others])) {
    await new Promise<void>(resolve => {
      // Without a limit: a machine that is busy with what was asked for is not made busier.
      if ('requestIdleCallback' in window) requestIdleCallback(() => resolve());
      else setTimeout(resolve, 300);
    });
    await load().catch(() => undefined);
  }
}
