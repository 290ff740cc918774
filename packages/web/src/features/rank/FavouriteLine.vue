<script setup lang="ts">
import { favouriteWords } from '@hornblende/core/advice';
import type { Ranking } from '@hornblende/core/score';
import { useDebounceFn } from '@vueuse/core';
import { watch } from 'vue';
import { useUnits } from '../../ui/useUnits';
import { useJob } from '../../workers/useJob';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';

/** Beside the first choice: what would let an easier filament lead. */
const props = defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const { candidates, printer, weather } = useRanking();
const { say } = useUnits();
const task = useJob('favourite');
/** Typing comes to rest for this long before it is asked, ms. */
const REST = 400;
const ask = useDebounceFn(() => {
  if (!draft.brief) return;
  task.ask({
    brief: draft.brief,
    ranking: props.ranking,
    printer: printer.value,
    weather: weather.value,
    families: candidates.value,
  });
}, REST);
watch(
  () => props.ranking,
  () => {
    task.cancel();
    task.answer.value = null;
    void ask();
  },
  { immediate: true },
);
</script>

<template>
  <p v-if="task.answer.value" class="favourite" data-testid="favourite">
    {{ say(favouriteWords(task.answer.value)) }}
  </p>
</template>

<style scoped>
.favourite {
  margin: 4px 0 0;
}
</style>
