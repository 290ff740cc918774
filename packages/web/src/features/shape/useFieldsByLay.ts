import type { ShapeLay } from '@hornblende/core/advice';
import { fieldKey, hasPlaces, laidBrief } from '@hornblende/core/brief';
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import { useJob } from '../../workers/useJob';
import { useDraft } from '../part/draft';
import { fieldQuestion } from './field-question';
import { useKnownFields } from './useKnownFields';
import { FINE_CELLS } from './useOwnShape';
import { useShape } from './useShape';

/** The part’s loads worked out on its shape for every way that it can be laid. */
export interface FieldsByLay {
  /** Ways for which every load that names its places is worked out, and all ways; null where no load names any. */
  known: ComputedRef<{ ways: number; of: number } | null>;
  /** 0 to 1 over all that is left to work out; null while it rests. */
  progress: ComputedRef<number | null>;
  failed: Ref<string>;
  work: () => void;
  stop: () => void;
}

/** Works the loads out for one way after the other, each counting as it comes. */
export function useFieldsByLay(lays: () => readonly ShapeLay[]): FieldsByLay {
  const draft = useDraft();
  const part = useShape();
  const { remember, openLoads } = useKnownFields();
  const job = useJob('loadField');
  const left = ref<{ lay: ShapeLay; load: number }[]>([]);
  const total = ref(0);

  const open = computed(() => {
    const { brief } = draft;
    return brief ? lays().map(lay => ({ lay, loads: openLoads(brief, lay) })) : [];
  });
  function next(): void {
    const [first] = left.value;
    const laid = first && draft.brief && laidBrief(draft.brief, first.lay);
    const question = laid && fieldQuestion(part, laid, first.load, FINE_CELLS);
    if (question) job.ask(question);
    else stop();
  }
  function work(): void {
    left.value = open.value.flatMap(({ lay, loads }) => loads.map(load => ({ lay, load })));
    total.value = left.value.length;
    next();
  }
  function stop(): void {
    left.value = [];
    job.cancel();
  }
  watch(job.answer, answer => {
    if (!answer) return;
    remember(answer.field);
    left.value = left.value.slice(1);
    next();
  });
  // A brief that has moved on asks for something else.
  watch(() => draft.brief?.loads.map(load => fieldKey(draft.brief!, load)).join(), stop);
  return {
    known: computed(() =>
      draft.brief?.loads.some(hasPlaces)
        ? { ways: open.value.filter(o => !o.loads.length).length, of: open.value.length }
        : null,
    ),
    progress: computed(() =>
      left.value.length ? (total.value - left.value.length + (job.progress.value ?? 0)) / total.value : null,
    ),
    failed: job.failed,
    work,
    stop,
  };
}
