import type { ImportResult } from '@hornblende/core/api';
import type { Problem } from '@hornblende/core/input';
import type { ImportVerdict, PreviewRow } from '@hornblende/core/tables';
import { computed, ref, shallowRef, watch, type ComputedRef, type Ref, type ShallowRef } from 'vue';
import { problemLines } from '../../api/problem-lines';
import { useLibrary } from '../../stores/library';
import { useJob } from '../../workers/useJob';

/** Grades that are named where an import could not be taken back whole. */
const LEFT_NAMED = 3;

/** How far an import is. */
export type ImportStage = 'choose' | 'reading' | 'preview' | 'writing' | 'done';

/** A table of grades on its way in. */
export interface GradeImport {
  stage: Ref<ImportStage>;
  fileName: Ref<string>;
  /** 0 to 1 while the file is read. */
  progress: Ref<number | null>;
  rows: ComputedRef<PreviewRow[]>;
  counts: ComputedRef<Record<ImportVerdict, number>>;
  notes: ComputedRef<string[]>;
  problems: Ref<string[]>;
  result: ShallowRef<ImportResult | null>;
  read: (file: File) => Promise<void>;
  write: () => Promise<void>;
  undo: () => Promise<string>;
  cancel: () => void;
  restart: () => void;
}

/** Reads a file of grades, shows what it would do, and does it: all or nothing, and back again. */
export function useGradeImport(): GradeImport {
  const library = useLibrary();
  const job = useJob('grades');
  const stage = ref<ImportStage>('choose');
  const fileName = ref('');
  const problems = ref<string[]>([]);
  const result = shallowRef<ImportResult | null>(null);
  const rows = computed(() => (stage.value === 'choose' ? [] : (job.answer.value?.rows ?? [])));
  const notes = computed(() => job.answer.value?.notes ?? []);
  const counts = computed(() => {
    const n: Record<ImportVerdict, number> = { add: 0, change: 0, same: 0, reject: 0 };
    for (const r of rows.value) n[r.verdict]++;
    return n;
  });
  let abort: AbortController | null = null;

  const named = (p: Problem): string => `${p.field === '(file)' ? fileName.value : p.field} ${p.message}`;
  watch(job.answer, answer => {
    if (!answer) return;
    problems.value = answer.problems.map(named);
    stage.value = 'preview';
  });
  watch(job.failed, why => {
    if (!why) return;
    problems.value = [`${fileName.value} could not be read: ${why}`];
    stage.value = 'preview';
  });

  function cancel(): void {
    job.cancel();
    abort?.abort();
  }
  function restart(): void {
    cancel();
    job.answer.value = null;
    problems.value = [];
    result.value = null;
    stage.value = 'choose';
  }
  async function read(file: File): Promise<void> {
    restart();
    stage.value = 'reading';
    fileName.value = file.name;
    const bytes = new Uint8Array(await file.arrayBuffer());
    job.ask({ bytes, existing: [...library.grades.values()].map(g => g.grade) });
  }
  async function write(): Promise<void> {
    const list = rows.value.flatMap(r =>
      r.grade && (r.verdict === 'add' || r.verdict === 'change') ? [r.grade] : [],
    );
    const mine = new AbortController();
    abort = mine;
    stage.value = 'writing';
    try {
      result.value = await library.importAll(list, mine.signal);
      stage.value = 'done';
    } catch (e) {
      stage.value = 'preview';
      problems.value = mine.signal.aborted
        ? ['The import was cancelled; nothing was written.']
        : problemLines(e);
    }
  }
  async function undo(): Promise<string> {
    if (!result.value) return '';
    const { left } = await library.undoImport(result.value.id);
    const few = left.slice(0, LEFT_NAMED).map(l => `${l.what} (${l.why})`);
    const more = left.length > few.length ? `, and ${left.length - few.length} more` : '';
    return left.length
      ? `Taken back, but for what has been changed since: ${few.join(', ')}${more}.`
      : 'The import is taken back.';
  }
  return {
    stage,
    fileName,
    progress: job.progress,
    rows,
    counts,
    notes,
    problems,
    result,
    read,
    write,
    undo,
    cancel,
    restart,
  };
}
