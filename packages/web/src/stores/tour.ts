import { defineStore } from 'pinia';
import { ref } from 'vue';

/** Whether somebody is being shown round. */
export const useTour = defineStore('tour', () => {
  const running = ref(false);
  const start = (): void => void (running.value = true);
  const stop = (): void => void (running.value = false);
  return { running, start, stop };
});
