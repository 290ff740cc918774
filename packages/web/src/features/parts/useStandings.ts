import { computed, shallowRef, watch, type ComputedRef, type Ref, type ShallowRef } from 'vue';
import { useParts } from '../../stores/parts';
import { usePrinters } from '../../stores/printers';
import { useSettings } from '../../stores/settings';
import { useRankingGround } from '../../stores/ranking-ground';
import { useWeathers } from '../../stores/weathers';
import { useFieldEvidence } from '../../stores/field-evidence';
import type { Standing, StandingsQuestion } from '../../workers/jobs/standings';
import { useWorkshop } from '../../stores/workshop';
import { useJob } from '../../workers/useJob';

/** Today's answers, and what went wrong where there are none. */
export interface Standings {
  byPart: ShallowRef<ReadonlyMap<string, Standing>>;
  /** Open parts whose first choice hangs on a question that nobody has answered. */
  provisional: ComputedRef<ReadonlySet<string>>;
  failed: Ref<string>;
}

/** Today's answer for every part of the list, as a worker finds it: a workshop may hold hundreds. */
export function useStandings(): Standings {
  const parts = useParts();
  const printers = usePrinters();
  const weathers = useWeathers();
  const settings = useSettings();
  const workshop = useWorkshop();
  const byPart = shallowRef<ReadonlyMap<string, Standing>>(new Map());
  const job = useJob('standings');
  const second = useJob('provisionals');
  const evidence = useFieldEvidence();
  watch(
    () => parts.list.some(p => p.brief.outdoorSchool === 'field'),
    asks => asks && evidence.ensure(),
    { immediate: true },
  );
  let asked: StandingsQuestion | null = null;
  const ground = useRankingGround();
  watch(
    () => [parts.list, printers.list, ground.value, weathers.arrived, settings.units, workshop.currency],
    () => {
      if (!parts.list.length || !ground.value) return;
      asked = {
        ...ground.value,
        reader: { units: settings.units, currency: workshop.currency },
        parts: parts.list.map(p => ({
          id: p.id,
          brief: p.brief,
          given: p.given,
          printer: printers.byId(p.printerId)?.profile ?? null,
          weather: weathers.byId(p.weatherId),
          decided: p.decision?.firstChoice ?? null,
        })),
      };
      job.ask(asked);
    },
    // Once the rows stand there: what works it out is two thirds as much script again as the page.
    { immediate: true, flush: 'post' },
  );
  watch(job.answer, list => {
    byPart.value = new Map((list ?? []).map(s => [s.id, s]));
    // What is open takes ten times as long to find out: it follows once the list stands.
    const open = asked?.parts.filter(p => p.decided === null) ?? [];
    if (asked && open.length) second.ask({ ...asked, parts: open });
  });
  return {
    byPart,
    provisional: computed(() => new Set(second.answer.value)),
    failed: job.failed,
  };
}
