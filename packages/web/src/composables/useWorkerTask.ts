import { onScopeDispose, ref, shallowRef, type Ref, type ShallowRef } from 'vue';

/** What a worker says on its way: how far it is, that it failed, or its answer. */
type Message<A> = { done: number; total: number } | { failed: string } | A;

export interface WorkerTask<Q, A> {
  answer: ShallowRef<A | null>;
  /** 0 to 1 while it works; null when it rests. */
  progress: Ref<number | null>;
  failed: Ref<string>;
  ask: (question: Q) => void;
  cancel: () => void;
}

/**
 * Asks a worker something long: with progress and cancel. A newer question abandons the older one; its
 * answer stays until the new one comes.
 */
export function useWorkerTask<Q, A extends object>(start: new () => Worker): WorkerTask<Q, A> {
  const answer = shallowRef<A | null>(null) as ShallowRef<A | null>;
  const progress = ref<number | null>(null);
  const failed = ref('');
  let worker: Worker | null = null;
  function cancel(): void {
    worker?.terminate();
    worker = null;
    progress.value = null;
  }
  function ask(question: Q): void {
    cancel();
    failed.value = '';
    progress.value = 0;
    worker = new start();
    worker.onmessage = (e: MessageEvent<Message<A>>) => {
      const said = e.data;
      if ('done' in said) {
        progress.value = said.total ? said.done / said.total : 1;
        return;
      }
      if ('failed' in said) failed.value = said.failed;
      else answer.value = said;
      cancel();
    };
    // A plain copy: what comes from a store may be a proxy, which cannot be posted.
    worker.postMessage(JSON.parse(JSON.stringify(question)));
  }
  onScopeDispose(cancel);
  return { answer, progress, failed, ask, cancel };
}
