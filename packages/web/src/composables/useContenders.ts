import { ALL_GRADES, type Family } from '@hornblende/core';
import { createSharedComposable, useDebounceFn } from '@vueuse/core';
import { computed, onScopeDispose, ref, shallowRef, watch, type ComputedRef, type Ref } from 'vue';
import { useDraft } from '../stores/draft';
import { useLibrary } from '../stores/library';
import { usePrinters } from '../stores/printers';
import { useShelf } from '../stores/shelf';
import { useWeathers } from '../stores/weathers';
import ContendersWorker from '../workers/contenders.worker?worker';
import type { ContendersQuestion } from '../workers/contenders.worker';

/**
 * The grades that take part in the ranking of the part being worked on. A few all do, at once; of thousands
 * the best of each family do,
 * picked in a worker: until it answers, those picked for the brief before stay.
 */
export const useContenders = createSharedComposable(
  (): { grades: ComputedRef<Family[]>; picking: Ref<boolean>; left: ComputedRef<number> } => {
    const library = useLibrary();
    const draft = useDraft();
    const printers = usePrinters();
    const weathers = useWeathers();
    const shelf = useShelf();
    const picked = shallowRef<ReadonlySet<string>>(new Set());
    const picking = ref(false);
    const many = computed(() => library.active.length > ALL_GRADES);
    let worker: Worker | null = null;
    let sent: readonly Family[] | null = null;
    let question = 0;

    const ask = useDebounceFn(() => {
      const { brief } = draft;
      if (!brief || !many.value) return;
      if (!worker) {
        worker = new ContendersWorker();
        worker.onmessage = (e: MessageEvent<{ question: number; keys: string[] }>) => {
          if (e.data.question !== question) return;
          picked.value = new Set(e.data.keys);
          picking.value = false;
        };
      }
      const message: ContendersQuestion = {
        question: ++question,
        grades:
          sent === library.active
            ? null
            : [...library.grades.values()].map(g => g.grade).filter(g => !g.archived),
        brief,
        printer: printers.byId(draft.content?.printerId ?? null)?.profile ?? null,
        weather: weathers.byId(draft.content?.weatherId ?? null),
        keep: [...shelf.stock.keys()],
      };
      sent = library.active;
      picking.value = true;
      worker.postMessage(JSON.parse(JSON.stringify(message)));
    }, 120);
    watch(
      () => [
        draft.brief,
        draft.content?.printerId,
        draft.content?.weatherId,
        library.active,
        printers.list,
        shelf.stock,
      ],
      () => {
        void ask();
      },
      { immediate: true },
    );
    onScopeDispose(() => worker?.terminate());

    const grades = computed(() =>
      many.value ? library.active.filter(g => picked.value.has(g.key)) : library.active,
    );
    return { grades, picking, left: computed(() => library.active.length - grades.value.length) };
  },
);
