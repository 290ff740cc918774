import type { Weather } from '@hornblende/core/climate';
import type { Printer } from '@hornblende/core/formats';
import { families, type Family } from '@hornblende/core/materials';
import { rank, runnerUp, type Candidate, type Ranking } from '@hornblende/core/score';
import { withFieldEvidence } from '@hornblende/core/service';
import { familiesHere, withShelf } from '@hornblende/core/workshop';
import { createSharedComposable } from '@vueuse/core';
import { computed, watch, type ComputedRef } from 'vue';
import { useDraft } from './draft';
import { useFieldEvidence } from '../../stores/field-evidence';
import { usePrinters } from '../../stores/printers';
import { useShelf } from '../../stores/shelf';
import { useWeathers } from '../../stores/weathers';
import { useWorkshop } from '../../stores/workshop';
import { useContenders } from './useContenders';
import { fetchYear, yearFault, yearReady } from './useYears';

/** The ranking, and what it rests on. */
export interface LiveRanking {
  ranking: ComputedRef<Ranking | null>;
  /** Who takes part: the families, and grades on top of them. */
  candidates: ComputedRef<Family[]>;
  printer: ComputedRef<Printer | null>;
  weather: ComputedRef<Weather | null>;
  /** Why the ranking could not be renewed: it is of an earlier brief, or there is none. Empty where it is of now. */
  stale: ComputedRef<string>;
  first: ComputedRef<Candidate | null>;
  second: ComputedRef<Candidate | null>;
}

/**
 * The ranking of the part being worked on, renewed whenever its brief, its printer or the library changes.
 * Some milliseconds: on the main thread, once for all who show it.
 */
export const useRanking = createSharedComposable((): LiveRanking => {
  const draft = useDraft();
  const printers = usePrinters();
  const weathers = useWeathers();
  const shelf = useShelf();
  const workshop = useWorkshop();
  const { grades } = useContenders();
  const printer = computed(() => printers.byId(draft.content?.printerId ?? null)?.profile ?? null);
  const weather = computed(() => weathers.byId(draft.content?.weatherId ?? null));
  const evidence = useFieldEvidence();
  watch(
    () => draft.brief?.outdoorSchool,
    school => school === 'field' && evidence.ensure(),
    { immediate: true },
  );
  // The school of the field heeds what one's own parts did outdoors; a spool on the shelf is what it is.
  const candidates = computed(() => {
    const all = [...families, ...grades.value];
    const heeded = draft.brief?.outdoorSchool === 'field' ? withFieldEvidence(all, evidence.field) : all;
    return familiesHere(withShelf(heeded, shelf.materials), workshop.settings);
  });
  // While a year of weather is being worked out elsewhere, the last ranking stands; `stale` says where it cannot be.
  let last: Ranking | null = null;
  let lastPart: string | null = null;
  const ranking = computed(() => {
    const { brief, id } = draft;
    if (!brief) return null;
    if (id !== lastPart) {
      last = null;
      lastPart = id;
    }
    if (yearReady(brief, weather.value))
      last = rank(brief, { printer: printer.value, weather: weather.value, families: candidates.value });
    else fetchYear(brief, weather.value).catch(() => undefined);
    return last;
  });
  const running = computed(() => ranking.value?.candidates.filter(c => c.rank !== null) ?? []);
  return {
    ranking,
    candidates,
    printer,
    weather,
    stale: computed(() => (draft.brief && !yearReady(draft.brief, weather.value) ? yearFault.value : '')),
    first: computed(() => running.value[0] ?? null),
    second: computed(() => runnerUp(running.value)),
  };
});
