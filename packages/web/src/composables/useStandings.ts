import { onUnmounted, shallowRef, watch, type ShallowRef } from 'vue';
import { useLibrary } from '../stores/library';
import { useParts } from '../stores/parts';
import { usePrinters } from '../stores/printers';
import { useWeathers } from '../stores/weathers';
import StandingsWorker from '../workers/standings.worker?worker';
import type { Standing, StandingsAnswer, StandingsQuestion } from '../workers/standings.worker';

/** Today's answer for every part of the list, by part, as a worker finds it: a workshop may hold hundreds. */
export function useStandings(): ShallowRef<ReadonlyMap<string, Standing>> {
  const parts = useParts();
  const printers = usePrinters();
  const weathers = useWeathers();
  const library = useLibrary();
  const standings = shallowRef<ReadonlyMap<string, Standing>>(new Map());
  const worker = new StandingsWorker();
  let question = 0;
  worker.onmessage = (e: MessageEvent<StandingsAnswer>) => {
    if (e.data.question === question)
      standings.value = new Map(standings.value).set(e.data.standing.id, e.data.standing);
  };
  watch(
    () => [parts.list, printers.list, library.grades, library.state, weathers.arrived],
    () => {
      if (!parts.list.length || library.state === 'loading') return;
      const message: StandingsQuestion = {
        question: ++question,
        grades: [...library.grades.values()].map(g => g.grade).filter(g => !g.archived),
        parts: parts.list.map(p => ({
          id: p.id,
          brief: p.brief,
          printer: printers.byId(p.printerId)?.profile ?? null,
          weather: weathers.byId(p.weatherId),
        })),
      };
      worker.postMessage(JSON.parse(JSON.stringify(message)));
    },
    { immediate: true },
  );
  onUnmounted(() => worker.terminate());
  return standings;
}
