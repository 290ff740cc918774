<script setup lang="ts">
import { yearsText } from '@hornblende/core/lib';
import { gateLabel } from '@hornblende/core/score';
import { failureModeWords, modelRecordWords, type Grouping, type Happened } from '@hornblende/core/service';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import { useLibrary } from '../../stores/library';
import { useWorking } from '../../stores/working';
import PageState from '../../ui/PageState.vue';
import PlainTable from '../../ui/PlainTable.vue';
import WorkingNumber from '../../ui/WorkingNumber.vue';
import ModelTrust from './ModelTrust.vue';
import { useEvidence } from './useEvidence';
import { useHappened } from './useHappened';

/** What the models would have said of each part for the years it stood, beside what happened: misses first. */
const library = useLibrary();
const working = useWorking();
const by = ref<Grouping>('family');
const { evidence, state: evidenceState, load: loadEvidence } = useEvidence(by);
const { rows, hasMore, state: listState, load: loadRows, more } = useHappened();
/** The panel is there when both of its answers are. */
const state = computed(() => {
  const states = [evidenceState.value, listState.value];
  return states.includes('failed') ? 'failed' : states.includes('loading') ? 'loading' : 'ready';
});
const load = (): Promise<unknown> => Promise.all([loadEvidence(), loadRows()]);
const marks: Record<Happened['verdict'], { sign: string; tone: string; words: string }> = {
  missed: { sign: '○', tone: 'out', words: 'missed' },
  'too dark': { sign: '◐', tone: 'marginal', words: 'too dark' },
  foreseen: { sign: '●', tone: 'fits', words: 'foreseen' },
  right: { sign: '●', tone: 'fits', words: 'right' },
  'no claim': { sign: '·', tone: 'soft', words: 'not counted: no claim' },
  'too soon': { sign: '·', tone: 'soft', words: 'not counted: too soon to tell' },
};
const columns = [
  { title: 'Part', width: '24%' },
  { title: 'The models said', width: '38%' },
  { title: 'What happened', width: '24%' },
  { title: 'So they were', width: '14%' },
];
/** How far own parts speak in the field's word, as a percentage. */
const percent = (share: number): string => `${Math.round(100 * share)} %`;
function open(at: number): void {
  const e = evidence.value?.field[at];
  if (e)
    working.show({
      title: `${library.nameOf(e.family)} outdoors`,
      refs: [{ model: 'service.field', inputs: { ...e.input } }],
    });
}
</script>

<template>
  <section aria-label="Predictions checked" data-testid="happened">
    <PageState :state="state" what="what the parts tell" @retry="load">
      <p v-if="evidence" class="lead">{{ modelRecordWords(evidence.record) }}</p>
      <PlainTable :columns="columns">
        <tr v-for="h in rows" :key="h.id" data-testid="happened-row">
          <td>
            <RouterLink :to="`/service/${h.id}`">{{ h.name }}</RouterLink><br /><span class="soft small">{{
              library.nameOf(h.material)
            }}</span>
          </td>
          <td>
            {{ h.predicted }}
            <span v-for="b in h.by.slice(0, 2)" :key="b.id" class="small soft why"
              ><b>{{ gateLabel(b.id) }}.</b> {{ b.why }}</span
            >
          </td>
          <td>
            {{ h.failed ? failureModeWords[h.mode ?? 'other'] : 'stands' }} after {{ yearsText(h.years) }}
          </td>
          <td :class="marks[h.verdict].tone">{{ marks[h.verdict].sign }} {{ marks[h.verdict].words }}</td>
        </tr>
      </PlainTable>
      <p v-if="hasMore"><Button type="text" @click="more">More parts</Button></p>
      <ModelTrust v-if="evidence" :calibration="evidence.calibration" />
      <template v-if="evidence?.field.length">
        <h2>What the sun did to yours</h2>
        <p class="small soft">
          How many times the laboratory’s life they stand outdoors. The field school ranks by it: the
          library’s factor, moved by your parts as far as they speak.
        </p>
        <ul class="field">
          <li v-for="(e, n) in evidence.field" :key="e.family" data-testid="field-row">
            <b>{{ library.nameOf(e.family) }}</b>
            <span
              ><WorkingNumber @click="open(n)">× {{ e.factor.toFixed(1) }}</WorkingNumber> ({{
                e.low.toFixed(1)
              }}
              to {{ e.high.toFixed(1) }})</span
            >
            <span class="soft small"
              >library × {{ e.input.priorFactor.toFixed(1) }}; {{ e.parts }} of yours, {{ e.failures }} failed
              by the sun: they make {{ percent(e.ownWeight) }} of it</span
            >
          </li>
        </ul>
      </template>
    </PageState>
  </section>
</template>

<style scoped>
.lead {
  font-size: 17px;
  margin: 10px 0;
}
.why {
  display: block;
}
h2 {
  font-size: 16px;
  margin: 24px 0 2px;
}
.field {
  list-style: none;
  margin: 0;
  padding: 0;
}
.field li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  align-items: baseline;
  border-top: 1px solid var(--rule);
  padding: 5px 0;
}
</style>
