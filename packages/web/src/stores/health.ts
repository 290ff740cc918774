import { useIntervalFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import { api } from '../api/client';
import { deskLocked } from '../api/desk-locked';

/** How often it is asked whether the workshop is well, ms. */
const ASK_MS = 300_000;

/** Whether the workshop's database is well; what is damaged is said on every page. */
export const useHealth = defineStore('health', () => {
  /** What is damaged in the file itself: then nothing is saved. */
  const damage = ref<string[]>([]);
  /** Records that are not as they were written. */
  const damagedRecords = ref<string[]>([]);
  /** Whether it is answered to a phone: parts in service, trials, open faults, and nothing else. */
  const isPhone = ref(false);
  async function ask(): Promise<void> {
    try {
      const health = await api.health();
      damage.value = health.damage ?? [];
      damagedRecords.value = health.damagedRecords ?? [];
      isPhone.value = health.phone ?? false;
      if (health.locked) deskLocked.value = true;
    } catch {
      /* away: the pages say so themselves */
    }
  }
  /** When it was asked for the first time: what a phone may not ask waits for this. */
  const first = ask();
  useIntervalFn(() => void ask(), ASK_MS);
  return { damage, damagedRecords, isPhone, first, ask };
});
