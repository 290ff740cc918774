import type { Family } from '@hornblende/core/materials';
import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { useRoute } from 'vue-router';
import { useRanking } from './useRanking';

/** A filament that a page is about. */
export interface PickedMaterial {
  /** Its key: the first choice until another is picked. */
  material: Ref<string>;
  /** All that were judged, the best first, for a select. */
  materials: ComputedRef<{ value: string; label: string }[]>;
  family: ComputedRef<Family | null>;
}

/** The filament that a page of a part is about: the address's, else the first choice; the reader may change it. */
export function usePickedMaterial(): PickedMaterial {
  const { ranking, candidates } = useRanking();
  const { query } = useRoute();
  const picked = ref(typeof query.material === 'string' ? query.material : '');
  const material = computed({
    get: () => picked.value || (ranking.value?.firstChoice ?? ranking.value?.candidates[0]?.material ?? ''),
    set: key => (picked.value = key),
  });
  return {
    material,
    materials: computed(() =>
      (ranking.value?.candidates ?? []).map(c => ({
        value: c.material,
        label: c.material === ranking.value?.firstChoice ? `${c.name}, the first choice` : c.name,
      })),
    ),
    family: computed(() => candidates.value.find(f => f.key === material.value) ?? null),
  };
}
