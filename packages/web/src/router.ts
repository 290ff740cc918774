import { createRouter, createWebHistory } from 'vue-router';
import BriefView from './views/BriefView.vue';
import DecisionView from './views/DecisionView.vue';
import FamilyView from './views/FamilyView.vue';
import LibraryView from './views/LibraryView.vue';
import MissingView from './views/MissingView.vue';
import PartShell from './views/PartShell.vue';
import PartsView from './views/PartsView.vue';
import PrintersView from './views/PrintersView.vue';
import RankView from './views/RankView.vue';
import SettingsView from './views/SettingsView.vue';
import SpoolsView from './views/SpoolsView.vue';
import UpgradesView from './views/UpgradesView.vue';
import WorkshopView from './views/WorkshopView.vue';

// Imported at once, not when visited: a page must open even while the server is away, to say so.

/** Pages. Those of one part share its shell: rail, verdict bar, autosave. */
export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
  routes: [
    { path: '/', redirect: '/parts' },
    { path: '/parts', component: PartsView, meta: { title: 'Parts' } },
    {
      path: '/parts/:id',
      component: PartShell,
      props: true,
      children: [
        { path: '', redirect: to => `/parts/${String(to.params.id)}/brief` },
        { path: 'brief', component: BriefView, meta: { title: 'Brief' } },
        { path: 'rank', component: RankView, meta: { title: 'Rank' } },
        { path: 'decision', component: DecisionView, meta: { title: 'Decision' } },
      ],
    },
    { path: '/library', component: LibraryView, meta: { title: 'Library' } },
    { path: '/library/:family', component: FamilyView, props: true, meta: { title: 'Family' } },
    {
      path: '/workshop',
      component: WorkshopView,
      children: [
        { path: '', component: PrintersView, meta: { title: 'Printers' } },
        { path: 'spools', component: SpoolsView, meta: { title: 'Shelf' } },
        { path: 'upgrades', component: UpgradesView, meta: { title: 'Upgrades' } },
      ],
    },
    { path: '/settings', component: SettingsView, meta: { title: 'Settings' } },
    { path: '/:missing(.*)*', component: MissingView, meta: { title: 'Not here' } },
  ],
});

router.afterEach(to => {
  document.title = `${String(to.meta.title ?? '')} · Hornblende`;
});
