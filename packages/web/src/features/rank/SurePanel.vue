<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import { robustnessWords, type Acceptability } from '@hornblende/core/score';
import { Button, Progress } from '../../ui/kit';
import { computed } from 'vue';
import { useRobustness } from '../part/useRobustness';
import DataTable from '../../ui/DataTable.vue';
import NumberInput from '../../ui/NumberInput.vue';

/** How sure the ranking is: each candidate's chance of being first and of passing, with its sampling error. */
defineProps<{ first: string | null; selected: string | null }>();
const emit = defineEmits<{ select: [material: string] }>();
const { result, progress, failed, stopped, seed, run, stop } = useRobustness();
const MOST_FILAMENTS_SHOWN = 9;
const WIDTH = 360;
const rows = computed(() =>
  (result.value?.candidates ?? []).filter(c => c.pFits > 0).slice(0, MOST_FILAMENTS_SHOWN),
);
const rest = computed(
  () => (result.value?.candidates ?? []).filter(c => c.pFits > 0).length - rows.value.length,
);
const columns = [
  { key: 'name', title: 'Filament' },
  { key: 'first', title: 'First in', number: true },
  { key: 'passes', title: 'Passes in', number: true },
  { key: 'chart', title: 'Chart', hiddenTitle: true, width: '52%' },
];
/** Twice the sampling error either side of the chance of being first. */
function whisker({ pFirst, seFirst }: Acceptability): string {
  const low = WIDTH * Math.max(0, pFirst - 2 * seFirst);
  const high = WIDTH * Math.min(1, pFirst + 2 * seFirst);
  return `M${low} 10 H${high} M${low} 6.5 v7 M${high} 6.5 v7`;
}
const pct = (p: number): string => (p > 0 && p < 0.005 ? 'under 1' : String(Math.round(100 * p)));
</script>

<template>
  <div data-testid="sure">
    <p v-if="progress !== null" class="busy" role="status">
      Trying the ranking in {{ result ? result.draws : '20 000' }} draws…
      <Progress :percent="Math.round(100 * progress)" size="small" aria-label="Draws" /><Button
        type="text"
        @click="stop"
      >
        Stop
      </Button>
    </p>
    <p v-else-if="failed" class="out">
      It could not be worked out: {{ failed }}
      <Button type="text" @click="run">Try again</Button>
    </p>
    <p v-else-if="stopped" class="soft">
      Stopped.
      <Button type="text" @click="run">Try the ranking in 20 000 draws</Button>
    </p>
    <p v-else-if="!result" class="soft" role="status">Waiting until the brief rests…</p>
    <template v-if="result">
      <p class="words" data-testid="sure-words">The first choice {{ robustnessWords(result, first) }}.</p>
      <p v-if="!rows.length" class="soft">Nothing passes in any of them.</p>
      <DataTable
        v-else
        :columns="columns"
        :rows="rows"
        :row-key="c => c.material"
        :row-class="c => (c.material === selected ? 'on' : '')"
        label="How each candidate fares over the draws"
      >
        <template #name="{ row }">
          <Button type="link" @click="emit('select', row.material)">{{ row.name }}</Button>
        </template>
        <template #first="{ row }"
          ><b>{{ pct(row.pFirst) }}</b> %</template
        >
        <template #passes="{ row }">{{ pct(row.pFits) }} %</template>
        <template #chart="{ row }">
          <svg :viewBox="`0 0 ${WIDTH + 10} 20`" class="chances" aria-hidden="true">
            <rect x="0" y="4" :width="WIDTH" height="12" class="well" />
            <rect x="0" y="4" :width="WIDTH * row.pFits" height="12" class="fits" />
            <rect x="0" y="4" :width="WIDTH * row.pFirst" height="12" class="first" />
            <path :d="whisker(row)" class="error" />
          </svg>
        </template>
      </DataTable>
      <p class="soft small">
        Dark: first; pale: passes every gate; the whisker is twice the sampling error (at most
        {{ sig(100 * Math.max(0, ...rows.map(r => 2 * r.seFirst)), 2) }} points here). Each draw takes what is
        uncertain anew: every property between low and high, what one spool has together as one, and the
        weights about yours. <template v-if="rest > 0">{{ rest }} more pass in some. </template
        >{{ result.draws }} draws from seed
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
