import type { PlacedRow, PlacedTable, PlacedVerdict } from '@hornblende/core/tables';
import { computed, ref, shallowRef, watch, type ComputedRef, type Ref, type ShallowRef } from 'vue';
import { problemLines } from '../../api/problem-lines';
import { useLibrary } from '../../stores/library';
import { useService } from '../../stores/service';
import { useJob } from '../../workers/useJob';

/** A table of parts in service on its way in. */
export interface PlacedImporting {
  /** What was typed or pasted. */
  text: Ref<string>;
  /** Whose records they are; empty for one’s own. */
  origin: Ref<string>;
  /** How much somebody else’s count, 0 to 1. */
  weight: Ref<number>;
  table: ShallowRef<PlacedTable | null>;
  counts: ComputedRef<Record<PlacedVerdict, number>>;
  /** Rows that cannot be read first, then doubles, then those that are taken. */
  rows: ComputedRef<PlacedRow[]>;
  isReading: ComputedRef<boolean>;
  isWriting: Ref<boolean>;
  problems: Ref<string[]>;
  /** The parts that were placed; null before that. */
  placed: ShallowRef<string[] | null>;
  readFile: (file: File) => Promise<void>;
  write: () => Promise<void>;
  undo: () => Promise<string>;
  cancel: () => void;
}

/** What somebody else wrote down counts half unless they say otherwise. */
const OTHERS_COUNT = 0.5;
const order: readonly PlacedVerdict[] = ['reject', 'double', 'add'];

/** Reads a paste or a file of placed parts, shows what each row would become, and places them: all or none. */
export function usePlacedImport(): PlacedImporting {
  const service = useService();
  const library = useLibrary();
  const job = useJob('placed');
  const text = ref('');
  const origin = ref('');
  const weight = ref(OTHERS_COUNT);
  const bytes = shallowRef<Uint8Array | null>(null);
  const problems = ref<string[]>([]);
  const placed = shallowRef<string[] | null>(null);
  const isWriting = ref(false);
  let abort: AbortController | null = null;

  watch(text, typed => (bytes.value = typed.trim() ? new TextEncoder().encode(typed) : null));
  watch([bytes, origin, weight], () => {
    problems.value = [];
    if (!bytes.value) {
      job.cancel();
      job.answer.value = null;
      return;
    }
    job.ask({
      bytes: bytes.value.slice(),
      existing: service.list.map(({ placement: { name, since, place } }) => ({
        ...{ name, since, place: { ...place } },
      })),
      grades: [...library.grades.values()].map(({ grade: { key, name } }) => ({ key, name })),
      origin: origin.value.trim(),
      weight: origin.value.trim() ? weight.value : 1,
      today: new Date().toISOString().slice(0, 10),
    });
  });
  watch(job.failed, why => {
    if (why) problems.value = [`It could not be read: ${why}`];
  });
  const counts = computed(() => {
    const n: Record<PlacedVerdict, number> = { add: 0, double: 0, reject: 0 };
    for (const r of job.answer.value?.rows ?? []) n[r.verdict]++;
    return n;
  });
  async function write(): Promise<void> {
    const parts = (job.answer.value?.rows ?? []).flatMap(({ verdict, placement, looks }) =>
      verdict === 'add' && placement ? [{ placement, looks }] : [],
    );
    const mine = new AbortController();
    abort = mine;
    isWriting.value = true;
    try {
      placed.value = await service.importAll(parts, mine.signal);
    } catch (e) {
      problems.value = mine.signal.aborted ? ['It was stopped; nothing was placed.'] : problemLines(e);
    } finally {
      isWriting.value = false;
    }
  }
  async function undo(): Promise<string> {
    const left = await service.undoImport(placed.value ?? []);
    placed.value = null;
    return left ? `Taken back, but for ${left} that were touched since.` : 'The parts are taken back.';
  }
  return {
    text,
    origin,
    weight,
    table: job.answer,
    counts,
    rows: computed(() =>
      [...(job.answer.value?.rows ?? [])].sort(
        (a, b) => order.indexOf(a.verdict) - order.indexOf(b.verdict) || a.line - b.line,
      ),
    ),
    isReading: computed(() => job.progress.value !== null),
    isWriting,
    problems,
    placed,
    readFile: async file => {
      bytes.value = new Uint8Array(await file.arrayBuffer());
    },
    write,
    undo,
    cancel: () => {
      job.cancel();
      abort?.abort();
    },
  };
}
