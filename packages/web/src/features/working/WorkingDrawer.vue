<script setup lang="ts">
import type { Answer } from '@hornblende/core/models';
import { calculate } from '@hornblende/core/registry';
import { Drawer } from '../../ui/kit';
import { computed } from 'vue';
import { useWeathers } from '../../stores/weathers';
import { useWorking } from '../../stores/working';
import WorkingSteps from './WorkingSteps.vue';

const working = useWorking();
const weathers = useWeathers();
/** A brief's own weather is named in its inputs and kept apart; here it is put in its place. */
function withWeather(inputs: object): object {
  if (!('climate' in inputs) || inputs.climate !== 'own') return inputs;
  const rest = Object.fromEntries(Object.entries(inputs).filter(([key]) => key !== 'climate'));
  return { ...rest, weather: weathers.byId(working.topic?.weatherId ?? null) };
}
const answers = computed<(Answer | { model: string; failed: string })[]>(() =>
  (working.topic?.refs ?? []).map(ref => {
    // A model may refuse what lies outside its validity; the drawer says so instead of failing.
    try {
      return calculate(ref.model, withWeather(ref.inputs));
    } catch (e) {
      return { model: ref.model, failed: (e as Error).message };
    }
  }),
);
</script>

<template>
  <Drawer
    :open="working.open"
    :title="`Working: ${working.topic?.title ?? ''}`"
    width="min(620px, 100vw)"
    placement="right"
    @close="working.close()"
    @after-open-change="shown => !shown && working.returnFocus()"
  >
    <div data-testid="working">
      <p v-if="working.topic?.note" class="soft">{{ working.topic.note }}</p>
      <WorkingSteps
        v-if="working.topic?.steps"
        :steps="working.topic.steps"
        :figures="3"
        :label="working.topic.title"
      />
      <section v-for="a in answers" :key="a.model">
        <h3>{{ a.model }}</h3>
        <p v-if="'failed' in a" class="out">{{ a.failed }}</p>
        <template v-else>
          <WorkingSteps :steps="a.steps" :figures="4" :label="a.model" />
          <p v-for="w in a.warnings" :key="w" class="marginal small">◐ {{ w }}</p>
          <p class="soft small">Holds for: {{ a.validity }}<br />Source: {{ a.source }}</p>
        </template>
      </section>
    </div>
  </Drawer>
</template>

<style scoped>
section {
  margin-top: 18px;
}
section h3 {
  font-weight: 400;
  color: var(--soft);
}
</style>
