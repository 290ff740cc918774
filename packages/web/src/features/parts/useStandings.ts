import { shallowRef, watch, type Ref, type ShallowRef } from 'vue';
import { useGrades } from '../../stores/grades';
import { useParts } from '../../stores/parts';
import { usePrinters } from '../../stores/printers';
import { useSettings } from '../../stores/settings';
import { useSpools } from '../../stores/spools';
import { useWeathers } from '../../stores/weathers';
import type { Standing } from '../../workers/jobs/standings';
import { useWorkshop } from '../../stores/workshop';
import { useJob } from '../../workers/useJob';

/** Today's answers, and what went wrong where there are none. */
export interface Standings {
  byPart: ShallowRef<ReadonlyMap<string, Standing>>;
  failed: Ref<string>;
}

/** Today's answer for every part of the list, as a worker finds it: a workshop may hold hundreds. */
export function useStandings(): Standings {
  const parts = useParts();
  const printers = usePrinters();
  const weathers = useWeathers();
  const grades = useGrades();
  const settings = useSettings();
  const spools = useSpools();
  const workshop = useWorkshop();
  const byPart = shallowRef<ReadonlyMap<string, Standing>>(new Map());
  const job = useJob('standings');
  watch(
    () => [
      parts.list,
      printers.list,
      grades.byKey,
      grades.state,
      spools.list,
      spools.state,
      weathers.arrived,
      settings.units,
      workshop.currency,
      workshop.settings.allowed,
    ],
    () => {
      if (!parts.list.length || grades.state === 'loading' || spools.state === 'loading' || !printers.loaded)
        return;
      job.ask({
        reader: { units: settings.units, currency: workshop.currency },
        spools: spools.list.map(s => s.spool),
        allowed: workshop.settings.allowed,
        air: {
          now: new Date().toISOString(),
          rhPct: workshop.settings.roomRhPct,
          dryerMaxC: printers.dryerMaxC,
        },
        grades: [...grades.byKey.values()].map(g => g.grade).filter(g => !g.archived),
        parts: parts.list.map(p => ({
          id: p.id,
          brief: p.brief,
          given: p.given,
          printer: printers.byId(p.printerId)?.profile ?? null,
          weather: weathers.byId(p.weatherId),
          decided: p.decision?.firstChoice ?? null,
        })),
      });
    },
    { immediate: true },
  );
  watch(job.answer, list => {
    byPart.value = new Map((list ?? []).map(s => [s.id, s]));
  });
  return { byPart, failed: job.failed };
}
