import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { useService } from './service';
import { useWeathers } from './weathers';

/** What own parts outdoors say of each family: for briefs that ask the school of the field. */
export const useFieldEvidence = defineStore('field-evidence', () => {
  const service = useService();
  const weathers = useWeathers();
  const worksOut = shallowRef<typeof import('./work-out-field').workOutField | null>(null);
  /**
   * Fetches the parts in service and what works them out, once; without them there is no evidence, which is no error.
   */
  function ensure(): void {
    if (!worksOut.value)
      void import('./work-out-field').then(m => (worksOut.value = m.workOutField)).catch(() => undefined);
    if (service.state !== 'ready') void service.load().catch(() => undefined);
    void weathers.load().catch(() => undefined);
  }
  const field = computed(() => worksOut.value?.() ?? []);
  return { field, ensure };
});
