import type { Decision, DecisionSummary } from '@hornblende/core/api';
import { ref, shallowRef, type Ref, type ShallowRef } from 'vue';
import { api } from '../../api/client';
import { useLatestDecisions } from '../../stores/latest-decisions';

/** A part's decisions, newest first; a record is fetched when it is opened. */
export interface Decisions {
  list: ShallowRef<DecisionSummary[]>;
  /** Records that were fetched, by decision. */
  opened: ShallowRef<ReadonlyMap<string, Decision>>;
  state: Ref<'loading' | 'ready' | 'failed'>;
  /** Where the list goes on; null when all of it is here. */
  next: Ref<string | null>;
  load: (partId: string | null) => Promise<void>;
  loadMore: () => Promise<void>;
  open: (decision: DecisionSummary) => Promise<void>;
  /** Takes over a decision that was withdrawn. */
  withdrawn: (changed: Decision) => void;
}

/** The decisions of one part. */
export function useDecisions(): Decisions {
  const latest = useLatestDecisions();
  const list = shallowRef<DecisionSummary[]>([]);
  const opened = shallowRef<ReadonlyMap<string, Decision>>(new Map());
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  const next = ref<string | null>(null);
  let part = '';

  async function load(partId: string | null): Promise<void> {
    if (!partId) return;
    part = partId;
    state.value = 'loading';
    try {
      const page = await api.decisions(partId, null);
      // Another part may have been chosen meanwhile.
      if (part !== partId) return;
      list.value = page.items;
      latest.note(partId, page.items);
      next.value = page.next;
      // The newest that stands is what the page is about.
      const standing = page.items.find(d => d.withdrawn === null);
      if (standing) await open(standing);
      if (part === partId) state.value = 'ready';
    } catch {
      if (part === partId) state.value = 'failed';
    }
  }
  async function loadMore(): Promise<void> {
    if (next.value === null) return;
    const of = part;
    const page = await api.decisions(of, next.value);
    if (part !== of) return;
    list.value = [...list.value, ...page.items];
    next.value = page.next;
  }
  async function open(decision: DecisionSummary): Promise<void> {
    if (opened.value.has(decision.id)) return;
    const whole = await api.decision(decision.partId, decision.id);
    opened.value = new Map(opened.value).set(decision.id, whole);
  }
  function withdrawn(changed: Decision): void {
    opened.value = new Map(opened.value).set(changed.id, changed);
    list.value = list.value.map(d => (d.id === changed.id ? { ...d, withdrawn: changed.withdrawn } : d));
    latest.note(changed.partId, list.value);
  }
  return { list, opened, state, next, load, loadMore, open, withdrawn };
}
