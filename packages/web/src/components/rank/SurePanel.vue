<script setup lang="ts">
import { robustnessWords, sig } from '@hornblende/core';
import { Progress } from 'ant-design-vue';
import { computed } from 'vue';
import { useRobustness } from '../../composables/useRobustness';
import NumberInput from '../NumberInput.vue';

/** How sure the ranking is: each candidate's chance of being first and of passing, with its sampling error. */
defineProps<{ first: string | null; selected: string | null }>();
const emit = defineEmits<{ select: [material: string] }>();
const { result, progress, failed, stopped, seed, run, stop } = useRobustness();
const SHOWN = 9;
const WIDTH = 360;
const rows = computed(() => (result.value?.candidates ?? []).filter(c => c.pFits > 0).slice(0, SHOWN));
const rest = computed(
  () => (result.value?.candidates ?? []).filter(c => c.pFits > 0).length - rows.value.length,
);
const pct = (p: number): string => (p > 0 && p < 0.005 ? 'under 1' : String(Math.round(100 * p)));
</script>

<template>
  <div data-testid="sure">
    <p v-if="progress !== null" class="busy" role="status">
      Trying the ranking in {{ result ? result.draws : '20 000' }} worlds…
      <Progress :percent="Math.round(100 * progress)" size="small" aria-label="Draws" /><button
        type="button"
        class="quiet-button"
        @click="stop"
      >
        Stop
      </button>
    </p>
    <p v-else-if="failed" class="out">
      It could not be worked out: {{ failed }}
      <button type="button" class="quiet-button" @click="run">Try again</button>
    </p>
    <p v-else-if="stopped" class="soft">
      Stopped.
      <button type="button" class="quiet-button" @click="run">Try the ranking in 20 000 worlds</button>
    </p>
    <p v-else-if="!result" class="soft" role="status">Waiting until the brief rests…</p>
    <template v-if="result">
      <p class="words" data-testid="sure-words">The first choice {{ robustnessWords(result, first) }}.</p>
      <p v-if="!rows.length" class="soft">Nothing passes in any of them.</p>
      <table v-else class="plain">
        <thead>
          <tr>
            <th>Filament</th>
            <th class="n">first in</th>
            <th class="n">passes in</th>
            <th><span class="visually-hidden">Chart</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="c in rows" :key="c.material" :class="{ on: c.material === selected }">
            <th scope="row">
              <button type="button" class="link" @click="emit('select', c.material)">{{ c.name }}</button>
            </th>
            <td class="n">
              <b>{{ pct(c.pFirst) }}</b> %
            </td>
            <td class="n">{{ pct(c.pFits) }} %</td>
            <td class="chart">
              <svg :viewBox="`0 0 ${WIDTH + 10} 20`" :width="WIDTH + 10" height="20" aria-hidden="true">
                <rect x="0" y="4" :width="WIDTH" height="12" class="well" />
                <rect x="0" y="4" :width="WIDTH * c.pFits" height="12" class="fits" />
                <rect x="0" y="4" :width="WIDTH * c.pFirst" height="12" class="first" />
                <path
                  :d="`M${WIDTH * Math.max(0, c.pFirst - 2 * c.seFirst)} 10 H${WIDTH * Math.min(1, c.pFirst + 2 * c.seFirst)} M${WIDTH * Math.max(0, c.pFirst - 2 * c.seFirst)} 6.5 v7 M${WIDTH * Math.min(1, c.pFirst + 2 * c.seFirst)} 6.5 v7`"
                  class="error"
                />
              </svg>
            </td>
          </tr>
        </tbody>
      </table>
      <p class="soft small">
        Dark: first; pale: passes every gate; the whisker is twice the sampling error (at most
        {{ sig(100 * Math.max(0, ...rows.map(r => 2 * r.seFirst)), 2) }} points here). Each world draws every
        property between low and high, and the weights about yours.
        <template v-if="rest > 0">{{ rest }} more pass in some. </template>{{ result.draws }} draws from seed
        <NumberInput
          inline
          integer
          label="Seed"
          :min="-2147483648"
          :max="2147483647"
          :model-value="seed"
          @update:model-value="
            v => {
              if (v !== null) seed = v;
            }
          "
        />, the same each time.
      </p>
    </template>
  </div>
</template>

<style scoped>
.busy {
  display: flex;
  gap: 12px;
  align-items: center;
}
.busy :deep(.ant-progress) {
  max-width: 220px;
  margin: 0;
}
.words {
  font-size: 16px;
}
th,
td {
  padding: 2px 14px 2px 0 !important;
  border-bottom: 1px solid var(--rule);
  vertical-align: middle !important;
  font-weight: 400;
  text-align: left;
}
.n,
.link {
  white-space: nowrap;
}
.link {
  color: var(--ink);
}
.n {
  text-align: right !important;
}
.chart {
  width: 100%;
}
svg {
  display: block;
  max-width: 100%;
}
.well {
  fill: var(--well);
}
.first {
  fill: var(--s-strength);
}
rect.fits {
  fill: var(--s-impact);
  opacity: 0.5;
}
.error {
  stroke: var(--ink);
  stroke-width: 1.3;
  fill: none;
}
.on {
  background: var(--hover);
}
table tbody th {
  border-bottom-color: var(--rule);
}
</style>
