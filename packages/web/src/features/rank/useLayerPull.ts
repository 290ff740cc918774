import { TOP_WEIGHT } from '@hornblende/core/brief';
import type { CriterionId } from '@hornblende/core/lib';
import { shallowRef, type ShallowRef } from 'vue';
import type { Layer } from './strata-layout';

/** A weight as it may be set: within its limits, to a tenth. */
export function settled(weight: number): number {
  return Math.round(10 * Math.min(TOP_WEIGHT, Math.max(0.1, weight))) / 10;
}

/** Pulling the lower edge of a layer: down weighs more, up less. */
export interface LayerPull {
  pulled: ShallowRef<CriterionId | null>;
  grab: (e: PointerEvent, layer: Layer) => void;
  pull: (e: PointerEvent) => void;
  release: () => void;
}

/**
 * @param scale pixels for one of weight, as drawn when the pull begins: so the edge keeps to the pointer
 * @param weigh told the new weight
 */
export function useLayerPull(
  scale: () => number,
  weigh: (id: CriterionId, weight: number) => void,
): LayerPull {
  const pulled = shallowRef<CriterionId | null>(null);
  let from = { weight: 0, y: 0, scale: 1 };
  return {
    pulled,
    grab: (e, layer) => {
      (e.target as Element).setPointerCapture(e.pointerId);
      pulled.value = layer.id;
      from = { weight: layer.weight, y: e.clientY, scale: scale() };
    },
    pull: e => {
      if (pulled.value) weigh(pulled.value, settled(from.weight + (e.clientY - from.y) / from.scale));
    },
    release: () => {
      pulled.value = null;
    },
  };
}
