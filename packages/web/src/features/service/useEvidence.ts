import type { ServiceEvidence } from '@hornblende/core/api';
import type { Grouping } from '@hornblende/core/service';
import { ref, shallowRef, watch, type Ref, type ShallowRef } from 'vue';
import { api } from '../../api/client';
import { useService } from '../../stores/service';

/** What parts in service tell, worked out by the server; renewed when a look arrives. */
export function useEvidence(by: Ref<Grouping>): {
  evidence: ShallowRef<ServiceEvidence | null>;
  state: Ref<'loading' | 'ready' | 'failed'>;
  load: () => Promise<void>;
} {
  const service = useService();
  const evidence = shallowRef<ServiceEvidence | null>(null);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  let asked = 0;
  async function load(): Promise<void> {
    const mine = ++asked;
    if (!evidence.value) state.value = 'loading';
    try {
      const got = await api.serviceEvidence(by.value);
      // A later question's answer must not be overwritten by an earlier one's.
      if (mine !== asked) return;
      evidence.value = got;
      state.value = 'ready';
    } catch {
      if (mine === asked) state.value = 'failed';
    }
  }
  watch([by, () => service.list], () => void load(), { immediate: true });
  return { evidence, state, load };
}
