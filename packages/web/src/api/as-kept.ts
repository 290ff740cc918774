import { readonly, ref } from 'vue';
import { KEPT_AT } from '../phone/kept-at';

const at = ref<string | null>(null);

/** When the workshop said what a phone shows now, ISO 8601; null as long as it answers. */
export const asKeptAt = readonly(at);

/** Notes of an answer whether the workshop gave it, or the phone had kept it. */
export function noteKept(headers: Headers): void {
  at.value = headers.get(KEPT_AT);
}
