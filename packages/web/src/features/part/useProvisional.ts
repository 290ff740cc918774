import type { Provisional } from '@hornblende/core/advice';
import { isUntouched, unanswered } from '@hornblende/core/brief';
import { createSharedComposable, useDebounceFn } from '@vueuse/core';
import { computed, ref, watch, type ComputedRef } from 'vue';
import { useJob } from '../../workers/useJob';
import { useDraft } from './draft';
import { useRanking } from './useRanking';

/** Typing comes to rest for this long before open questions are tried, ms. */
const REST = 300;

/**
 * Whether the verdict on the part being worked on is provisional: a question is open whose answer would change the
 * first choice. Null where nothing is open that matters, and while it is being found out.
 */
export const useProvisional = createSharedComposable((): ComputedRef<Provisional | null> => {
  const draft = useDraft();
  const { ranking, candidates, printer, weather } = useRanking();
  const task = useJob('openQuestions');
  const asked = ref(false);
  const ask = useDebounceFn(() => {
    const { brief, content } = draft;
    if (!brief || !content || !ranking.value || isUntouched(content.given)) return;
    if (!unanswered(content.given, brief.filledIn).length) return;
    asked.value = true;
    task.ask({
      brief,
      given: content.given,
      printer: printer.value,
      weather: weather.value,
      families: candidates.value,
    });
  }, REST);
  watch(
    ranking,
    () => {
      task.cancel();
      asked.value = false;
      void ask();
    },
    { immediate: true },
  );
  return computed(() => {
    const found = asked.value && task.progress.value === null ? task.answer.value : null;
    return found?.provisional ? found : null;
  });
});
