import type { Component } from 'vue';

/** A page: where it is, what it is called, and how one gets there. */
export interface Page {
  /** Its address; of a part's pages and of the workshop's, what comes after the part or the workshop. */
  path: string;
  title: string;
  /**
   * Its script, fetched when it is visited, or before by `prefetchPages`; none of the first page, which comes with
   * the application itself.
   */
  load?: () => Promise<{ default: Component }>;
  /** Whether it takes what stands in its address as props. */
  props?: true;
  /** Its name in the rail; not there without one. */
  rail?: string;
  /** The key after `g` that leads to it, and where the list of shortcuts says it leads. */
  key?: { letter: string; to: string };
  /** The chapter of the guide that tells of it. */
  chapter: string;
}

/** The pages of a part, in the order of the work. */
export const partPages: readonly Page[] = [
  {
    path: 'brief',
    title: 'Brief',
    load: () => import('../features/brief/BriefView.vue'),
    rail: 'Brief',
    key: { letter: 'b', to: 'this part’s brief' },
    chapter: 'The brief',
  },
  {
    path: 'rank',
    title: 'Rank',
    load: () => import('../features/rank/RankView.vue'),
    rail: 'Rank',
    key: { letter: 'r', to: 'this part’s ranking' },
    chapter: 'The ranking',
  },
  {
    path: 'decision',
    title: 'Decision',
    load: () => import('../features/decision/DecisionView.vue'),
    rail: 'Decision',
    key: { letter: 'd', to: 'this part’s decision' },
    chapter: 'The decision',
  },
  {
    path: 'shape',
    title: 'Shape',
    load: () => import('../features/shape/ShapeView.vue'),
    rail: 'Shape',
    key: { letter: 's', to: 'this part’s shape' },
    chapter: 'Shape',
  },
  {
    path: 'warp',
    title: 'Warp',
    load: () => import('../features/warp/WarpView.vue'),
    rail: 'Warp',
    key: { letter: 'a', to: 'this part’s warp' },
    chapter: 'Warp',
  },
  {
    path: 'card',
    title: 'Print card',
    load: () => import('../features/card/CardView.vue'),
    rail: 'Print card',
    key: { letter: 'c', to: 'this part’s print card' },
    chapter: 'The print card',
  },
  {
    path: 'trial',
    title: 'Trial',
    load: () => import('../features/trial/TrialView.vue'),
    rail: 'Trial',
    key: { letter: 't', to: 'this part’s trial' },
    chapter: 'Trial',
  },
];

/** The pages of the workshop. */
export const workshopPages: readonly Page[] = [
  {
    path: '',
    title: 'Printers',
    load: () => import('../features/workshop/PrintersView.vue'),
    chapter: 'The workshop',
  },
  {
    path: 'spools',
    title: 'Shelf',
    load: () => import('../features/workshop/SpoolsView.vue'),
    chapter: 'The workshop',
  },
  {
    path: 'upgrades',
    title: 'Upgrades',
    load: () => import('../features/workshop/UpgradesView.vue'),
    chapter: 'The workshop',
  },
  {
    path: 'bench',
    title: 'Bench',
    load: () => import('../features/bench/BenchView.vue'),
    chapter: 'The bench',
  },
];

/** What the pages of a part, and those of the workshop, stand in. */
export const shells = {
  part: () => import('../features/part/PartShell.vue'),
  workshop: () => import('../features/workshop/WorkshopView.vue'),
};

/** Every other page; those in the rail in its order. */
export const pages: readonly Page[] = [
  {
    path: '/parts',
    title: 'Parts',
    rail: 'Parts',
    key: { letter: 'p', to: 'the parts' },
    chapter: 'The brief',
  },
  {
    path: '/service',
    title: 'Service',
    load: () => import('../features/service/ServiceView.vue'),
    rail: 'Service',
    key: { letter: 'v', to: 'what is in service' },
    chapter: 'Service',
  },
  {
    path: '/fix',
    title: 'Fix',
    load: () => import('../features/fix/FixView.vue'),
    rail: 'Fix',
    key: { letter: 'f', to: 'fixing a print' },
    chapter: 'Fix',
  },
  {
    path: '/drills',
    title: 'Drills',
    load: () => import('../features/drills/DrillsView.vue'),
    rail: 'Drills',
    key: { letter: 'q', to: 'the drills' },
    chapter: 'Drills',
  },
  {
    path: '/library',
    title: 'Library',
    load: () => import('../features/library/LibraryView.vue'),
    rail: 'Library',
    key: { letter: 'l', to: 'the library' },
    chapter: 'The library',
  },
  {
    path: '/chooser',
    title: 'What to reach for',
    load: () => import('../features/chooser/ChooserView.vue'),
    key: { letter: 'o', to: 'what to reach for' },
    chapter: 'The library',
  },
  {
    path: '/library/:family',
    title: 'Family',
    load: () => import('../features/library/FamilyView.vue'),
    props: true,
    chapter: 'The library',
  },
  {
    path: '/workshop',
    title: 'Workshop',
    load: shells.workshop,
    rail: 'Workshop',
    key: { letter: 'w', to: 'the workshop' },
    chapter: 'The workshop',
  },
  {
    path: '/settings',
    title: 'Settings',
    load: () => import('../features/settings/SettingsView.vue'),
    rail: 'Settings',
    chapter: 'Safe keeping',
  },
  {
    path: '/service/new',
    title: 'Place a part',
    load: () => import('../features/service/PlaceView.vue'),
    chapter: 'Service',
  },
  {
    path: '/service/labels',
    title: 'Labels',
    load: () => import('../features/service/LabelsView.vue'),
    chapter: 'Service',
  },
  {
    path: '/service/phones',
    title: 'Phones',
    load: () => import('../features/service/PhonesView.vue'),
    chapter: 'Service',
  },
  {
    path: '/service/bench',
    title: 'Read a trial',
    load: () => import('../features/trial/OpenTrialView.vue'),
    chapter: 'Trial',
  },
  {
    path: '/pair',
    title: 'Pair this phone',
    load: () => import('../features/service/PairView.vue'),
    chapter: 'Service',
  },
  {
    path: '/service/:id',
    title: 'In service',
    load: () => import('../features/service/PlacedView.vue'),
    props: true,
    chapter: 'Service',
  },
  {
    path: '/service/:id/edit',
    title: 'Change a part',
    load: () => import('../features/service/PlaceView.vue'),
    props: true,
    chapter: 'Service',
  },
  {
    path: '/service/:id/look',
    title: 'A look',
    load: () => import('../features/service/LookView.vue'),
    props: true,
    chapter: 'Service',
  },
  {
    path: '/s/:code',
    title: 'By its tag',
    load: () => import('../features/service/CodeView.vue'),
    props: true,
    chapter: 'Service',
  },
  {
    path: '/:missing(.*)*',
    title: 'Not here',
    load: () => import('./MissingView.vue'),
    chapter: 'The brief',
  },
];
