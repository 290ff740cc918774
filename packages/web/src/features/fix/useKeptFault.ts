import type { StoredFault } from '@hornblende/core/api';
import { isSeenAlike } from '@hornblende/core/triage';
import { useIntervalFn, watchDebounced } from '@vueuse/core';
import { ref, watch, type Ref } from 'vue';
import { useFaults } from '../../stores/faults';
import { isBegun } from './fix-sheet';
import type { LiveFix } from './useFix';

/** A pause after a press, before the fault is sent, ms. */
const REST_MS = 700;
/** How often what waits is tried again, ms. */
const AGAIN_MS = 15_000;

/** How the fault in hand stands to what the workshop has. */
export type FaultKept = 'nothing yet' | 'saving' | 'kept' | 'found' | 'waiting';

/**
 * Keeps the fault in hand in the workshop while it is open, so that it is gone on with at another desk or on a phone.
 * What cannot be sent stays in the browser, and is tried again.
 */
export function useKeptFault(fix: LiveFix): Ref<FaultKept> {
  const faults = useFaults();
  const state = ref<FaultKept>('nothing yet');
  /** What was last kept, so that opening the page again sends nothing. */
  let sent = '';
  let running: Promise<void> = Promise.resolve();
  const said = (): string => JSON.stringify({ ...fix.fault.value, history: {} });

  /** What another desk saw and tried joins what is in hand; not while something is pressed, which comes first. */
  function takeOver(kept: StoredFault, content: string): void {
    if (said() !== content) return;
    const { symptoms: seen, absent, tried } = kept.fault;
    fix.put({ seen, absent, tried });
    faults.takenOver(kept);
    sent = said();
  }

  async function save(): Promise<void> {
    if (faults.state !== 'ready') await faults.load().catch(() => undefined);
    const sheet = fix.sheet.value;
    const before = faults.list.find(f => f.id === sheet.id);
    // One that was found meanwhile, here or elsewhere, is not opened again by a late press.
    if (before && before.fault.end !== null) {
      state.value = 'found';
      return;
    }
    if (!isBegun(sheet)) {
      state.value = 'nothing yet';
      // All that was pressed is taken back: nothing is left to go on with. A phone may not remove it, and leaves it.
      if (before) await faults.remove(before.id).catch(() => undefined);
      return;
    }
    const content = said();
    if (content === sent) {
      state.value = 'kept';
      return;
    }
    const id = sheet.id || crypto.randomUUID();
    if (!sheet.id) fix.put({ id });
    const at = before?.fault.at ?? new Date().toISOString();
    state.value = 'saving';
    try {
      const whole = { ...fix.fault.value, history: {}, at };
      const kept = await faults.keep(id, whole);
      sent = content;
      if (kept.fault.end === null && !isSeenAlike(kept.fault, whole)) takeOver(kept, content);
      state.value = kept.fault.end === null ? 'kept' : 'found';
    } catch {
      state.value = 'waiting';
    }
  }
  // Said at the press, and not after the pause: what is called kept is kept.
  watch(said, content => {
    if (content !== sent && isBegun(fix.sheet.value)) state.value = 'saving';
  });
  const saveNext = (): void => {
    running = running.then(save);
  };
  watchDebounced(said, saveNext, { debounce: REST_MS, immediate: true });
  useIntervalFn(() => {
    if (state.value === 'waiting') saveNext();
  }, AGAIN_MS);
  return state;
}
