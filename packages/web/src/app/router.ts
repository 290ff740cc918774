import { createRouter, createWebHistory, type RouteRecordRaw } from 'vue-router';
import PartsView from '../features/parts/PartsView.vue';

/** Each page's script, fetched when it is visited, or before by {@link prefetchPages}. */
const pages = {
  part: () => import('../features/part/PartShell.vue'),
  brief: () => import('../features/brief/BriefView.vue'),
  rank: () => import('../features/rank/RankView.vue'),
  decision: () => import('../features/decision/DecisionView.vue'),
  shape: () => import('../features/shape/ShapeView.vue'),
  warp: () => import('../features/warp/WarpView.vue'),
  card: () => import('../features/card/CardView.vue'),
  trial: () => import('../features/trial/TrialView.vue'),
  library: () => import('../features/library/LibraryView.vue'),
  family: () => import('../features/library/FamilyView.vue'),
  workshop: () => import('../features/workshop/WorkshopView.vue'),
  printers: () => import('../features/workshop/PrintersView.vue'),
  spools: () => import('../features/workshop/SpoolsView.vue'),
  upgrades: () => import('../features/workshop/UpgradesView.vue'),
  bench: () => import('../features/bench/BenchView.vue'),
  fix: () => import('../features/fix/FixView.vue'),
  drills: () => import('../features/drills/DrillsView.vue'),
  service: () => import('../features/service/ServiceView.vue'),
  place: () => import('../features/service/PlaceView.vue'),
  placed: () => import('../features/service/PlacedView.vue'),
  look: () => import('../features/service/LookView.vue'),
  phones: () => import('../features/service/PhonesView.vue'),
  pair: () => import('../features/service/PairView.vue'),
  labels: () => import('../features/service/LabelsView.vue'),
  code: () => import('../features/service/CodeView.vue'),
  settings: () => import('../features/settings/SettingsView.vue'),
  missing: () => import('./MissingView.vue'),
};

const routes: RouteRecordRaw[] = [
  { path: '/', redirect: '/parts' },
  { path: '/parts', component: PartsView, meta: { title: 'Parts' } },
  {
    path: '/parts/:id',
    component: pages.part,
    props: true,
    children: [
      { path: '', redirect: to => `/parts/${String(to.params.id)}/brief` },
      { path: 'brief', component: pages.brief, meta: { title: 'Brief' } },
      { path: 'rank', component: pages.rank, meta: { title: 'Rank' } },
      { path: 'decision', component: pages.decision, meta: { title: 'Decision' } },
      { path: 'shape', component: pages.shape, meta: { title: 'Shape' } },
      { path: 'warp', component: pages.warp, meta: { title: 'Warp' } },
      { path: 'card', component: pages.card, meta: { title: 'Print card' } },
      { path: 'trial', component: pages.trial, meta: { title: 'Trial' } },
    ],
  },
  { path: '/library', component: pages.library, meta: { title: 'Library' } },
  { path: '/library/:family', component: pages.family, props: true, meta: { title: 'Family' } },
  {
    path: '/workshop',
    component: pages.workshop,
    children: [
      { path: '', component: pages.printers, meta: { title: 'Printers' } },
      { path: 'spools', component: pages.spools, meta: { title: 'Shelf' } },
      { path: 'upgrades', component: pages.upgrades, meta: { title: 'Upgrades' } },
      { path: 'bench', component: pages.bench, meta: { title: 'Bench' } },
    ],
  },
  { path: '/fix', component: pages.fix, meta: { title: 'Fix' } },
  { path: '/drills', component: pages.drills, meta: { title: 'Drills' } },
  { path: '/service', component: pages.service, meta: { title: 'Service' } },
  { path: '/service/new', component: pages.place, meta: { title: 'Place a part' } },
  { path: '/service/labels', component: pages.labels, meta: { title: 'Labels' } },
  { path: '/service/phones', component: pages.phones, meta: { title: 'Phones' } },
  { path: '/pair', component: pages.pair, meta: { title: 'Pair this phone' } },
  { path: '/service/:id', component: pages.placed, props: true, meta: { title: 'In service' } },
  { path: '/service/:id/edit', component: pages.place, props: true, meta: { title: 'Change a part' } },
  { path: '/service/:id/look', component: pages.look, props: true, meta: { title: 'A look' } },
  { path: '/s/:code', component: pages.code, props: true, meta: { title: 'By its tag' } },
  { path: '/settings', component: pages.settings, meta: { title: 'Settings' } },
  { path: '/:missing(.*)*', component: pages.missing, meta: { title: 'Not here' } },
];

/** Where each page was scrolled to, by its place in the history: the page scrolls inside `main`, not the window. */
const scrolled = new Map<string, number>();
const main = (): HTMLElement | null => document.getElementById('main');

/** Pages. Those of one part share its shell: rail, verdict bar, autosave. */
export const router = createRouter({
  history: createWebHistory(),
  routes,
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

const PREFETCH_AFTER_MS = 3000;
/**
 * Fetches every other page's script, once the browser has nothing better to do: a page must open even while the
 * server is away.
 */
export async function prefetchPages(): Promise<void> {
  // Not in the way of the page that was asked for: its own data come first.
  await new Promise(resolve => setTimeout(resolve, PREFETCH_AFTER_MS));
  for (const load of Object.values(pages)) {
    await new Promise<void>(resolve => {
      // Without a limit: a machine that is busy with what was asked for is not made busier.
      if ('requestIdleCallback' in window) requestIdleCallback(() => resolve());
      else setTimeout(resolve, 300);
    });
    await load().catch(() => undefined);
  }
}
