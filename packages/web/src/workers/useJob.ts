import { onScopeDispose, ref, shallowRef, type Ref, type ShallowRef } from 'vue';
import { compute, JobCancelled, type RunningJob } from './compute';
import type { JobName, Jobs } from './jobs';

/** A long job as a component shows it. */
export interface JobTask<N extends JobName> {
  answer: ShallowRef<Jobs[N]['answer'] | null>;
  /** What is found so far of a question that is being worked at, of jobs that say; null otherwise. */
  soFar: ShallowRef<Jobs[N]['answer'] | null>;
  /** 0 to 1 while it works; null when it rests. */
  progress: Ref<number | null>;
  failed: Ref<string>;
  ask: (question: Jobs[N]['question']) => void;
  cancel: () => void;
}

/**
 * Asks the compute worker something long: with progress, cancel and errors. A newer question abandons the older one,
 * whose answer stays until the new one comes.
 */
export function useJob<N extends JobName>(name: N): JobTask<N> {
  const answer = shallowRef<Jobs[N]['answer'] | null>(null) as ShallowRef<Jobs[N]['answer'] | null>;
  const soFar = shallowRef<Jobs[N]['answer'] | null>(null) as ShallowRef<Jobs[N]['answer'] | null>;
  const progress = ref<number | null>(null);
  const failed = ref('');
  let running: RunningJob<Jobs[N]['answer']> | null = null;

  function cancel(): void {
    running?.cancel();
    running = null;
    progress.value = null;
    soFar.value = null;
  }
  function ask(question: Jobs[N]['question']): void {
    cancel();
    failed.value = '';
    progress.value = 0;
    const mine = compute(name, question, (done, total, found) => {
      if (running !== mine) return;
      progress.value = total ? done / total : 1;
      if (found !== undefined) soFar.value = found;
    });
    running = mine;
    mine.answer.then(
      found => {
        if (running === mine) settle(() => (answer.value = found));
      },
      (error: Error) => {
        if (running === mine && !(error instanceof JobCancelled))
          settle(() => (failed.value = error.message));
      },
    );
  }
  function settle(put: () => void): void {
    running = null;
    progress.value = null;
    soFar.value = null;
    put();
  }
  onScopeDispose(cancel);
  return { answer, soFar, progress, failed, ask, cancel };
}
