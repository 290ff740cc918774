import { familyByKey } from '@hornblende/core/materials';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { useLibrary } from './library';
import { useService } from './service';
import { useWeathers } from './weathers';

/** What own parts outdoors say of each family: for briefs that ask the school of the field. */
export const useFieldEvidence = defineStore('field-evidence', () => {
  const service = useService();
  const library = useLibrary();
  const weathers = useWeathers();
  const worksOut = shallowRef<typeof import('./work-out-field').fieldEvidence | null>(null);
  /**
   * Fetches the parts in service and what works them out, once; without them there is no evidence, which is no error.
   */
  function ensure(): void {
    if (!worksOut.value)
      void import('./work-out-field').then(m => (worksOut.value = m.fieldEvidence)).catch(() => undefined);
    if (service.state !== 'ready') void service.load().catch(() => undefined);
    void weathers.load().catch(() => undefined);
  }
  const field = computed(
    () =>
      worksOut.value?.(
        service.placed,
        key => familyByKey(library.familyKeyOf(key) ?? '') ?? null,
        id => weathers.list.find(w => w.id === id)?.ghiKWhm2Year ?? null,
      ) ?? [],
  );
  return { field, ensure };
});
