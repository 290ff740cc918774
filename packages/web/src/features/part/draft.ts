import { onceSaid, parseBrief, type Part } from '@hornblende/core';
import { defineStore, storeToRefs } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api, ApiError } from '../../api/client';
import { useCurrentPart } from '../../stores/current-part';
import { contentOf, sameContent, type DraftContent } from './content';
import { useContentHistory } from './history';
import { clearJournal, readJournal, writeJournal } from './journal';
import { setAt } from './set-at';

/** How what is here stands to what is saved. */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'failed' | 'conflict';

/**
 * The part being worked on: its content, undo history and saved state. Content is replaced, never changed in place, so
 * that the ranking can compare by identity and undo is a list of references.
 */
export const useDraft = defineStore('draft', () => {
  const { id, name } = storeToRefs(useCurrentPart());
  const revision = ref(0);
  const content = shallowRef<DraftContent | null>(null);
  const history = useContentHistory(content);
  const saveState = ref<SaveState>('saved');
  const saveError = ref('');
  const theirs = shallowRef<Part | null>(null);
  const loadError = ref('');
  let saving: Promise<void> | null = null;

  const brief = computed(() => content.value?.brief ?? null);

  /** Opens a part, once what is here is saved. */
  async function open(partId: string): Promise<void> {
    if (id.value === partId && content.value) return;
    await flush();
    id.value = partId;
    content.value = null;
    name.value = '';
    loadError.value = '';
    theirs.value = null;
    try {
      const part = await api.part(partId);
      if (id.value !== partId) return;
      adopt(part);
      recover(part);
    } catch (e) {
      const gone = e instanceof ApiError && e.status === 404;
      loadError.value = gone ? 'This part does not exist.' : (e as Error).message;
    }
  }

  function show(next: DraftContent): void {
    content.value = next;
    name.value = next.brief.name;
  }

  function adopt(part: Part): void {
    revision.value = part.revision;
    saveState.value = 'saved';
    theirs.value = null;
    show(contentOf(part));
    history.reset();
  }

  /** Brings back what was typed but not saved when the page went away. */
  function recover(part: Part): void {
    const kept = readJournal(part.id);
    if (!kept) return;
    if (sameContent(kept.content, part)) {
      clearJournal(part.id);
      return;
    }
    show(kept.content);
    if (kept.revision === part.revision) {
      history.note();
      saveState.value = 'waiting';
    } else {
      theirs.value = part;
      saveState.value = 'conflict';
    }
  }

  /** Replaces the content as one step of undo; steps on the same field in a row are one. */
  function replace(next: DraftContent, field = ''): void {
    if (!content.value) return;
    put(next);
    history.note(field);
  }

  /** Sets one field of the brief by its path, e.g. "heat.ambientMaxC". */
  function set(path: string, value: unknown): void {
    const now = content.value;
    if (!now) return;
    const said = <T extends object>(of: T): T => onceSaid(of, setAt(of, path, value), path);
    replace({ ...now, brief: said(now.brief), given: said(now.given) }, path);
  }

  /** Sets the printer that the part is meant for. */
  function setPrinter(printerId: string | null): void {
    if (content.value) replace({ ...content.value, printerId }, 'printerId');
  }

  /** The weather that the brief's own climate means; naming it makes the climate its own. */
  function setWeather(weatherId: string): void {
    const now = content.value;
    if (!now) return;
    replace({
      ...now,
      weatherId,
      brief: setAt(now.brief, 'heat.climate', 'own'),
      given: setAt(now.given, 'heat.climate', 'own'),
    });
  }

  /** Replaces the whole brief, e.g. from a file. @throws InputError */
  function load(plain: unknown): void {
    if (content.value) replace({ ...content.value, brief: parseBrief(plain), given: plain as object });
  }

  /** Takes the last step back. */
  function undo(): void {
    if (!history.canUndo.value) return;
    history.undo();
    if (content.value) put(content.value);
  }
  /** Takes an undone step again. */
  function redo(): void {
    if (!history.canRedo.value) return;
    history.redo();
    if (content.value) put(content.value);
  }

  function put(next: DraftContent): void {
    show(next);
    if (id.value) writeJournal(id.value, { content: next, revision: revision.value });
    if (saveState.value !== 'conflict') saveState.value = 'waiting';
  }

  /** Saves what waits; several calls at once become one after the other. */
  async function flush(keepalive = false): Promise<void> {
    while (saving) await saving;
    const waits = saveState.value === 'waiting' || saveState.value === 'failed';
    if (!id.value || !content.value || !waits) return;
    saving = save(id.value, content.value, keepalive);
    await saving;
    saving = null;
  }

  async function save(partId: string, what: DraftContent, keepalive: boolean): Promise<void> {
    saveState.value = 'saving';
    const { given, printerId, weatherId } = what;
    try {
      const change = { brief: given, printerId, weatherId, revision: revision.value };
      const part = await api.savePart(partId, change, keepalive);
      if (id.value !== partId) return;
      revision.value = part.revision;
      if (content.value === what) {
        saveState.value = 'saved';
        clearJournal(partId);
      } else put(content.value ?? what);
    } catch (e) {
      saveError.value = (e as Error).message;
      const stale = e instanceof ApiError && e.status === 409;
      if (stale) theirs.value = e.body.current as Part;
      saveState.value = stale ? 'conflict' : 'failed';
    }
  }

  /**
   * Ends a conflict: keeps what is here, over what was saved elsewhere, or takes that. Either way the other stays one
   * undo away.
   */
  async function resolve(keep: 'mine' | 'theirs'): Promise<void> {
    const other = theirs.value;
    const mine = content.value;
    if (!other || !mine || !id.value) return;
    revision.value = other.revision;
    theirs.value = null;
    if (keep === 'mine') {
      history.putBehind(contentOf(other));
      saveState.value = 'waiting';
      await flush();
      return;
    }
    show(contentOf(other));
    history.putBehind(mine);
    saveState.value = 'saved';
    clearJournal(id.value);
  }

  /** Looks whether another tab saved; silent when something here waits to be saved. @returns whether it did */
  async function refresh(): Promise<boolean> {
    if (!id.value || saveState.value !== 'saved') return false;
    const part = await api.part(id.value).catch(() => null);
    const newer = part !== null && part.id === id.value && part.revision > revision.value;
    if (!newer || saveState.value !== 'saved') return false;
    adopt(part);
    return true;
  }

  return {
    id,
    revision,
    content,
    brief,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
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
