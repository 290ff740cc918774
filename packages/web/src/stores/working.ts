import type { Step, WorkingRef } from '@hornblende/core';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';

/** What the Working drawer shows: models to run on their inputs, or steps already worked out by the core. */
export interface WorkingTopic {
  title: string;
  refs?: WorkingRef[];
  steps?: Step[];
  note?: string;
}

/** The Working drawer, openable from any number. */
export const useWorking = defineStore('working', () => {
  const open = ref(false);
  const topic = shallowRef<WorkingTopic | null>(null);
  function show(next: WorkingTopic): void {
    topic.value = next;
    open.value = true;
  }
  return { open, topic, show };
});
