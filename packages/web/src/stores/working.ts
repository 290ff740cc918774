import type { WorkingRef } from '@hornblende/core/brief';
import type { Step } from '@hornblende/core/models';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';

/** What the Working drawer shows: models to run on their inputs, or steps already worked out by the core. */
export interface WorkingTopic {
  title: string;
  refs?: WorkingRef[];
  steps?: Step[];
  note?: string;
  /** The weather that inputs mean whose climate is their own. */
  weatherId?: string | null;
}

/** The Working drawer, openable from any number. */
export const useWorking = defineStore('working', () => {
  const open = ref(false);
  const topic = shallowRef<WorkingTopic | null>(null);
  let opener: Element | null = null;
  /** Opens the drawer on a number's working. */
  function show(next: WorkingTopic): void {
    if (!open.value) opener = document.activeElement;
    topic.value = next;
    open.value = true;
  }
  /** Closes the drawer. */
  function close(): void {
    open.value = false;
  }
  /** Gives the focus back to the number that opened the drawer. */
  function returnFocus(): void {
    if (opener instanceof HTMLElement && opener.isConnected) opener.focus();
    opener = null;
  }
  return { open, topic, show, close, returnFocus };
});
