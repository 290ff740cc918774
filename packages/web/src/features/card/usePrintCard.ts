import { printCard, type PrintCard } from '@hornblende/core';
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import { useShelf, type ShelfRow } from '../../stores/shelf';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';

/** A choice in a select. */
export interface Choice {
  value: string;
  label: string;
}

/** The print card of the part being worked on. */
export interface LiveCard {
  /** The filament that it is written for: the first choice until another is picked. */
  material: Ref<string>;
  materials: ComputedRef<Choice[]>;
  /** The spool that is meant; '' for none in particular. */
  spoolId: Ref<string>;
  spools: ComputedRef<ShelfRow[]>;
  spool: ComputedRef<ShelfRow | null>;
  card: ComputedRef<PrintCard | null>;
}

/** Writes the card anew whenever brief, printer, filament or spool changes. */
export function usePrintCard(): LiveCard {
  const draft = useDraft();
  const shelf = useShelf();
  const { ranking, candidates, printer, weather } = useRanking();
  const picked = ref('');
  const spoolId = ref('');

  const material = computed({
    get: () => picked.value || (ranking.value?.firstChoice ?? ranking.value?.candidates[0]?.material ?? ''),
    set: key => (picked.value = key),
  });
  const materials = computed(() =>
    (ranking.value?.candidates ?? []).map(c => ({
      value: c.material,
      label: c.material === ranking.value?.firstChoice ? `${c.name}, the first choice` : c.name,
    })),
  );
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
  const card = computed(() => {
    const family = candidates.value.find(f => f.key === material.value);
    if (!draft.brief || !family) return null;
    return printCard(draft.brief, {
      family,
      printer: printer.value,
      weather: weather.value,
      moisture: spool.value?.moisture ?? null,
    });
  });
  return { material, materials, spoolId, spools, spool, card };
}
