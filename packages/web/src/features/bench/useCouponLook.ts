import { families } from '@hornblende/core/materials';
import { watchDebounced } from '@vueuse/core';
import { computed, onMounted, type ComputedRef, type Ref } from 'vue';
import { api } from '../../api/client';
import { usePrinters } from '../../stores/printers';
import type { CouponLookAnswer } from '../../workers/jobs/coupon-look';
import { useJob } from '../../workers/useJob';

/** A pause after typing, before a coupon is made anew, ms. */
const REST_MS = 250;

/** How a coupon looks, and what it takes on the workshop's usual printer. */
export interface CouponLook {
  look: Ref<CouponLookAnswer | null>;
  /** The printer that it is worked out for; empty where there is none. */
  printerName: ComputedRef<string>;
}

/**
 * @param path the coupon's file as STL, with its numbers
 * @param familyKey the filament that it would be printed in
 * @param solid whether it is printed with all infill
 */
export function useCouponLook(path: Ref<string>, familyKey: Ref<string>, solid: Ref<boolean>): CouponLook {
  const printers = usePrinters();
  const job = useJob('couponLook');
  const usual = computed(() => printers.usual?.profile ?? null);
  onMounted(() => {
    if (!printers.loaded) void printers.load();
  });
  let asked = 0;
  watchDebounced(
    [path, familyKey, usual, solid],
    async () => {
      const mine = ++asked;
      const family = families.find(f => f.key === familyKey.value);
      if (!family) return;
      // A coupon whose numbers do not go together has no look; its file says why when it is asked for.
      const bytes = await api.file(path.value.replace(/^\/api/, '')).catch(() => null);
      if (mine !== asked) return;
      if (bytes) job.ask({ bytes: new Uint8Array(bytes), solid: solid.value, family, printer: usual.value });
      else job.answer.value = null;
    },
    { immediate: true, debounce: REST_MS },
  );
  return { look: job.answer, printerName: computed(() => usual.value?.name ?? '') };
}
