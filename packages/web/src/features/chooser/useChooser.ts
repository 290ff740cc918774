import type { ChooserCell } from '@hornblende/core/advice';
import { createSharedComposable } from '@vueuse/core';
import { computed, watch, type ComputedRef, type Ref } from 'vue';
import { useGrades } from '../../stores/grades';
import { usePrinters } from '../../stores/printers';
import { useRankingGround } from '../../stores/ranking-ground';
import { useSpools } from '../../stores/spools';
import { useWorkshop } from '../../stores/workshop';
import type { ChooserRow } from '../../workers/jobs/chooser';
import { useJob } from '../../workers/useJob';

/** A column of the chooser: a machine, or the shelf. */
export interface ChooserColumn {
  name: string;
  /** The machine that a part is begun for; null where there is none. */
  printerId: string | null;
}

/** What to reach for in this workshop, for each need on each machine and from the shelf. */
export interface Chooser {
  columns: ComputedRef<ChooserColumn[]>;
  /** The rows; null while they are worked out. */
  rows: Ref<ChooserRow[] | null>;
  /** Its cells in the order of the columns. */
  cellsOf: (row: ChooserRow) => ChooserCell[];
  failed: Ref<string>;
  load: () => Promise<void>;
}

/** The chooser, worked out once for all who show it and again when printers, shelf, grades or settings change. */
export const useChooser = createSharedComposable((): Chooser => {
  const printers = usePrinters();
  const grades = useGrades();
  const spools = useSpools();
  const workshop = useWorkshop();
  const ground = useRankingGround();
  const job = useJob('chooser');
  const usual = computed(() =>
    Math.max(
      0,
      printers.list.findIndex(p => p.isDefault),
    ),
  );
  watch(
    [ground, () => printers.list],
    () => {
      if (!ground.value) return;
      const machines = printers.list.map(p => p.profile);
      job.ask({ ...ground.value, printers: machines.length ? machines : [null], usual: usual.value });
    },
    { immediate: true },
  );
  const columns = computed((): ChooserColumn[] => {
    const machines = printers.list.map(p => ({ name: p.profile.name, printerId: p.id }));
    const known = machines.length ? machines : [{ name: 'A machine that prints all', printerId: null }];
    return [...known, { name: 'From the shelf', printerId: known[usual.value]?.printerId ?? null }];
  });
  return {
    columns,
    rows: job.answer,
    cellsOf: row => [...row.cells, row.shelf],
    failed: job.failed,
    load: async () => {
      await Promise.all([printers.load(), grades.load(), spools.load(), workshop.load()]);
    },
  };
});
