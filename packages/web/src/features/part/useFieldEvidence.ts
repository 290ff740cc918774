import { familyByKey, fieldEvidence, type FieldEvidence } from '@hornblende/core';
import { computed, watch, type ComputedRef } from 'vue';
import { useLibrary } from '../../stores/library';
import { useService } from '../../stores/service';
import { useDraft } from './draft';

/** What own parts outdoors say of each family; fetched once a brief asks the school of the field. */
export function useFieldEvidence(): { field: ComputedRef<FieldEvidence[]> } {
  const draft = useDraft();
  const service = useService();
  const library = useLibrary();
  watch(
    () => draft.brief?.outdoorSchool,
    school => {
      if (school === 'field' && service.state !== 'ready') void service.load().catch(() => undefined);
    },
    { immediate: true },
  );
  return {
    field: computed(() =>
      fieldEvidence(service.placed, key => familyByKey(library.familyKeyOf(key) ?? '') ?? null),
    ),
  };
}
