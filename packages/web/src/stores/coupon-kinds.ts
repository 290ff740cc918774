import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { api, type CouponKind } from '../api/client';

/** The kinds of coupon that the workshop can make: asked for once, when the first page wants them. */
export const useCouponKinds = defineStore('coupon-kinds', () => {
  const kinds = shallowRef<CouponKind[]>([]);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  let asked = false;
  async function load(): Promise<void> {
    state.value = 'loading';
    try {
      kinds.value = await api.coupons();
      state.value = 'ready';
    } catch {
      state.value = 'failed';
    }
  }
  /** What a kind is called; its id until that is known. */
  function titleOf(id: string): string {
    if (!asked) {
      asked = true;
      void load();
    }
    return kinds.value.find(k => k.id === id)?.title ?? id;
  }
  return { kinds, state, load, titleOf };
});
