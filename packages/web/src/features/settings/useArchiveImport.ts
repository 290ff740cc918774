import type { ArchiveImported, ArchivePreview, ArchiveUndone } from '@hornblende/core/api';
import { ref, shallowRef, type Ref, type ShallowRef } from 'vue';
import { api } from '../../api/client';
import { problemLines } from '../../api/problem-lines';

/** An archive on its way in. */
export interface ArchiveImport {
  fileName: Ref<string>;
  stage: Ref<'reading' | 'preview' | 'writing' | 'failed' | 'done'>;
  preview: ShallowRef<ArchivePreview | null>;
  result: ShallowRef<ArchiveImported | null>;
  problems: Ref<string[]>;
  /** How far it is, from 0 to 1. */
  progress: Ref<number>;
  /** What becomes of records that were changed here after the archive was made. */
  conflicts: Ref<'keep' | 'replace'>;
  read: (file: File) => Promise<void>;
  write: () => Promise<void>;
  /** Takes the import back. @returns what that did, and what stayed as it is and why */
  undo: () => Promise<ArchiveUndone>;
  cancel: () => void;
}

/** Reads an archive of a workshop, shows what it would do, and does it: all or nothing, and back again. */
export function useArchiveImport(): ArchiveImport {
  const fileName = ref('');
  const stage = ref<'reading' | 'preview' | 'writing' | 'failed' | 'done'>('reading');
  const preview = shallowRef<ArchivePreview | null>(null);
  const result = shallowRef<ArchiveImported | null>(null);
  const problems = ref<string[]>([]);
  const conflicts = ref<'keep' | 'replace'>('keep');
  const progress = ref(0);
  const said = (share: number): void => {
    progress.value = share;
  };
  let abort = new AbortController();

  function failed(e: unknown): void {
    if (abort.signal.aborted) return;
    problems.value = problemLines(e);
    stage.value = 'failed';
  }
  async function read(file: File): Promise<void> {
    abort = new AbortController();
    fileName.value = file.name;
    stage.value = 'reading';
    preview.value = null;
    result.value = null;
    progress.value = 0;
    try {
      preview.value = await api.previewArchive(file, { signal: abort.signal, progress: said });
      stage.value = 'preview';
    } catch (e) {
      failed(e);
    }
  }
  async function write(): Promise<void> {
    if (!preview.value) return;
    stage.value = 'writing';
    progress.value = 0;
    try {
      result.value = await api.importArchive(preview.value.id, conflicts.value, { progress: said });
      stage.value = 'done';
    } catch (e) {
      failed(e);
    }
  }
  /** @throws ApiError */
  async function undo(): Promise<ArchiveUndone> {
    const undone = await api.undoArchive(result.value!.id);
    result.value = null;
    return undone;
  }
  return {
    fileName,
    stage,
    preview,
    result,
    problems,
    progress,
    conflicts,
    read,
    write,
    undo,
    cancel: () => abort.abort(),
  };
}
