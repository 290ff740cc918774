<script setup lang="ts">
import { calibration, drillNames } from '@hornblende/core/drills';
import { Button } from '../../ui/kit';
import { computed } from 'vue';
import { useFeedback } from '../../ui/useFeedback';
import { sureText } from './sure-words';
import type { Round } from './useRound';

/** What a round came to: right ones, how sure, and what to look at again. */
const props = defineProps<{ round: Round }>();
const { tell, fail } = useFeedback();
const answered = computed(() => props.round.answered.value);
const right = computed(() => answered.value.filter(a => a.chosen === a.drill.right).length);
const brier = computed(
  () => calibration(answered.value.map(a => ({ sure: a.sure, right: a.chosen === a.drill.right }))).brier,
);
const summary = computed(
  () => `${right.value} of ${answered.value.length} right, Brier score ${(brier.value ?? 0).toFixed(2)}`,
);
async function share(): Promise<void> {
  const { word } = props.round;
  const line = `Hornblende drills${word.value ? ` “${word.value}”` : ''}: ${summary.value}.`;
  try {
    await navigator.clipboard.writeText(line);
    tell('Copied.');
  } catch (e) {
    fail(e);
  }
}
</script>

<template>
  <section class="end" data-testid="round-end">
    <h2>{{ summary }}</h2>
    <p v-if="round.word.value" class="soft small">
      With the word “{{ round.word.value }}”: whoever says it gets the same ten.
    </p>
    <ol class="small">
      <li v-for="a in answered" :key="a.drill.seed">
        <span :class="a.chosen === a.drill.right ? 'fits' : 'out'">{{
          a.chosen === a.drill.right ? '●' : '○'
        }}</span>
        {{ drillNames[a.drill.kind] }}, {{ sureText(a.sure)
        }}<template v-if="a.chosen !== a.drill.right">: {{ a.drill.options[a.drill.right] }}</template>
      </li>
    </ol>
    <p class="acts">
      <Button type="primary" @click="round.begin()">Ten more</Button>
      <Button type="text" @click="share">Copy the result</Button>
      <Button type="text" @click="round.stop()">Enough for today</Button>
    </p>
  </section>
</template>

<style scoped>
h2 {
  font-size: 19px;
  margin: 16px 0 6px;
}
ol {
  padding-left: 22px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
