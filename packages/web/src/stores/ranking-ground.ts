import { computed, type ComputedRef } from 'vue';
import type { Ground } from '../workers/jobs/entrants';
import { useFieldEvidence } from './field-evidence';
import { useGrades } from './grades';
import { usePrinters } from './printers';
import { useSpools } from './spools';
import { useWorkshop } from './workshop';

/** What rankings in a worker rest on, as the workshop stands; null until all of it has come. */
export function useRankingGround(): ComputedRef<Ground | null> {
  const printers = usePrinters();
  const grades = useGrades();
  const spools = useSpools();
  const workshop = useWorkshop();
  const evidence = useFieldEvidence();
  return computed(() => {
    const isComing = [grades, spools, workshop].some(store => store.state === 'loading');
    if (isComing || !printers.loaded) return null;
    const { allowed, scales, roomRhPct } = workshop.settings;
    return {
      grades: [...grades.byKey.values()].map(g => g.grade).filter(g => !g.archived),
      spools: spools.list.map(s => s.spool),
      air: { now: new Date().toISOString(), rhPct: roomRhPct, dryerMaxC: printers.dryerMaxC },
      field: evidence.field,
      workshop: { allowed, scales },
    };
  });
}
