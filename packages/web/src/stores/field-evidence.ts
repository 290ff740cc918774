import { familyByKey, fieldEvidence } from '@hornblende/core';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { useLibrary } from './library';
import { useService } from './service';

/** What own parts outdoors say of each family: for briefs that ask the school of the field. */
export const useFieldEvidence = defineStore('field-evidence', () => {
  const service = useService();
  const library = useLibrary();
  /** Fetches the parts in service, once; without them there is no evidence, which is no error. */
  function ensure(): void {
    if (service.state !== 'ready') void service.load().catch(() => undefined);
  }
  const field = computed(() =>
    fieldEvidence(service.placed, key => familyByKey(library.familyKeyOf(key) ?? '') ?? null),
  );
  return { field, ensure };
});
