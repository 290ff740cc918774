<script setup lang="ts">
import { Button } from '../../ui/kit';
import type { Decision, DecisionSummary } from '@hornblende/core/api';
import { sig } from '@hornblende/core/lib';
import type { RecordDrift } from '@hornblende/core/records';
import { statusMark, type Status } from '@hornblende/core/score';
import { computed, ref } from 'vue';
import { api } from '../../api/client';
import { useLibrary } from '../../stores/library';
import RecordDetails from './RecordDetails.vue';
import WithdrawForm from './WithdrawForm.vue';
import { dayText, momentText } from '../../ui/day-text';

/**
 * One decision as it stands: the choice, why, what was rejected, what it rests on, and whether today's data
 * would answer otherwise.
 */
const props = defineProps<{
  decision: DecisionSummary;
  /** Its record, once it was fetched. */
  opened: Decision | null;
  latest: boolean;
}>();
const emit = defineEmits<{ open: []; withdrawn: [decision: Decision] }>();
const withdrawing = ref(false);
const library = useLibrary();
const drift = ref<RecordDrift | null>(null);
const driftFailed = ref(false);
const unfolded = ref(props.latest);
const nameOf = (key: string | null): string => (key === null ? 'none' : library.nameOf(key));
const at = computed(() => `/api/parts/${props.decision.partId}/decisions/${props.decision.id}/record`);
async function ask(): Promise<void> {
  try {
    drift.value = await api.drift(props.decision.partId, props.decision.id);
    driftFailed.value = false;
  } catch {
    driftFailed.value = true;
  }
}
if (props.latest) void ask();
function fold(): void {
  unfolded.value = !unfolded.value;
  if (unfolded.value) emit('open');
}
const standing = (s: { status: Status; score: number } | null): string =>
  s ? `${s.score.toFixed(2)} ${statusMark[s.status]} ${s.status}` : 'not there';
/** So many changes are named; the rest are counted. */
const MOST_CHANGES_NAMED = 6;
const figure = (x: number | null): string => (x === null ? 'none' : sig(x, 3));
function dataLine(d: RecordDrift['data'][number]): string {
  return `${nameOf(d.material)} ${d.label.toLowerCase()} ${figure(d.then)} → ${figure(d.now)} ${d.unit}`;
}
function driftLine(d: RecordDrift): string {
  const since =
    d.methodThen === d.methodNow
      ? 'Library data changed since'
      : 'It was worked out by an earlier method; by today’s, on today’s data';
  if (!d.differs) return `${since}: the first choice stays.`;
  return `◐ ${since}: ${nameOf(d.firstNow)} would lead now, ${nameOf(d.firstThen)} led then.`;
}
</script>

<template>
  <article data-testid="decision">
    <div class="when soft small">{{ momentText(decision.decidedAt) }}, {{ decision.decidedBy }}</div>
    <div>
      <b class="choice">{{ nameOf(decision.firstChoice) }}</b><span v-if="decision.secondChoice" class="soft"
        >, then {{ nameOf(decision.secondChoice) }}</span
      >
    </div>
    <p v-if="decision.withdrawn" class="withdrawn small" data-testid="withdrawn">
      <b>Withdrawn</b> {{ dayText(decision.withdrawn.at) }} by {{ decision.withdrawn.by }}:
      {{ decision.withdrawn.reason }}
    </p>
    <p class="why">{{ decision.reason }}</p>
    <p class="small links">
      <a :href="`${at}.html?open=true`" target="_blank" rel="noopener">Report</a
      ><a :href="`${at}.html`" download>HTML</a><a :href="`${at}.md`" download>Markdown</a
      ><a :href="`${at}.json`" download>JSON</a
      ><Button type="text" size="small" :aria-expanded="unfolded" @click="fold">
        {{ unfolded ? 'Fold' : 'Unfold' }}</Button
      ><Button v-if="!drift" type="text" size="small" @click="ask">
        Would today’s data answer the same? </Button
      ><Button
        v-if="!decision.withdrawn"
        type="text"
        size="small"
        :aria-expanded="withdrawing"
        @click="withdrawing = !withdrawing"
        >Withdraw</Button
      >
    </p>
    <WithdrawForm
      v-if="withdrawing"
      :decision="decision"
      @close="withdrawing = false"
      @withdrawn="
        d => {
          withdrawing = false;
          emit('withdrawn', d);
        }
      "
    />
    <p v-if="driftFailed" class="out small">Today’s answer could not be fetched.</p>
    <div v-if="drift" class="drift small" data-testid="drift">
      <p v-if="!drift.differs && !drift.data.length && !drift.candidates.length" class="fits">
        ● Today’s library gives the same answer to the same question.
      </p>
      <template v-else>
        <p :class="drift.differs ? 'marginal' : 'soft'">
          {{ driftLine(drift) }}
        </p>
        <ul>
          <li v-for="c in drift.candidates.slice(0, 6)" :key="c.material">
            {{ c.name }}: {{ standing(c.then) }} → {{ standing(c.now) }}
          </li>
        </ul>
        <p v-if="drift.data.length" class="soft">
          Changed:
          {{ drift.data.slice(0, MOST_CHANGES_NAMED).map(dataLine).join('; ')
          }}{{
            drift.data.length > MOST_CHANGES_NAMED
              ? `; and ${drift.data.length - MOST_CHANGES_NAMED} more`
              : ''
          }}.
        </p>
      </template>
    </div>
    <RecordDetails v-if="unfolded && opened" :decision="opened" />
    <p v-else-if="unfolded" class="soft small" role="status">Fetching the record…</p>
  </article>
</template>

<style scoped>
article {
  border-top: 1px solid var(--rule);
  padding: 12px 0;
}
.choice {
  font-size: 17px;
}
.withdrawn {
  border-left: 3px solid var(--out);
  padding-left: 10px;
}
.why {
  margin: 6px 0;
  white-space: pre-line;
}
.links {
  display: flex;
  gap: 16px;
  align-items: center;
  flex-wrap: wrap;
}
.drift {
  border-left: 3px solid var(--rule-strong);
  padding: 2px 12px;
  margin: 6px 0;
}
ul {
  margin: 2px 0 6px;
  padding-left: 18px;
}
</style>
