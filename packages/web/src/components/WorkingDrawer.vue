<script setup lang="ts">
import { calculate, sig, type Answer } from '@hornblende/core';
import { Drawer } from 'ant-design-vue';
import { computed } from 'vue';
import { useDraft } from '../stores/draft';
import { useWeathers } from '../stores/weathers';
import { useWorking } from '../stores/working';

const working = useWorking();
const draft = useDraft();
const weathers = useWeathers();
/** A brief's own weather is named in its inputs and kept apart; here it is put in its place. */
function withWeather(inputs: object): object {
  if (!('climate' in inputs) || inputs.climate !== 'own') return inputs;
  const rest = Object.fromEntries(Object.entries(inputs).filter(([key]) => key !== 'climate'));
  return { ...rest, weather: weathers.byId(draft.content?.weatherId ?? null) };
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
    v-model:open="working.open"
    :title="`Working: ${working.topic?.title ?? ''}`"
    :width="620"
    placement="right"
  >
    <div data-testid="working">
      <p v-if="working.topic?.note" class="soft">{{ working.topic.note }}</p>
      <table v-if="working.topic?.steps" class="plain steps">
        <thead>
          <tr>
            <th>Symbol</th>
            <th>Formula</th>
            <th>With numbers</th>
            <th class="val">Value</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(s, i) in working.topic.steps" :key="i">
            <td>{{ s.symbol }}</td>
            <td>{{ s.formula }}</td>
            <td>{{ s.substituted }}</td>
            <td class="val">{{ sig(s.value, 3) }} {{ s.unit }}</td>
          </tr>
        </tbody>
      </table>
      <section v-for="a in answers" :key="a.model">
        <h3>{{ a.model }}</h3>
        <p v-if="'failed' in a" class="out">{{ a.failed }}</p>
        <template v-else>
          <table class="plain steps">
            <thead>
              <tr>
                <th>Symbol</th>
                <th>Formula</th>
                <th>With numbers</th>
                <th class="val">Value</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(s, i) in a.steps" :key="i">
                <td>{{ s.symbol }}</td>
                <td>{{ s.formula }}</td>
                <td>{{ s.substituted }}</td>
                <td class="val">{{ sig(s.value) }} {{ s.unit }}</td>
              </tr>
            </tbody>
          </table>
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
.steps {
  font-size: 14px;
}
.steps td {
  overflow-wrap: anywhere;
}
.steps td:first-child {
  white-space: nowrap;
  font-style: italic;
}
.steps .val {
  text-align: right;
  white-space: nowrap;
  padding-right: 0;
  font-weight: 700;
}
</style>
