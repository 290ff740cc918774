import { DRAWS, type Robustness } from '@hornblende/core/score';
import { createSharedComposable, useDebounceFn } from '@vueuse/core';
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import { useDraft } from './draft';
import { useRanking } from './useRanking';
import { useJob } from '../../workers/useJob';

/** Typing comes to rest for this long before the draws begin, ms. */
const REST = 900;

/** How sure, live. */
export interface LiveRobustness {
  /** Of the ranking that is shown; null while it is being worked out or after it was stopped. */
  result: ComputedRef<Robustness | null>;
  progress: Ref<number | null>;
  failed: Ref<string>;
  stopped: Ref<boolean>;
  seed: Ref<number>;
  run: () => void;
  stop: () => void;
}

/**
 * How sure the ranking of the part being worked on is: 20 000 draws in a worker, begun when typing rests,
 * for everyone who shows it.
 */
export const useRobustness = createSharedComposable((): LiveRobustness => {
  const draft = useDraft();
  const { ranking, candidates, printer, weather } = useRanking();
  const task = useJob('robustness');
  const seed = ref(1);
  const stopped = ref(false);
  const fresh = ref(false);
  watch(task.answer, () => {
    fresh.value = true;
  });
  function run(): void {
    const { brief } = draft;
    if (!brief || !ranking.value) return;
    stopped.value = false;
    task.ask({
      brief,
      printer: printer.value,
      weather: weather.value,
      families: candidates.value,
      draws: DRAWS,
      seed: seed.value,
    });
  }
  const soon = useDebounceFn(() => {
    if (!stopped.value) run();
  }, REST);
  watch(
    [ranking, seed],
    () => {
      task.cancel();
      fresh.value = false;
      stopped.value = false;
      void soon();
    },
    { immediate: true },
  );
  function stop(): void {
    task.cancel();
    stopped.value = true;
  }
  return {
    result: computed(() => (fresh.value ? task.answer.value : null)),
    progress: task.progress,
    failed: task.failed,
    stopped,
    seed,
    run,
    stop,
  };
});
