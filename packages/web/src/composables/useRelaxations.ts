import type { Brief, Family, NothingFits, Printer, Weather } from '@hornblende/core';
import { onUnmounted, ref, shallowRef, watch, type Ref, type ShallowRef } from 'vue';
import RelaxWorker from '../workers/relax.worker?worker';

/** What to ask less of when nothing fits, worked out in a worker; a newer brief abandons the older question. */
export function useRelaxations(
  brief: () => Brief | null,
  printer: () => Printer | null,
  weather: () => Weather | null,
  candidates: () => Family[],
): { answer: ShallowRef<NothingFits | null>; busy: Ref<boolean> } {
  const answer = shallowRef<NothingFits | null>(null);
  const busy = ref(false);
  let worker: Worker | null = null;
  watch(
    [brief, printer, weather, candidates],
    ([b, p, w, c]) => {
      worker?.terminate();
      worker = null;
      if (!b) return;
      busy.value = true;
      worker = new RelaxWorker();
      worker.onmessage = (e: MessageEvent<NothingFits>) => {
        answer.value = e.data;
        busy.value = false;
      };
      worker.postMessage(JSON.parse(JSON.stringify({ brief: b, printer: p, weather: w, candidates: c })));
    },
    { immediate: true },
  );
  onUnmounted(() => worker?.terminate());
  return { answer, busy };
}
