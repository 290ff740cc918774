import type { ShapeLay } from '@hornblende/core/advice';
import { laidBrief } from '@hornblende/core/brief';
import type { MeshUnit } from '@hornblende/core/geometry';
import type { MeshReport } from '@hornblende/core/geometry';
import { createSharedComposable } from '@vueuse/core';
import { computed, ref, watch, type ComputedRef, type Ref, type ShallowRef } from 'vue';
import { api } from '../../api/client';
import type { ShapeAnswer } from '../../workers/jobs/shape';
import type { LaysAnswer } from '../../workers/jobs/lays';
import { useJob } from '../../workers/useJob';
import { useDraft } from '../part/draft';
import { shapeBytes } from './shape-bytes';

/** A way that the part can be laid, measured. */
export type MeasuredLay = LaysAnswer['lays'][number];

/** The part's own shape, as far as it is known. */
export interface PartShape {
  /** none: there is no file; reading: it is on its way; ready: it can be shown. */
  state: Ref<'fetching' | 'none' | 'reading' | 'ready' | 'failed'>;
  fileName: Ref<string>;
  failed: ComputedRef<string>;
  /** Why the file is not kept with the part, where it is not. */
  notKept: Ref<string>;
  shape: ShallowRef<ShapeAnswer | null>;
  report: ComputedRef<MeshReport | null>;
  lays: ComputedRef<MeasuredLay[]>;
  /** 0 to 1 while it is measured; null when that rests. */
  measuring: Ref<number | null>;
  reading: Ref<number | null>;
  doubtsInches: ComputedRef<boolean>;
  /** Fetches the file that is kept with the part, once. */
  fetch: () => Promise<void>;
  /** Takes a file from disk: shown, measured, kept with the part, and what it says enters the brief. */
  take: (file: File, unit?: MeshUnit | null) => Promise<void>;
  asInches: () => Promise<void>;
  /** Lays the part so: the brief follows, in one step that can be undone. */
  layIt: (lay: ShapeLay) => void;
  cancel: () => void;
}

/** Walls of fewer lines than this are marked as thin. */
const THIN_LINES = 2;

/** The shape of the part being worked on, read and measured in workers, once for all who show it. */
export const useShape = createSharedComposable((): PartShape => {
  const draft = useDraft();
  const state = ref<'fetching' | 'none' | 'reading' | 'ready' | 'failed'>('none');
  const fileName = ref('');
  const fetchFailed = ref('');
  const notKept = ref('');
  const read = useJob('shape');
  const measure = useJob('lays');
  let held: File | null = null;
  let fetchedFor = '';
  /** Whether what was read last is to enter the brief once it is measured. */
  let enters = false;
  let toKeep: { file: File; unit: MeshUnit | null } | null = null;

  watch(
    () => draft.id,
    () => forget(),
  );
  function forget(): void {
    read.cancel();
    measure.cancel();
    read.answer.value = null;
    measure.answer.value = null;
    read.failed.value = '';
    fetchFailed.value = '';
    notKept.value = '';
    fileName.value = '';
    held = null;
    fetchedFor = '';
    enters = false;
    toKeep = null;
    state.value = 'none';
  }

  async function fetch(): Promise<void> {
    const { id } = draft;
    if (!id || fetchedFor === id) return;
    fetchedFor = id;
    state.value = 'fetching';
    try {
      const facts = await api.shape(id);
      if (draft.id !== id || state.value !== 'fetching') return;
      if (!facts) {
        state.value = 'none';
        return;
      }
      const bytes = await api.shapeFile(id);
      if (draft.id !== id || state.value !== 'fetching') return;
      fileName.value = facts.name;
      held = new File([bytes], facts.name);
      ask(new Uint8Array(bytes), facts.unit as MeshUnit | null);
    } catch (e) {
      fetchedFor = '';
      fetchFailed.value = (e as Error).message;
      state.value = 'failed';
    }
  }

  function ask(bytes: Uint8Array, unit: MeshUnit | null): void {
    state.value = 'reading';
    read.ask({ name: fileName.value, bytes, unit });
  }
  watch(read.answer, shape => {
    if (!shape) return;
    state.value = 'ready';
    void keep();
    const line = draft.brief?.print.lineMm ?? 0.45;
    measure.ask({ bytes: shapeBytes(shape), thinMm: THIN_LINES * line });
  });
  watch(read.failed, why => {
    if (why) state.value = 'failed';
  });
  watch(measure.answer, answer => {
    const [asFile] = answer?.lays ?? [];
    if (!answer || !asFile || !enters || !draft.brief) return;
    enters = false;
    enter(laidBrief(draft.brief, asFile, fileName.value, answer.report.medianWallMm));
  });

  async function take(file: File, unit: MeshUnit | null = null): Promise<void> {
    const { id } = draft;
    forget();
    fetchedFor = id ?? '';
    held = file;
    fileName.value = file.name;
    state.value = 'reading';
    enters = true;
    const bytes = new Uint8Array(await file.arrayBuffer());
    if (held !== file || draft.id !== id) return;
    toKeep = { file, unit };
    ask(bytes, unit);
  }
  /** Keeps the file with the part, in place of any other: only once it could be read. */
  async function keep(): Promise<void> {
    const { id } = draft;
    const kept = toKeep;
    toKeep = null;
    if (!id || !kept) return;
    try {
      await api.keepShape(id, kept.file.name, kept.unit, kept.file);
    } catch (e) {
      if (held === kept.file) notKept.value = (e as Error).message;
    }
  }

  function enter(laid: NonNullable<typeof draft.brief>): void {
    const now = draft.content;
    if (!now) return;
    const given = now.given as { geometry?: object };
    draft.replace({
      ...now,
      brief: laid,
      given: { ...given, geometry: { ...given.geometry, ...laid.geometry }, loads: laid.loads },
    });
  }

  return {
    state,
    fileName,
    notKept,
    failed: computed(() => fetchFailed.value || read.failed.value || measure.failed.value),
    shape: read.answer,
    report: computed(() => measure.answer.value?.report ?? null),
    lays: computed(() => measure.answer.value?.lays ?? []),
    measuring: measure.progress,
    reading: read.progress,
    doubtsInches: computed(() => read.answer.value?.warnings.some(w => w.includes('inches')) ?? false),
    fetch,
    take,
    asInches: async () => {
      if (held) await take(held, 'inch');
    },
    layIt: lay => {
      if (draft.brief) enter(laidBrief(draft.brief, lay));
    },
    cancel: () => {
      read.cancel();
      measure.cancel();
      if (!read.answer.value) state.value = 'none';
    },
  };
});
