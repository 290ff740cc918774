import { ALL_GRADES } from '@hornblende/core/advice';
import type { Family } from '@hornblende/core/materials';
import { createSharedComposable, useDebounceFn } from '@vueuse/core';
import { computed, ref, shallowRef, watch, type ComputedRef, type Ref } from 'vue';
import { useLibrary } from '../../stores/library';
import { usePrinters } from '../../stores/printers';
import { useShelf } from '../../stores/shelf';
import { useWeathers } from '../../stores/weathers';
import { useJob } from '../../workers/useJob';
import { useDraft } from './draft';

/** Typing comes to rest for this long before the grades are picked again, ms. */
const REST = 120;

/** Which grades take part. */
export interface Contenders {
  grades: ComputedRef<Family[]>;
  picking: Ref<boolean>;
  /** How many are left out. */
  left: ComputedRef<number>;
}

/**
 * The grades that take part in the ranking of the part being worked on. A few all do, at once; of thousands the best of
 * each family do, picked in a worker: until it answers, those picked for the brief before stay.
 */
export const useContenders = createSharedComposable((): Contenders => {
  const library = useLibrary();
  const draft = useDraft();
  const printers = usePrinters();
  const weathers = useWeathers();
  const shelf = useShelf();
  const job = useJob('contenders');
  const picked = shallowRef<ReadonlySet<string>>(new Set());
  const picking = ref(false);
  const many = computed(() => library.active.length > ALL_GRADES);

  const ask = useDebounceFn(() => {
    const { brief } = draft;
    if (!brief || !many.value) return;
    picking.value = true;
    job.ask({
      grades: [...library.grades.values()].map(g => g.grade).filter(g => !g.archived),
      brief,
      printer: printers.byId(draft.content?.printerId ?? null)?.profile ?? null,
      weather: weathers.byId(draft.content?.weatherId ?? null),
      keep: [...shelf.stock.keys()],
    });
  }, REST);
  watch(
    () => [
      draft.brief,
      draft.content?.printerId,
      draft.content?.weatherId,
      library.active,
      printers.list,
      shelf.stock,
    ],
    () => void ask(),
    { immediate: true },
  );
  watch(job.answer, keys => {
    picked.value = new Set(keys ?? []);
    picking.value = false;
  });
  // Where picking fails, those picked before stay.
  watch(job.failed, () => {
    picking.value = false;
  });

  const grades = computed(() =>
    many.value ? library.active.filter(g => picked.value.has(g.key)) : library.active,
  );
  return { grades, picking, left: computed(() => library.active.length - grades.value.length) };
});
