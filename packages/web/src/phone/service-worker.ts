import { clientsClaim } from 'workbox-core';
import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { CacheFirst, NetworkFirst } from 'workbox-strategies';
import { KEPT_AT, KEPT_LISTS, TAKE_OVER } from './kept-at';

// What a paired phone keeps: its pages, and what it was last told. Opened in a garden without a network it starts, and
// shows the parts as it last saw them; looks wait in the browser's own store, which this does not touch.

/** The files of the pages that phones have, each with what changes when it does. Set by the build. */
declare const PHONE_FILES: { url: string; revision: string | null }[];

/** How long the workshop may take to answer before what was last seen is shown, s. */
const PATIENCE_S = 4;
/** Answers and photographs that are kept. */
const MOST_ANSWERS = 500;
const MOST_PHOTOS = 300;
const ASKED = 'hornblende-asked';
const PHOTOS = 'hornblende-photos';

precacheAndRoute(PHONE_FILES);
cleanupOutdatedCaches();
clientsClaim();
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//] }));

/** Keeps an answer with the moment at which it was given. */
async function dated(response: Response): Promise<Response | null> {
  if (!response.ok) return null;
  const headers = new Headers(response.headers);
  headers.set(KEPT_AT, new Date().toISOString());
  const { status, statusText } = response;
  return new Response(await response.blob(), { status, statusText, headers });
}

/** A phone whose key is withdrawn forgets what it was told. */
async function forgottenIfWithdrawn(response: Response): Promise<Response> {
  if (response.status === 401) await Promise.all([ASKED, PHOTOS].map(name => caches.delete(name)));
  return response;
}

registerRoute(
  ({ url }) => KEPT_LISTS.test(url.pathname),
  new NetworkFirst({
    cacheName: ASKED,
    networkTimeoutSeconds: PATIENCE_S,
    plugins: [
      {
        fetchDidSucceed: ({ response }) => forgottenIfWithdrawn(response),
        cacheWillUpdate: ({ response }) => dated(response),
      },
      new ExpirationPlugin({ maxEntries: MOST_ANSWERS }),
    ],
  }),
);
registerRoute(
  ({ url }) => /^\/api\/photos\/[0-9a-f]{64}$/.test(url.pathname),
  new CacheFirst({ cacheName: PHOTOS, plugins: [new ExpirationPlugin({ maxEntries: MOST_PHOTOS })] }),
);

// A new version takes over when a page that has just been opened says so: nothing is half typed then.
addEventListener('message', event => {
  if (event.data === TAKE_OVER) void (self as unknown as ServiceWorkerGlobalScope).skipWaiting();
});
