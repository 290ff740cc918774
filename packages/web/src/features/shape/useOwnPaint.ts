import {
  asJudged,
  assess,
  contextOf,
  feltStressMPa,
  fieldScale,
  typical,
  type Family,
} from '@hornblende/core';
import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';
import type { Painting } from './stage-part';
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
): { painted: Ref<boolean>; paint: ComputedRef<Painting | null>; full: ComputedRef<number> } {
  const draft = useDraft();
  const { printer, weather, ranking } = useRanking();
  const painted = ref(false);
  const paint = computed<Painting | null>(() => {
    const found = own.found.value;
    const { brief } = draft;
    const f = family.value;
    if (!painted.value || !found || !brief || !f) return null;
    const candidate = ranking.value?.candidates.find(c => c.material === f.key);
    const judged = asJudged(contextOf(brief, printer.value, weather.value), f, candidate);
    const allowed = assess(judged.ctx, judged.family).loads[found.load]?.allowableMPa ?? 0;
    if (allowed <= 0) return null;
    const { positions, along, across, shear } = found.skin;
    const by = fieldScale(brief.loads[found.load]!) * judged.ctx.safety;
    const weld = typical(judged.family, 'zRatio');
    const shares = along.map(
      (alongMPa, i) =>
        (by * feltStressMPa({ alongMPa, acrossMPa: across[i]!, shearMPa: shear[i]! }, weld)) / allowed,
    );
    return { positions, shares, full: fullOf(shares) };
  });
  return { painted, paint, full: computed(() => paint.value?.full ?? 1) };
}
