import { familyByKey } from '@hornblende/core/materials';
import { fieldEvidence } from '@hornblende/core/service';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { useLibrary } from './library';
import { useService } from './service';
import { useWeathers } from './weathers';

/** What own parts outdoors say of each family: for briefs that ask the school of the field. */
export const useFieldEvidence = defineStore('field-evidence', () => {
  const service = useService();
  const library = useLibrary();
  const weathers = useWeathers();
  /** Fetches the parts in service, once; without them there is no evidence, which is no error. */
  function ensure(): void {
    if (service.state !== 'ready') void service.load().catch(() => undefined);
    void weathers.load().catch(() => undefined);
  }
  const field = computed(() =>
    fieldEvidence(
      service.placed,
      key => familyByKey(library.familyKeyOf(key) ?? '') ?? null,
      id => weathers.list.find(w => w.id === id)?.ghiKWhm2Year ?? null,
    ),
  );
  return { field, ensure };
});
