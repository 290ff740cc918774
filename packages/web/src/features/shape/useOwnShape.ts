import { fieldOf, hasPlaces, type BriefLoad } from '@hornblende/core/brief';
import { computed, ref, watch, type ComputedRef } from 'vue';
import type { LoadFieldAnswer } from '../../workers/jobs/load-field';
import { useJob } from '../../workers/useJob';
import { useDraft } from '../part/draft';
import { fieldQuestion } from './field-question';
import { canBeWorked, withPlaces, type PlacedLoad } from './placed-load';
import { useKnownFields } from './useKnownFields';
import { useFilletTry, type FilletTry } from './useFilletTry';
import { useShape } from './useShape';

/** Cells of the first answer, which comes at once. */
export const FIRST_CELLS = 2000;
/** Cells of the fine answer after it. */
export const FINE_CELLS = 60_000;

/** The loads of the part worked out on its own shape. */
export interface OwnShape {
  /** Where a load can be worked out: it is held, acts somewhere else, and its force is known. */
  ready: (load: BriefLoad) => boolean;
  /** Which load is being worked out, and how far that is, 0 to 1; null while it rests. */
  busy: ComputedRef<{ load: number; fine: boolean; done: number } | null>;
  failed: ComputedRef<string>;
  /** What was found last; null where the brief has moved on. */
  found: ComputedRef<LoadFieldAnswer | null>;
  /** Says where a load is held and acts, or how: in one step that can be undone. */
  place: (load: number, change: Partial<PlacedLoad>) => void;
  work: (load: number) => void;
  cancel: () => void;
  fillets: FilletTry;
}

/** Works loads out on the shape in a worker: a coarse answer first, the fine one after it; both enter the brief. */
export function useOwnShape(): OwnShape {
  const draft = useDraft();
  const part = useShape();
  const { shape } = part;
  const { remember } = useKnownFields();
  const job = useJob('loadField');
  let takenWithRadius: LoadFieldAnswer | null = null;
  // What is painted and told is, once a radius is taken, what it makes of the part.
  const fillets = useFilletTry(FINE_CELLS, answer => {
    takenWithRadius = answer;
    job.answer.value = answer;
  });
  const asked = ref<{ load: number; fine: boolean } | null>(null);

  const ready = (load: BriefLoad): boolean => canBeWorked(load) && shape.value !== null;
  const loadAt = (i: number): BriefLoad | undefined => draft.brief?.loads[i];

  function place(i: number, change: Partial<PlacedLoad>): void {
    const load = loadAt(i);
    if (load) draft.set(`loads.${i}`, withPlaces(load, change));
  }
  function work(i: number): void {
    const load = loadAt(i);
    if (!load || !ready(load)) return;
    place(i, {});
    ask(i, false);
  }
  function ask(load: number, fine: boolean): void {
    const cells = fine ? FINE_CELLS : FIRST_CELLS;
    const question = draft.brief && fieldQuestion(part, draft.brief, load, cells);
    if (!question) return;
    asked.value = { load, fine };
    job.ask(question);
  }
  watch(job.answer, answer => {
    const load = answer && loadAt(answer.load);
    if (!answer || !load || !hasPlaces(load)) return;
    if (answer.cells === FINE_CELLS) remember(answer.field);
    // What a radius that was taken makes of it stands in the brief already.
    if (answer === takenWithRadius) return;
    draft.set(`loads.${answer.load}`, { ...load, field: answer.field });
    if (answer.cells === FIRST_CELLS) ask(answer.load, true);
  });
  // Another part, or another file, is another question.
  watch([() => draft.id, () => shape.value?.positions], () => {
    job.cancel();
    job.answer.value = null;
  });
  return {
    ready,
    busy: computed(() =>
      asked.value && job.progress.value !== null ? { ...asked.value, done: job.progress.value } : null,
    ),
    failed: computed(() => job.failed.value || fillets.failed.value),
    found: computed(() => {
      const answer = job.answer.value;
      const load = answer && loadAt(answer.load);
      return draft.brief && load && fieldOf(draft.brief, load) ? answer : null;
    }),
    place,
    work,
    cancel: job.cancel,
    fillets,
  };
}
