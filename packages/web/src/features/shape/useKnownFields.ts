import type { ShapeLay } from '@hornblende/core/advice';
import { fieldKey, fieldOf, hasPlaces, laidBrief, type LoadField } from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import { createSharedComposable } from '@vueuse/core';
import { shallowReactive, watch } from 'vue';
import { useDraft } from '../part/draft';
import { useShape } from './useShape';

/** What was worked out of the part’s loads on its shape since it was opened, for whichever way it lay. */
export interface KnownFields {
  remember: (field: LoadField) => void;
  /** A way to lay the part with what is known of its loads so. */
  withFields: (brief: Brief, lay: ShapeLay) => ShapeLay;
  /** The loads that name their places, by their place in the brief, of which nothing is known lying so. */
  openLoads: (brief: Brief, lay: ShapeLay) => number[];
}

/** Keeps the fields of the part being worked on: laid back as it was, it needs not be worked out again. */
export const useKnownFields = createSharedComposable((): KnownFields => {
  const draft = useDraft();
  const { shape } = useShape();
  const known = shallowReactive(new Map<string, LoadField>());
  watch([() => draft.id, () => shape.value?.positions], () => known.clear());

  function fieldsOf(brief: Brief, lay: ShapeLay): (LoadField | null)[] {
    const laid = laidBrief(brief, lay);
    return laid.loads.map(load =>
      hasPlaces(load) ? (fieldOf(laid, load) ?? known.get(fieldKey(laid, load)) ?? null) : null,
    );
  }
  return {
    remember: field => known.set(field.of, field),
    withFields: (brief, lay) => ({ ...lay, fields: fieldsOf(brief, lay) }),
    openLoads: (brief, lay) =>
      fieldsOf(brief, lay).flatMap((field, i) => (!field && hasPlaces(brief.loads[i]!) ? [i] : [])),
  };
});
