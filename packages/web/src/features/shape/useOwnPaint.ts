import { feltStressMPa, fieldScale } from '@hornblende/core/brief';
import { typical, type Family } from '@hornblende/core/materials';
import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { useDraft } from '../part/draft';
import type { Painting } from './stage-part';
import { useLoadsJudged } from './useLoadsJudged';
import type { OwnShape } from './useOwnShape';

/** Faces that bear more than all but so many are all of the full colour. */
const MOST_SHARE = 0.995;

/** The share that has the full colour: what nearly all stay under, and never more than all that may be borne. */
function fullOf(shares: Float32Array): number {
  const sorted = Float32Array.from(shares).sort();
  return Math.min(1, Math.max(1e-6, sorted[Math.floor(MOST_SHARE * (sorted.length - 1))] ?? 1));
}

/** What each place of the shape bears over what a filament may there, safety included, once that is asked for. */
export function useOwnPaint(
  own: OwnShape,
  family: ComputedRef<Family | null>,
): {
  painted: Ref<boolean>;
  /** How many times as far as it does the painted part is drawn to bend; 0 as it is unloaded. */
  bent: Ref<number>;
  paint: ComputedRef<Painting | null>;
  full: ComputedRef<number>;
} {
  const draft = useDraft();
  const judged = useLoadsJudged(() => family.value);
  const painted = ref(false);
  const bent = ref(0);
  const paint = computed<Painting | null>(() => {
    const found = own.found.value;
    const load = draft.brief?.loads[found?.load ?? -1];
    if (!painted.value || !found || !load || !judged.value) return null;
    const { ctx, family: f, loads } = judged.value;
    const allowed = loads[found.load]?.allowableMPa ?? 0;
    if (allowed <= 0) return null;
    const { positions, moves, along, between } = found.skin;
    const by = (fieldScale(load) * ctx.safety) / allowed;
    const weld = typical(f, 'zRatio');
    const shares = along.map(
      (alongMPa, i) => by * feltStressMPa({ alongMPa, betweenMPa: between[i]! }, weld),
    );
    // The worker’s plastic has a modulus of its own: what moves is drawn by how far this filament lets it.
    const worked = Math.max(...found.result.acts.map(a => Math.abs(a.deflectionMm)));
    const stretch = bent.value * ((loads[found.load]?.deflectionMm ?? 0) / worked);
    const drawn = stretch ? positions.map((x, i) => x + stretch * moves[i]!) : positions;
    return { positions: drawn, shares, full: fullOf(shares) };
  });
  return { painted, bent, paint, full: computed(() => paint.value?.full ?? 1) };
}
