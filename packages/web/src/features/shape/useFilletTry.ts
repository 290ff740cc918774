import { fieldKey, type FilletPlace } from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import type { LoadFieldAnswer } from '../../workers/jobs/load-field';
import { useJob } from '../../workers/useJob';
import { useDraft } from '../part/draft';
import { fieldQuestion } from './field-question';
import { useShape } from './useShape';

/** A radius that was tried: the brief as it would be with it. */
export interface TriedFillet {
  load: number;
  fillet: FilletPlace;
  brief: Brief;
}

/** Radii in inner corners: tried beside the brief, taken into it, taken back. */
export interface FilletTry {
  /** Works a load out once more with a radius in an inner corner. */
  attempt: (load: number, fillet: FilletPlace) => void;
  /** 0 to 1 while a radius is tried; null while that rests. */
  trying: Ref<number | null>;
  failed: Ref<string>;
  /** What was found with the radius that was tried; null where nothing was, or the brief has moved on. */
  tried: ComputedRef<TriedFillet | null>;
  /** Takes the tried radius into the brief, with what was found. */
  take: () => void;
  /** Takes a radius back out of the brief. */
  drop: (index: number) => void;
  cancel: () => void;
}

/** The brief with one radius more. */
function withFillet(brief: Brief, fillet: FilletPlace): Brief {
  const { geometry } = brief;
  return { ...brief, geometry: { ...geometry, fillets: [...geometry.fillets, fillet] } };
}

/**
 * Tries radii in the inner corners of the part.
 * @param cells how finely
 * @param taken told what was found with a radius that is taken
 */
export function useFilletTry(cells: number, taken: (answer: LoadFieldAnswer) => void): FilletTry {
  const draft = useDraft();
  const part = useShape();
  const { answer, progress, failed, ask, cancel } = useJob('loadField');
  const asked = ref<FilletPlace | null>(null);

  function attempt(load: number, fillet: FilletPlace): void {
    const question = draft.brief && fieldQuestion(part, withFillet(draft.brief, fillet), load, cells);
    if (!question) return;
    asked.value = fillet;
    answer.value = null;
    ask(question);
  }
  const tried = computed<TriedFillet | null>(() => {
    const found = answer.value;
    const fillet = asked.value;
    if (!found || !fillet || !draft.brief) return null;
    const brief = withFillet(draft.brief, fillet);
    const load = brief.loads[found.load];
    if (!load || fieldKey(brief, load) !== found.field.of) return null;
    const loads = brief.loads.map((l, i) => (i === found.load ? { ...l, field: found.field } : l));
    return { load: found.load, fillet, brief: { ...brief, loads } };
  });
  function take(): void {
    if (!tried.value || !answer.value) return;
    const { brief, load } = tried.value;
    taken(answer.value);
    draft.setAll({ 'geometry.fillets': brief.geometry.fillets, [`loads.${load}`]: brief.loads[load] });
    answer.value = null;
  }
  function drop(index: number): void {
    const fillets = draft.brief?.geometry.fillets ?? [];
    draft.set(
      'geometry.fillets',
      fillets.filter((_, i) => i !== index),
    );
  }
  // Another part, or another file, is another question.
  watch([() => draft.id, () => part.shape.value?.positions], () => {
    cancel();
    answer.value = null;
  });
  return { attempt, trying: progress, failed, tried, take, drop, cancel };
}
