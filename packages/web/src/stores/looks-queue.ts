import type { Inspection } from '@hornblende/core/formats';
import { useIntervalFn, useEventListener } from '@vueuse/core';
import { del, get, set } from 'idb-keyval';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { api } from '../api/client';
import { ApiError } from '../api/request';
import { useKept } from './browser-store';

/** A look that the server has not confirmed, and what it said against it, if anything. */
export interface WaitingLook {
  look: Inspection;
  problem: string | null;
}

/** How often what waits is tried again, ms. */
const AGAIN_MS = 15_000;

/** Where a photograph waits in the browser's store, by the name that its look has it under. */
const photoKey = (name: string): string => `hornblende-photo-${name}`;

/**
 * Looks on their way to the server. Each stands in the browser's store before anything is sent, under an id of its
 * own: however often it is sent, it is one look. Photographs go first, then the look that shows them.
 */
export const useLooksQueue = defineStore('looks-queue', () => {
  const kept = useKept<WaitingLook[]>('hornblende-looks-waiting', []);
  /** Names that looks gave their photographs here, and the hashes that the server knows them by. */
  const sentPhotos = useKept<Record<string, string>>('hornblende-photos-sent', {});
  const isAway = ref(false);
  /** Counts up with every look that has arrived, so that lists are renewed. */
  const arrived = ref(0);
  let running: Promise<void> | null = null;

  const waiting = computed(() => kept.value.filter(w => w.problem === null));
  const refused = computed(() => kept.value.filter(w => w.problem !== null));
  const of = (placementId: string): WaitingLook[] =>
    kept.value.filter(w => w.look.placementId === placementId);

  /** Takes a look, with its photographs by the names that it has them under; sends it as soon as may be. */
  async function add(look: Inspection, photos: ReadonlyMap<string, Blob>): Promise<void> {
    for (const [name, photo] of photos) await set(photoKey(name), photo);
    kept.value = [...kept.value, { look, problem: null }];
    void flush();
  }
  /** Gives up a look that the server refused. */
  async function forget(id: string): Promise<void> {
    const gone = kept.value.find(w => w.look.id === id);
    kept.value = kept.value.filter(w => w.look.id !== id);
    for (const photo of gone?.look.photos ?? []) await del(photoKey(photo.sha256));
  }
  /** Tries a look again that the server refused. */
  function retry(id: string): void {
    kept.value = kept.value.map(w => (w.look.id === id ? { ...w, problem: null } : w));
    void flush();
  }

  /** Sends what waits, one after another; where the server is away the rest waits. */
  function flush(): Promise<void> {
    running ??= sendAll().finally(() => (running = null));
    return running;
  }
  async function sendAll(): Promise<void> {
    for (let next = waiting.value[0]; next; next = waiting.value[0]) {
      const { id } = next.look;
      try {
        await send(next.look);
        await forget(id);
        isAway.value = false;
        arrived.value++;
      } catch (e) {
        if (waitsFor(e)) {
          isAway.value = true;
          return;
        }
        const problem = (e as Error).message;
        kept.value = kept.value.map(w => (w.look.id === id ? { ...w, problem } : w));
      }
    }
  }
  /** Sends a look after its photographs. @throws ApiError, PhotoGone */
  async function send(look: Inspection): Promise<void> {
    try {
      await api.sendInspection(await withPhotos(look));
    } catch (e) {
      // The server does not know them any more (an older backup was put in its place): they are sent anew, once.
      if (!lacksPhotos(e) || !look.photos.some(p => sentPhotos.value[p.sha256])) throw e;
      const again = new Set(look.photos.map(p => p.sha256));
      sentPhotos.value = Object.fromEntries(
        Object.entries(sentPhotos.value).filter(([name]) => !again.has(name)),
      );
      await api.sendInspection(await withPhotos(look));
    }
  }
  /** The look with its photographs under the hashes that the server keeps them by. @throws PhotoGone */
  async function withPhotos(look: Inspection): Promise<Inspection> {
    const photos = [];
    for (const photo of look.photos) {
      const known = sentPhotos.value[photo.sha256];
      if (known) {
        photos.push({ ...photo, sha256: known });
        continue;
      }
      const blob = await get<Blob>(photoKey(photo.sha256));
      if (!blob) throw new PhotoGone();
      const { sha256 } = await api.sendPhoto(blob);
      sentPhotos.value = { ...sentPhotos.value, [photo.sha256]: sha256 };
      photos.push({ ...photo, sha256 });
    }
    return { ...look, photos };
  }
  /** Sends a look without those of its photographs that are gone from this browser. */
  async function sendWithout(id: string): Promise<void> {
    const found = kept.value.find(w => w.look.id === id);
    if (!found) return;
    const photos: Inspection['photos'] = [];
    for (const photo of found.look.photos)
      if (sentPhotos.value[photo.sha256] || (await get<Blob>(photoKey(photo.sha256)))) photos.push(photo);
    kept.value = kept.value.map(w => (w.look.id === id ? { look: { ...w.look, photos }, problem: null } : w));
    await flush();
  }

  useEventListener('online', () => void flush());
  useIntervalFn(() => {
    if (waiting.value.length) void flush();
  }, AGAIN_MS);

  return { waiting, refused, isAway, arrived, of, add, forget, retry, sendWithout, flush };
});

/** A photograph that its look names and that this browser no longer has. */
class PhotoGone extends Error {
  constructor() {
    super('A photograph of this look is gone from this browser: send the look without it, or give it up');
  }
}

/** Away, busy, or a phone that is to be paired again: nothing is wrong with the look. */
function waitsFor(e: unknown): boolean {
  if (!(e instanceof ApiError)) return false;
  const { status } = e;
  return status === 0 || status === 401 || status === 429 || status >= 500;
}

function lacksPhotos(e: unknown): boolean {
  return e instanceof ApiError && e.problems.some(p => /\.photos\[\d+\]\.sha256$/.test(p.field));
}
