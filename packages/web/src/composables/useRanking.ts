import { rank, type Candidate, type Printer, type Ranking, type Weather } from '@hornblende/core';
import { computed, type ComputedRef } from 'vue';
import { useDraft } from '../stores/draft';
import { fetchYear, yearReady } from './useYears';
import { useWeathers } from '../stores/weathers';
import { usePrinters } from '../stores/printers';

/** The ranking of the part being worked on, renewed whenever its brief or printer changes. About a millisecond: on the main thread. */
export function useRanking(): { ranking: ComputedRef<Ranking | null>; printer: ComputedRef<Printer | null>; weather: ComputedRef<Weather | null>; first: ComputedRef<Candidate | null>; second: ComputedRef<Candidate | null> } {
  const draft = useDraft();
  const printers = usePrinters();
  const weathers = useWeathers();
  const printer = computed(() => printers.byId(draft.content?.printerId ?? null)?.profile ?? null);
  const weather = computed(() => weathers.byId(draft.content?.weatherId ?? null));
  // While a year of weather is being worked out elsewhere, the last ranking stands.
  let last: Ranking | null = null;
  let lastPart: string | null = null;
  const ranking = computed(() => {
    const { brief, id } = draft;
    if (!brief) return null;
    if (id !== lastPart) [last, lastPart] = [null, id];
    if (yearReady(brief, weather.value)) last = rank(brief, { printer: printer.value, weather: weather.value });
    else void fetchYear(brief, weather.value);
    return last;
  });
  const byRank = (n: number): Candidate | null => ranking.value?.candidates.find(c => c.rank === n) ?? null;
  return { ranking, printer, weather, first: computed(() => byRank(1)), second: computed(() => byRank(2)) };
}
