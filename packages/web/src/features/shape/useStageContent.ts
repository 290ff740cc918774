import type { PlatePlace } from '@hornblende/core/print';
import type { MarkedPlace, Turn, Xyz } from '@hornblende/core/geometry';
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import { placedAs } from './placed-load';
import { useDraft } from '../part/draft';
import type { Painting } from './stage-part';
import type { StageContent } from './three-stage';
import type { LivePlate } from './usePlate';
import { useShape, type MeasuredLay } from './useShape';

/** No turn: as the file has it. */
export const upright: Turn = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];

/** What stands on the stage, and what the reader does with it. */
export interface LiveStage {
  sizeMm: ComputedRef<[number, number]>;
  place: ComputedRef<PlatePlace | null>;
  /** A place of the laid part as it stands on the plate. */
  onPlate: (p: Xyz) => Xyz;
  /** A place of the file as it stands on the plate. */
  ofFile: (p: Xyz) => Xyz;
  places: ComputedRef<MarkedPlace[]>;
  /** The mark that is looked at; −1 for none. */
  looked: Ref<number>;
  cutOpen: Ref<boolean>;
  /** How far it is cut open from its front, %. */
  cut: Ref<number>;
  withDiscs: Ref<boolean>;
  discs: ComputedRef<Xyz[]>;
  /** The file's own box. */
  bounds: ComputedRef<{ low: Xyz; high: Xyz }>;
  /** Null where there is no shape to show. */
  content: ComputedRef<StageContent | null>;
}

/** Puts the part, lying one way, on its plate. */
export function useStageContent(
  lay: ComputedRef<MeasuredLay | null>,
  { plateMm, placeFor }: LivePlate,
  paint: ComputedRef<Painting | null>,
): LiveStage {
  const draft = useDraft();
  const { shape } = useShape();
  const sizeMm = computed<[number, number]>(() => {
    const g = draft.brief?.geometry;
    return lay.value ? [lay.value.xMm, lay.value.yMm] : [g?.xMm ?? 10, g?.yMm ?? 10];
  });
  const place = computed(() => placeFor(sizeMm.value));
  const corner = computed<Xyz>(() => {
    const at = place.value ?? { xMm: plateMm.value[0] / 2, yMm: plateMm.value[1] / 2 };
    return [at.xMm - sizeMm.value[0] / 2, at.yMm - sizeMm.value[1] / 2, 0];
  });
  const onPlate = (p: Xyz): Xyz => [p[0] + corner.value[0], p[1] + corner.value[1], p[2] + corner.value[2]];

  const looked = ref(-1);
  watch(lay, () => (looked.value = -1));
  const places = computed(() => lay.value?.places ?? []);
  const cutOpen = ref(false);
  const cut = ref(50);
  const withDiscs = ref(false);
  const discs = computed(() =>
    withDiscs.value ? places.value.filter(p => p.kind === 'corner').map(p => onPlate(p.atMm)) : [],
  );

  const bounds = computed(() => ({
    low: shape.value?.lowMm ?? ([0, 0, 0] as const),
    high: shape.value?.highMm ?? ([0, 0, 0] as const),
  }));
  const turn = computed<Turn>(() => lay.value?.turn ?? upright);
  // Until it is measured it stands as its file has it.
  const lowMm = computed<Xyz>(() => lay.value?.lowMm ?? bounds.value.low);
  const boxMm = computed<Xyz>(() => {
    const { low, high } = bounds.value;
    return lay.value
      ? [lay.value.xMm, lay.value.yMm, lay.value.zMm]
      : [high[0] - low[0], high[1] - low[1], high[2] - low[2]];
  });
  /** A place of the file as it stands on the plate. */
  const ofFile = (p: Xyz): Xyz => {
    const [x, y, z] = turn.value.map((r, k) => r[0] * p[0] + r[1] * p[1] + r[2] * p[2] - lowMm.value[k]!);
    return onPlate([x!, y!, z!]);
  };
  const loads = computed(() =>
    (draft.brief?.loads ?? []).flatMap(l => {
      const { heldAt, actsAt } = placedAs(l);
      const held = heldAt.map(ofFile);
      const acts = actsAt.map(ofFile);
      if (!held.length || !acts.length) return [];
      // Every place stands in one arrow at least: the last of the fewer is shared.
      return Array.from({ length: Math.max(held.length, acts.length) }, (_, k) => ({
        heldMm: held[Math.min(k, held.length - 1)]!,
        actsMm: acts[Math.min(k, acts.length - 1)]!,
      }));
    }),
  );
  const content = computed<StageContent | null>(() =>
    shape.value
      ? {
          positions: shape.value.positions,
          edges: shape.value.edges,
          turn: turn.value,
          lowMm: lowMm.value,
          sizeMm: boxMm.value,
          cornerMm: corner.value,
          plateMm: plateMm.value,
          marks: places.value.map(p => ({ kind: p.kind, atMm: onPlate(p.atMm) })),
          looked: looked.value,
          discs: discs.value,
          paint: paint.value,
          loads: loads.value,
          cut: cutOpen.value ? cut.value / 100 : null,
        }
      : null,
  );
  return { sizeMm, place, onPlate, ofFile, places, looked, cutOpen, cut, withDiscs, discs, bounds, content };
}
