import { parseBrief, type Brief } from '@hornblende/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api, ApiError, type Part, type PartChange } from '../api/client';
import { setAt } from './set-at';

/** What is edited and undone as one. */
export interface DraftContent {
  brief: Brief;
  given: object;
  printerId: string | null;
  weatherId: string | null;
}
export type SaveState = 'saved' | 'waiting' | 'saving' | 'failed' | 'conflict';

const JOURNAL = 'hornblende-draft-';
const UNDO_DEPTH = 200;

function contentOf(part: Part): DraftContent {
  return { brief: part.brief, given: part.given, printerId: part.printerId, weatherId: part.weatherId };
}

/**
 * The part being worked on: its content, undo history and saved state. Content is replaced, never changed in place,
 * so that the ranking can compare by identity and undo is a list of references.
 */
export const useDraft = defineStore('draft', () => {
  const id = ref<string | null>(null);
  const revision = ref(0);
  const content = shallowRef<DraftContent | null>(null);
  const past = shallowRef<DraftContent[]>([]);
  const future = shallowRef<DraftContent[]>([]);
  const saveState = ref<SaveState>('saved');
  const saveError = ref('');
  const theirs = shallowRef<Part | null>(null);
  const loadError = ref('');
  let saving: Promise<void> | null = null;
  let lastField = '';

  const brief = computed(() => content.value?.brief ?? null);

  async function open(partId: string): Promise<void> {
    if (id.value === partId && content.value) return;
    await flush();
    id.value = partId;
    content.value = null;
    loadError.value = '';
    theirs.value = null;
    try {
      const part = await api.part(partId);
      if (id.value !== partId) return;
      adopt(part);
      recover(part);
    } catch (e) {
      loadError.value =
        e instanceof ApiError && e.status === 404 ? 'This part does not exist.' : (e as Error).message;
    }
  }

  function adopt(part: Part): void {
    revision.value = part.revision;
    past.value = [];
    future.value = [];
    saveState.value = 'saved';
    theirs.value = null;
    content.value = contentOf(part);
    lastField = '';
  }

  /** Brings back what was typed but not saved when the page went away. */
  function recover(part: Part): void {
    const kept = localStorage.getItem(JOURNAL + part.id);
    if (!kept) return;
    try {
      const journal = JSON.parse(kept) as DraftContent & { revision: number };
      const restored: DraftContent = {
        brief: parseBrief(journal.given),
        given: journal.given,
        printerId: journal.printerId,
        weatherId: journal.weatherId,
      };
      if (
        JSON.stringify([restored.given, restored.printerId, restored.weatherId]) ===
        JSON.stringify([part.given, part.printerId, part.weatherId])
      ) {
        clearJournal();
        return;
      }
      const server = content.value;
      content.value = restored;
      if (journal.revision === part.revision) {
        if (server) past.value = [server];
        saveState.value = 'waiting';
      } else {
        theirs.value = part;
        saveState.value = 'conflict';
      }
    } catch {
      clearJournal();
    }
  }

  function clearJournal(): void {
    if (id.value) localStorage.removeItem(JOURNAL + id.value);
  }

  /** Replaces the content as one step of undo; steps on the same field in a row are one. */
  function replace(next: DraftContent, field = ''): void {
    const now = content.value;
    if (!now) return;
    if (!field || field !== lastField || !past.value.length)
      past.value = [...past.value.slice(-UNDO_DEPTH), now];
    lastField = field;
    future.value = [];
    put(next);
  }

  /** Sets one field of the brief by its path, e.g. "heat.ambientMaxC". */
  function set(path: string, value: unknown): void {
    if (content.value)
      replace(
        {
          ...content.value,
          brief: setAt(content.value.brief, path, value),
          given: setAt(content.value.given, path, value),
        },
        path,
      );
  }

  function setPrinter(printerId: string | null): void {
    if (content.value) replace({ ...content.value, printerId }, 'printerId');
  }

  /** The weather that the brief's own climate means; naming it makes the climate its own. */
  function setWeather(weatherId: string): void {
    const now = content.value;
    if (now)
      replace({
        ...now,
        weatherId,
        brief: setAt(now.brief, 'heat.climate', 'own'),
        given: setAt(now.given, 'heat.climate', 'own'),
      });
  }

  function undo(): void {
    step(past, future);
  }
  function redo(): void {
    step(future, past);
  }
  function step(from: typeof past, to: typeof past): void {
    const target = from.value.at(-1);
    const now = content.value;
    if (!target || !now) return;
    from.value = from.value.slice(0, -1);
    to.value = [...to.value, now];
    lastField = '';
    put(target);
  }

  function put(next: DraftContent): void {
    content.value = next;
    if (id.value)
      localStorage.setItem(JOURNAL + id.value, JSON.stringify({ ...next, revision: revision.value }));
    if (saveState.value !== 'conflict') saveState.value = 'waiting';
  }

  /** Saves what waits; several calls at once become one after the other. */
  async function flush(keepalive = false): Promise<void> {
    while (saving) await saving;
    if (!id.value || !content.value || (saveState.value !== 'waiting' && saveState.value !== 'failed'))
      return;
    saving = save(id.value, content.value, keepalive);
    await saving;
    saving = null;
  }

  async function save(partId: string, what: DraftContent, keepalive: boolean): Promise<void> {
    saveState.value = 'saving';
    try {
      const change: PartChange = {
        brief: what.given,
        printerId: what.printerId,
        weatherId: what.weatherId,
        revision: revision.value,
      };
      const part = await api.savePart(partId, change, keepalive);
      if (id.value !== partId) return;
      revision.value = part.revision;
      if (content.value === what) {
        saveState.value = 'saved';
        clearJournal();
      } else put(content.value ?? what);
    } catch (e) {
      saveError.value = (e as Error).message;
      if (e instanceof ApiError && e.status === 409) {
        theirs.value = e.body.current as Part;
        saveState.value = 'conflict';
      } else saveState.value = 'failed';
    }
  }

  /**
   * Ends a conflict: keeps what is here, over what was saved elsewhere, or takes that. Either way the other
   * stays one undo away.
   */
  async function resolve(keep: 'mine' | 'theirs'): Promise<void> {
    const other = theirs.value;
    const mine = content.value;
    if (!other || !mine) return;
    revision.value = other.revision;
    theirs.value = null;
    const otherContent = contentOf(other);
    if (keep === 'mine') {
      past.value = [...past.value, otherContent];
      saveState.value = 'waiting';
      await flush();
    } else {
      past.value = [...past.value, mine];
      content.value = otherContent;
      saveState.value = 'saved';
      clearJournal();
    }
  }

  /** Looks whether another tab saved; silent when nothing here waits to be saved. */
  async function refresh(): Promise<boolean> {
    if (!id.value || saveState.value !== 'saved') return false;
    const part = await api.part(id.value).catch(() => null);
    if (!part || part.id !== id.value || part.revision <= revision.value || saveState.value !== 'saved')
      return false;
    adopt(part);
    return true;
  }

  /** Replaces the whole brief, e.g. from a file. @throws InputError */
  function load(plain: unknown): void {
    if (content.value) replace({ ...content.value, brief: parseBrief(plain), given: plain as object });
  }

  return {
    id,
    revision,
    content,
    brief,
    past,
    future,
    saveState,
    saveError,
    theirs,
    loadError,
    open,
    set,
    setPrinter,
    setWeather,
    replace,
    undo,
    redo,
    flush,
    resolve,
    refresh,
    load,
  };
});
