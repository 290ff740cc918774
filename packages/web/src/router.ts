import { createRouter, createWebHistory } from 'vue-router';

/** Pages. Those of one part share its shell: rail, verdict bar, autosave. */
export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
  routes: [
    { path: '/', redirect: '/parts' },
    { path: '/parts', component: () => import('./views/PartsView.vue'), meta: { title: 'Parts' } },
    {
      path: '/parts/:id', component: () => import('./views/PartShell.vue'), props: true,
      children: [
        { path: '', redirect: to => `/parts/${String(to.params.id)}/brief` },
        { path: 'brief', component: () => import('./views/BriefView.vue'), meta: { title: 'Brief' } },
        { path: 'rank', component: () => import('./views/RankView.vue'), meta: { title: 'Rank' } },
        { path: 'decision', component: () => import('./views/DecisionView.vue'), meta: { title: 'Decision' } },
      ],
    },
    { path: '/library', component: () => import('./views/LibraryView.vue'), meta: { title: 'Library' } },
    { path: '/library/:family', component: () => import('./views/FamilyView.vue'), props: true, meta: { title: 'Family' } },
    { path: '/workshop', component: () => import('./views/WorkshopView.vue'), meta: { title: 'Workshop' } },
    { path: '/settings', component: () => import('./views/SettingsView.vue'), meta: { title: 'Settings' } },
    { path: '/:missing(.*)*', component: () => import('./views/MissingView.vue'), meta: { title: 'Not here' } },
  ],
});

router.afterEach(to => { document.title = `${String(to.meta.title ?? '')} · Hornblende`; });
