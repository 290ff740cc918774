import type { WorkshopUpgradesResult } from '@hornblende/core';
import { onUnmounted, ref, shallowRef, type Ref, type ShallowRef } from 'vue';
import UpgradesWorker from '../workers/upgrades.worker?worker';
import type { UpgradesAnswer, UpgradesQuestion } from '../workers/upgrades.worker';

/** Weighs upgrades in a worker, with progress and cancel; a newer question abandons the older one, and its answer stays until the new one comes. */
export function useUpgrades(): { result: ShallowRef<WorkshopUpgradesResult | null>; progress: Ref<number | null>; failed: Ref<string>; ask: (q: UpgradesQuestion) => void; cancel: () => void } {
  const result = shallowRef<WorkshopUpgradesResult | null>(null);
  const progress = ref<number | null>(null);
  const failed = ref('');
  let worker: Worker | null = null;
  function cancel(): void { worker?.terminate(); worker = null; progress.value = null; }
  function ask(q: UpgradesQuestion): void {
    cancel();
    failed.value = '';
    progress.value = 0;
    worker = new UpgradesWorker();
    worker.onmessage = (e: MessageEvent<UpgradesAnswer>) => {
      if ('done' in e.data) { progress.value = e.data.total ? e.data.done / e.data.total : 1; return; }
      if ('failed' in e.data) failed.value = e.data.failed; else result.value = e.data.result;
      cancel();
    };
    worker.postMessage(JSON.parse(JSON.stringify(q)));
  }
  onUnmounted(cancel);
  return { result, progress, failed, ask, cancel };
}
