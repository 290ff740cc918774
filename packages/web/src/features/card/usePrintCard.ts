import { faultLessons, printCard, type CardLesson, type Family, type PrintCard } from '@hornblende/core';
import { computed, onMounted, ref, watch, type ComputedRef, type Ref } from 'vue';
import { useFaults } from '../../stores/faults';
import { useShelf, type ShelfRow } from '../../stores/shelf';
import { useDraft } from '../part/draft';
import { usePickedMaterial } from '../part/usePickedMaterial';
import { useRanking } from '../part/useRanking';

/** The print card of the part being worked on. */
export interface LiveCard {
  /** The filament that it is written for: the first choice until another is picked. */
  material: Ref<string>;
  materials: ComputedRef<{ value: string; label: string }[]>;
  /** The spool that is meant; '' for none in particular. */
  spoolId: Ref<string>;
  spools: ComputedRef<ShelfRow[]>;
  spool: ComputedRef<ShelfRow | null>;
  family: ComputedRef<Family | null>;
  card: ComputedRef<PrintCard | null>;
}

/** Writes the card anew whenever brief, printer, filament or spool changes. */
export function usePrintCard(): LiveCard {
  const draft = useDraft();
  const shelf = useShelf();
  const faults = useFaults();
  onMounted(() => faults.ensure());
  const { printer, weather } = useRanking();
  const spoolId = ref('');

  const { material, materials, family } = usePickedMaterial();
  const spools = computed(() =>
    shelf.rows.filter(r => r.spool.material === material.value && !r.spool.archived && r.leftG > 0),
  );
  const spool = computed(() => spools.value.find(s => s.id === spoolId.value) ?? null);
  // Of the spools of a filament the driest is meant, until another is picked.
  watch(
    [material, () => spools.value.map(s => s.id).join()],
    () => {
      if (spool.value) return;
      const dry = [...spools.value].sort((a, b) => (a.moisture?.waterPct ?? 0) - (b.moisture?.waterPct ?? 0));
      spoolId.value = dry[0]?.id ?? '';
    },
    { immediate: true },
  );
  const lessons = computed<CardLesson[]>(() => {
    const told = [
      { place: 'card', id: draft.id },
      { place: 'spool', id: spoolId.value || null },
      { place: 'printer', id: draft.content?.printerId ?? null },
    ] as const;
    const all = told.flatMap(asked => faultLessons(faults.faults, asked));
    return all.filter((l, n) => all.findIndex(x => x.what === l.what && x.at === l.at) === n);
  });
  const card = computed(() => {
    if (!draft.brief || !family.value) return null;
    return printCard(draft.brief, {
      family: family.value,
      printer: printer.value,
      weather: weather.value,
      moisture: spool.value?.moisture ?? null,
      lessons: lessons.value,
    });
  });
  return { material, materials, spoolId, spools, spool, family, card };
}
