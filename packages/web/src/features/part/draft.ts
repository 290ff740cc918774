import type { Part } from '@hornblende/core/api';
import { onceSaid, parseBrief } from '@hornblende/core/brief';
import { defineStore, storeToRefs } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api } from '../../api/client';
import { ApiError } from '../../api/request';
import { useCurrentPart } from '../../stores/current-part';
import { contentOf, sameContent, type DraftContent } from './content';
import { useContentHistory } from './history';
import { clearJournal, readJournal, writeJournal, type FoundEntry } from './journal';
import { setAt } from './set-at';
import { openTabs, tabName } from './tab';

/** How what is here stands to what is saved. */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'failed' | 'conflict';

/** Sends over one revision whose answers are waited for at most; the oldest is forgotten. */
const MOST_SENT = 8;

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
  /** This tab's name, under which it keeps what is typed. */
  let tab = '';
  /** What was sent over the present revision and not answered. */
  let sent: DraftContent[] = [];

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
      const [part, tabs, own] = await Promise.all([api.part(partId), openTabs(), tabName()]);
      if (id.value !== partId) return;
      tab = own;
      adopt(part);
      recover(part, tabs);
    } catch (e) {
      if (id.value !== partId) return;
      const gone = e instanceof ApiError && e.status === 404;
      loadError.value = gone ? 'There is no such part; it may have been removed.' : (e as Error).message;
    }
  }

  function show(next: DraftContent): void {
    content.value = next;
    name.value = next.brief.name;
  }

  function adopt(part: Part): void {
    revision.value = part.revision;
    sent = [];
    saveState.value = 'saved';
    theirs.value = null;
    show(contentOf(part));
    history.reset();
  }

  /**
   * Brings back what was typed but not saved when a page went away: in this tab, or in one that is gone. What a tab
   * that is open has typed is its own. Where several are gone the newest is shown, the others one undo away.
   */
  function recover(part: Part, tabs: ReadonlySet<string>): void {
    const unsaved = readJournal(part.id).filter(found => {
      if (found.tab !== tab && tabs.has(found.tab)) return false;
      const isSaved = sameContent(found.content, part);
      if (isSaved) clearJournal(part.id, found.tab);
      return !isSaved;
    });
    const [newest, ...others] = unsaved;
    if (!newest) return;
    show(newest.content);
    history.note();
    for (const other of others) history.putBehind(other.content);
    for (const { tab: gone } of unsaved) if (gone !== tab) clearJournal(part.id, gone);
    sent = newest.sent;
    if (isFrom(newest, part)) {
      saveState.value = 'waiting';
      keep();
    } else {
      // Kept as it was typed, until somebody has chosen.
      revision.value = newest.revision;
      keep();
      theirs.value = part;
      saveState.value = 'conflict';
    }
  }

  /** Whether what was typed was typed over what is saved: over its revision, or over what this tab saved itself. */
  function isFrom(found: FoundEntry, part: Part): boolean {
    return found.revision === part.revision || found.sent.some(s => sameContent(s, part));
  }

  /** Keeps what is typed in this browser. */
  function keep(): void {
    if (id.value && content.value)
      writeJournal(id.value, tab, {
        content: content.value,
        revision: revision.value,
        sent,
        at: Date.now(),
      });
  }

  /** Replaces the content as one step of undo; steps on the same field in a row are one. */
  function replace(next: DraftContent, field = ''): void {
    if (!content.value) return;
    put(next);
    history.note(field);
  }

  /** Sets one field of the brief by its path, e.g. "heat.ambientMaxC". */
  function set(path: string, value: unknown): void {
    setAll({ [path]: value });
  }
  /** Sets several fields of the brief as one step of undo. */
  function setAll(values: Readonly<Record<string, unknown>>): void {
    const now = content.value;
    if (!now) return;
    const said = <T extends object>(of: T): T =>
      Object.entries(values).reduce(
        (done, [path, value]) => onceSaid(done, setAt(done, path, value), path),
        of,
      );
    replace({ ...now, brief: said(now.brief), given: said(now.given) }, Object.keys(values).join());
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
  function load(plain: unknown, printerId: string | null = content.value?.printerId ?? null): void {
    if (content.value)
      replace({ ...content.value, brief: parseBrief(plain), given: plain as object, printerId });
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
    if (saveState.value !== 'conflict') saveState.value = 'waiting';
    keep();
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
    sent = [...sent.filter(s => s !== what), what].slice(-MOST_SENT);
    keep();
    try {
      const change = { brief: given, printerId, weatherId, revision: revision.value };
      const part = await api.savePart(partId, change, keepalive);
      if (id.value === partId) saved(partId, part, what);
    } catch (e) {
      if (id.value === partId) notSaved(partId, e);
    }
  }

  function saved(partId: string, part: Part, what: DraftContent): void {
    revision.value = part.revision;
    sent = [];
    if (content.value === what) {
      saveState.value = 'saved';
      clearJournal(partId, tab);
    } else put(content.value ?? what);
  }

  function notSaved(partId: string, e: unknown): void {
    saveError.value = (e as Error).message;
    if (!(e instanceof ApiError) || e.status !== 409) {
      saveState.value = 'failed';
      if (e instanceof ApiError && e.status === 400) withoutWhatIsGone(e);
      return;
    }
    const current = e.body.current as Part;
    // An earlier save of this tab arrived, and only its answer did not: that is no conflict.
    const own = sent.find(s => sameContent(s, current));
    if (own) {
      saved(partId, current, own);
      return;
    }
    theirs.value = current;
    saveState.value = 'conflict';
  }

  /** A printer or weather that was removed meanwhile must not keep everything else from being saved. */
  function withoutWhatIsGone({ problems }: ApiError): void {
    const gone = (['printerId', 'weatherId'] as const).filter(f => problems.some(p => p.field === f));
    if (!gone.length || !content.value) return;
    put({ ...content.value, ...Object.fromEntries(gone.map(f => [f, null])) });
    saveState.value = 'waiting';
  }

  /**
   * Ends a conflict: keeps what is here, over what was saved elsewhere, or takes that. Either way the other stays one
   * undo away.
   */
  async function resolve(which: 'mine' | 'theirs'): Promise<void> {
    const other = theirs.value;
    const mine = content.value;
    if (!other || !mine || !id.value) return;
    revision.value = other.revision;
    theirs.value = null;
    sent = [];
    if (which === 'mine') {
      history.putBehind(contentOf(other));
      saveState.value = 'waiting';
      await flush();
      return;
    }
    show(contentOf(other));
    history.putBehind(mine);
    saveState.value = 'saved';
    clearJournal(id.value, tab);
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
    setAll,
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
