import { defineStore } from 'pinia';
import { ref } from 'vue';

/** Which part is being worked on, for what stands around its pages: the rail, the shortcuts. */
export const useCurrentPart = defineStore('current-part', () => {
  const id = ref<string | null>(null);
  const name = ref('');
  return { id, name };
});
