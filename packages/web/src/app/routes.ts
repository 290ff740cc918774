import type { Component } from 'vue';
import type { RouteRecordRaw } from 'vue-router';
import { pages, partPages, shells, workshopPages, type Page } from './pages';

/** Every address, from the table of pages. @param first the first page, which comes with the application itself */
export function routesWith(first: Component): RouteRecordRaw[] {
  // A page as the router takes it; its chapter of the guide stands with it.
  const route = ({ path, title, load, props, chapter }: Page): RouteRecordRaw => ({
    path,
    component: load ?? first,
    ...(props ? { props } : {}),
    meta: { title, chapter },
  });
  return [
    { path: '/', redirect: '/parts' },
    ...pages.filter(p => p.load !== shells.workshop).map(route),
    {
      path: '/parts/:id',
      component: shells.part,
      props: true,
      children: [
        { path: '', redirect: to => `/parts/${String(to.params.id)}/brief` },
        ...partPages.map(route),
      ],
    },
    { path: '/workshop', component: shells.workshop, children: workshopPages.map(route) },
  ];
}
