import { withOwnFacts, type Family } from '@hornblende/core/materials';
import { printCard, type CardLesson, type PrintCard } from '@hornblende/core/records';
import { faultLessons } from '@hornblende/core/triage';
import { spoolToUse } from '@hornblende/core/workshop';
import { computed, onMounted, ref, watch, type ComputedRef, type Ref } from 'vue';
import { useFaults } from '../../stores/faults';
import { useLibrary } from '../../stores/library';
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
  const library = useLibrary();
  const faults = useFaults();
  onMounted(() => faults.ensure());
  const { printer, weather } = useRanking();
  const spoolId = ref('');

  const { material, materials, family: ranked } = usePickedMaterial();
  const spools = computed(() =>
    shelf.rows.filter(r => r.spool.material === material.value && !r.spool.archived && r.leftG > 0),
  );
  const spool = computed(() => spools.value.find(s => s.id === spoolId.value) ?? null);
  // Of the spools of a filament the driest is meant, until another is picked.
  watch(
    [material, () => spools.value.map(s => s.id).join()],
    () => {
      if (spool.value) return;
      const rows = spools.value.map(s => ({ ...s, waterPct: s.moisture?.waterPct ?? 0 }));
      spoolId.value = spoolToUse(rows)?.id ?? '';
    },
    { immediate: true },
  );
  // The ranking has the spool that would be used; where another is picked, that one counts.
  const family = computed(() => {
    const own = library.find(material.value);
    if (!spool.value || !own) return ranked.value;
    return { ...withOwnFacts(own, spool.value.spool.facts), spool: spool.value.moisture?.state ?? null };
  });
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
