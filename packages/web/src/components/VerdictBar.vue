<script setup lang="ts">
import {
  gateLabel,
  limitGates,
  scoreWorking,
  type Candidate,
  type Gate,
  type Ranking,
} from '@hornblende/core';
import { computed } from 'vue';
import { useRobustness } from '../composables/useRobustness';
import { useUnits } from '../composables/useUnits';
import { useWorking } from '../stores/working';
import SaveState from './SaveState.vue';
import StatusMark from './StatusMark.vue';

const props = defineProps<{
  ranking: Ranking;
  first: Candidate | null;
  second: Candidate | null;
  partId: string;
}>();
const working = useWorking();
const { gate, say } = useUnits();

/** The gate with the least to spare, as a share of what is needed; marginal ones first. */
const thinnest = computed<Gate | null>(() => {
  const gates = (props.first?.gates ?? []).filter(
    g =>
      typeof g.need === 'number' &&
      typeof g.have === 'number' &&
      g.need !== 0 &&
      !g.id.startsWith('printability') &&
      g.id !== 'flex',
  );
  const slack = (g: Gate): number => {
    const need = g.need as number;
    const have = g.have as number;
    return (
      (g.verdict === 'marginal' ? -10 : 0) +
      (limitGates.has(g.id)
        ? (need - have) / need
        : Number.isFinite(have)
          ? (have - need) / Math.abs(need)
          : 99)
    );
  };
  return gates.reduce<Gate | null>((m, g) => (m === null || slack(g) < slack(m) ? g : m), null);
});
const lead = computed(() => (props.first && props.second ? props.first.score - props.second.score : null));
const { result, progress } = useRobustness();
const sure = computed(() => {
  if (!props.first) return '';
  const chance = result.value?.candidates.find(c => c.material === props.first?.material);
  // The rivals and the error stand on the Rank page.
  if (chance) return `first in ${Math.round(100 * chance.pFirst)} of 100 worlds`;
  if (props.ranking.school === 'step-up') return `${props.first.printing.penalties} printing demands`;
  if (lead.value === null) return 'the only one in the running';
  return lead.value < 0.02 ? 'neck and neck' : lead.value < 0.06 ? 'leads by a little' : 'leads clearly';
});

function showGate(g: Gate): void {
  if (g.working)
    working.show({
      title: `${gateLabel(g.id)}, ${props.first?.name ?? ''}`,
      refs: [g.working],
      note: say(g.why),
    });
}
function showScore(c: Candidate): void {
  working.show({
    title: `Score of ${c.name}`,
    steps: scoreWorking(c, props.ranking.school),
    note: 'Each criterion opens its own working on the strata chart.',
  });
}
</script>

<template>
  <header class="verdict" aria-label="Verdict">
    <div v-if="first" class="choice" aria-live="polite">
      <span class="k">First choice</span>
      <b data-testid="first-choice">{{ first.name }}</b> <StatusMark :status="first.status" />
    </div>
    <div v-else class="choice" aria-live="polite">
      <span class="k">First choice</span><b data-testid="first-choice" class="out">Nothing fits</b>
    </div>
    <div v-if="first">
      <span class="k">Score</span
      ><button type="button" class="num" data-testid="score" @click="showScore(first)">
        {{ first.score.toFixed(2) }}
      </button>
    </div>
    <div v-if="first">
      <span class="k"
        >How sure<span v-if="progress !== null" class="visually-hidden"> (being worked out)</span></span
      ><span class="v" data-testid="how-sure"
        >{{ sure }}<span v-if="progress !== null" aria-hidden="true" class="soft"> …</span></span
      >
    </div>
    <div v-if="thinnest" class="thin">
      <span class="k">Thinnest margin</span
      ><button v-if="thinnest.working" type="button" class="num small-num" @click="showGate(thinnest)">
        {{ gateLabel(thinnest.id) }}: {{ gate(thinnest) }}</button
      ><span v-else class="v">{{ gateLabel(thinnest.id) }}: {{ gate(thinnest) }}</span>
    </div>
    <div v-if="second">
      <span class="k">Runner-up</span
      ><span class="v"
        >{{ second.name }}
        <button type="button" class="num small-num" @click="showScore(second)">
          {{ second.score.toFixed(2) }}
        </button></span
      >
    </div>
    <div class="end">
      <SaveState />
      <RouterLink class="record" :to="`/parts/${partId}/decision`">Record the decision</RouterLink>
    </div>
  </header>
</template>

<style scoped>
.verdict {
  display: flex;
  gap: 8px 15px;
  align-items: center;
  padding: 11px 30px;
  border-bottom: 1px solid var(--rule);
  background: var(--panel-soft);
  position: sticky;
  top: 0;
  z-index: 5;
  flex-wrap: wrap;
  min-height: 66px;
}
.choice b {
  font-size: 20px;
}
.k {
  display: block;
  font-size: 12px;
  color: var(--soft);
  line-height: 1.3;
}
.num {
  background: none;
  border: 0;
  border-bottom: 1px dotted var(--info);
  padding: 0;
  color: var(--ink);
  cursor: pointer;
  font-size: 16px;
}
.small-num {
  font-size: 15px;
}
.end {
  margin-left: auto;
  display: flex;
  gap: 14px;
  align-items: center;
}
.record {
  background: var(--deep);
  color: var(--deep-ink);
  padding: 7px 14px;
  border-radius: 4px;
  white-space: nowrap;
}
.record:hover {
  text-decoration: none;
  filter: brightness(1.12);
}
@media (max-width: 1180px) {
  .thin {
    display: none;
  }
  .verdict {
    gap: 8px 20px;
    padding: 11px 20px;
  }
}
</style>
