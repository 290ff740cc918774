import type { LayChoice, LayVerdict, ShapeLay } from '@hornblende/core/advice';
import { boxLays } from '@hornblende/core/brief';
import type { Family } from '@hornblende/core/materials';
import { watchDebounced } from '@vueuse/core';
import { computed, type ComputedRef, type Ref } from 'vue';
import { useJob } from '../../workers/useJob';
import { useDraft } from '../part/draft';
import { usePickedMaterial } from '../part/usePickedMaterial';
import { useRanking } from '../part/useRanking';
import { useKnownFields } from './useKnownFields';
import { useShape } from './useShape';

/** The ways to lay the part, compared. */
export interface LiveLays {
  /** The filament that they are compared in: the first choice until another is picked. */
  material: Ref<string>;
  materials: ComputedRef<{ value: string; label: string }[]>;
  family: ComputedRef<Family | null>;
  lays: ComputedRef<ShapeLay[]>;
  verdicts: ComputedRef<LayVerdict[]>;
  choices: ComputedRef<LayChoice[]>;
  easier: ComputedRef<LayChoice | null>;
  busy: Ref<number | null>;
  failed: Ref<string>;
}

/** How long typing rests before lays are compared anew, ms. */
const REST_MS = 150;

/** Compares the ways to lay the part whenever shape, brief, printer or filament changes. */
export function useLays(): LiveLays {
  const draft = useDraft();
  const { lays: measured, state } = useShape();
  const { candidates, printer, weather } = useRanking();
  const job = useJob('layVerdicts');
  const { material, materials, family } = usePickedMaterial();
  const { withFields } = useKnownFields();
  const lays = computed<ShapeLay[]>(() => {
    if (measured.value.length) return measured.value;
    if (state.value !== 'none' && state.value !== 'failed') return [];
    return draft.brief ? boxLays(draft.brief).map(l => ({ ...l, steady: true, look: null })) : [];
  });
  const asked = computed(() => {
    const { brief } = draft;
    return brief ? lays.value.map(lay => withFields(brief, lean(lay))) : [];
  });
  watchDebounced(
    [asked, printer, weather, material],
    () => {
      if (!draft.brief || !lays.value.length || !material.value) return;
      job.ask({
        brief: draft.brief,
        lays: asked.value,
        material: material.value,
        printer: printer.value,
        weather: weather.value,
        families: candidates.value,
      });
    },
    { immediate: true, debounce: REST_MS },
  );
  return {
    material,
    materials,
    family,
    lays,
    // In the filament that was picked they stand at once; what would come first for each follows.
    verdicts: computed(() => (job.soFar.value ?? job.answer.value)?.verdicts ?? []),
    choices: computed(() => job.answer.value?.choices ?? []),
    easier: computed(() => job.answer.value?.easier ?? null),
    busy: job.progress,
    failed: job.failed,
  };
}

/** What the comparison needs of a lay. */
function lean(lay: ShapeLay): ShapeLay {
  const { up, xMm, yMm, zMm, volumeMm3, sharpCorners, support, deepShares, footFill, steady, closed, look } =
    lay;
  return { up, xMm, yMm, zMm, volumeMm3, sharpCorners, support, deepShares, footFill, steady, closed, look };
}
