<script setup lang="ts">
import { HAZARD_NOTICE } from '@hornblende/core';
import { useLocalStorage } from '@vueuse/core';
import { message } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { api, ApiError, type Decision } from '../api/client';
import RecordCard from '../components/RecordCard.vue';
import StatusMark from '../components/StatusMark.vue';
import { useRanking } from '../composables/useRanking';
import { useRobustness } from '../composables/useRobustness';
import { useUnits } from '../composables/useUnits';
import { useDraft } from '../stores/draft';
import { useSettings } from '../stores/settings';

const draft = useDraft();
const settings = useSettings();
const { say } = useUnits();
const { ranking, first, second } = useRanking();
const decisions = ref<Decision[]>([]);
const state = ref<'loading' | 'ready' | 'failed'>('loading');
const problems = ref<{ field: string; message: string }[]>([]);
const firstChoice = ref('');
const secondChoice = ref('');
/** What is written is kept in this browser until it is recorded. */
const reasons = useLocalStorage<Record<string, string>>('hornblende-reasons', {});
const reason = computed({
  get: () => reasons.value[draft.id ?? ''] ?? '',
  set: text => {
    const others = Object.entries(reasons.value).filter(([id]) => id !== draft.id);
    reasons.value = Object.fromEntries(text && draft.id ? [...others, [draft.id, text]] : others);
  },
});
const acknowledged = ref(false);
const busy = ref(false);
const injures = computed(() => draft.brief?.ifItFails === 'injures');

async function load(): Promise<void> {
  if (!draft.id) return;
  state.value = 'loading';
  try {
    decisions.value = await api.decisions(draft.id);
    state.value = 'ready';
  } catch {
    state.value = 'failed';
  }
}
watch(
  () => draft.id,
  () => {
    void load();
  },
  { immediate: true },
);
watch(
  [first, second],
  () => {
    firstChoice.value = first.value?.material ?? '';
    secondChoice.value = second.value?.material ?? '';
  },
  { immediate: true },
);

const candidates = computed(() => ranking.value?.candidates ?? []);
const chosen = computed(() => candidates.value.find(c => c.material === firstChoice.value) ?? null);
const nameOf = (key: string | null): string =>
  candidates.value.find(c => c.material === key)?.name ?? key ?? 'none';
const { result: sureness } = useRobustness();
const chance = computed(() => sureness.value?.candidates.find(c => c.material === firstChoice.value) ?? null);
const problemOf = (field: string): string => problems.value.find(p => p.field === field)?.message ?? '';
/** Everything but the choice being recorded, with its main reason against. */
const others = computed(() => candidates.value.filter(c => c.material !== firstChoice.value));
const latest = computed(() => decisions.value[0] ?? null);

async function record(): Promise<void> {
  if (!draft.id) return;
  busy.value = true;
  problems.value = [];
  try {
    // What is decided must be what is saved.
    await draft.flush();
    if (draft.saveState !== 'saved')
      throw new ApiError(0, [
        { field: 'The brief', value: null, message: 'is not saved yet; the decision waits for it' },
      ]);
    await api.decide(draft.id, {
      firstChoice: firstChoice.value,
      secondChoice: secondChoice.value || null,
      reason: reason.value,
      decidedBy: settings.who,
      hazardAcknowledged: acknowledged.value,
    });
    reason.value = '';
    acknowledged.value = false;
    await load();
    void message.success('The decision is recorded.');
  } catch (e) {
    problems.value =
      e instanceof ApiError ? e.problems : [{ field: 'Hornblende', message: (e as Error).message }];
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <div v-if="ranking && draft.brief" class="page decision">
    <div class="columns">
      <form @submit.prevent="record">
        <h1>Record the decision</h1>
        <div class="pair">
          <label
            >First choice<select v-model="firstChoice" data-testid="decide-first">
              <option v-for="c in candidates" :key="c.material" :value="c.material">
                {{ c.name }}{{ c.status === 'out' ? ' (out)' : '' }}
              </option>
            </select></label
          >
          <label
            >Second choice<select v-model="secondChoice">
              <option value="">none</option>
              <option
                v-for="c in candidates.filter(x => x.material !== firstChoice)"
                :key="c.material"
                :value="c.material"
              >
                {{ c.name }}{{ c.status === 'out' ? ' (out)' : '' }}
              </option>
            </select></label
          >
        </div>
        <p v-if="problemOf('secondChoice')" class="out small">
          Second choice {{ problemOf('secondChoice') }}
        </p>
        <div v-if="chosen" class="chosen small">
          <StatusMark :status="chosen.status" /> {{ say(chosen.for.join(' ')) }}
          <template v-if="chosen.against.length"><b>Against:</b> {{ say(chosen.against[0] ?? '') }}</template>
          <span v-if="chance" class="soft"
            >First in {{ Math.round(100 * chance.pFirst) }}, passes in {{ Math.round(100 * chance.pFits) }} of
            100 worlds.</span
          >
        </div>
        <p v-if="chosen?.status === 'out'" class="notice small">
          {{ chosen.name }} fails {{ chosen.gates.filter(g => g.verdict === 'fail').length }} gate(s). You may
          still choose it; say why.
        </p>
        <label
          >Why<textarea
            v-model="reason"
            rows="4"
            maxlength="4000"
            placeholder="In your own words: what decided it, and what would make you think again."
            data-testid="decide-reason"
          />
        </label>
        <p v-if="problemOf('reason')" class="out small">Why {{ problemOf('reason') }}</p>
        <label
          >Who decides<input
            v-model="settings.who"
            maxlength="120"
            autocomplete="name"
            data-testid="decide-who"
        /></label>
        <p v-if="problemOf('decidedBy')" class="out small">Who decides {{ problemOf('decidedBy') }}</p>
        <div v-if="injures" class="notice hazard">
          <p>{{ HAZARD_NOTICE }}</p>
          <label class="tick"
            ><input v-model="acknowledged" type="checkbox" /> I have read this, and will have the part
            tested.</label
          >
        </div>
        <p v-if="problemOf('hazardAcknowledged')" class="out small">
          The notice must be acknowledged: a failure of this part could injure someone.
        </p>
        <p
          v-for="p in problems.filter(
            x => !['reason', 'decidedBy', 'secondChoice', 'hazardAcknowledged'].includes(x.field),
          )"
          :key="p.field"
          class="out small"
        >
          {{ p.field }} {{ p.message }}
        </p>
        <button type="submit" class="solid" :disabled="busy || !firstChoice" data-testid="decide">
          {{ busy ? 'Recording…' : 'Record it' }}
        </button>
      </form>
      <section aria-label="Record">
        <h2>The record</h2>
        <p v-if="state === 'loading'" class="soft" role="status">Fetching the record…</p>
        <p v-else-if="state === 'failed'" class="out">
          The record could not be fetched.
          <button type="button" class="quiet-button" @click="load">Try again</button>
        </p>
        <p v-else-if="!decisions.length" class="soft">
          Nothing is decided yet. What you record here keeps the brief, the printer and the whole ranking as
          they stood, so that the choice can be defended in two years.
        </p>
        <RecordCard v-for="(d, i) in decisions" :key="d.id" :decision="d" :latest="i === 0" />
        <div v-if="!decisions.length && others.length" class="others">
          <h3>Today, why not the others</h3>
          <ul>
            <li v-for="o in others" :key="o.material">
              <b>{{ o.name }}</b> <StatusMark :status="o.status" />
              <span class="soft small">{{ say(o.against[0] ?? 'A lower score.') }}</span>
            </li>
          </ul>
        </div>
        <p v-if="latest && ranking.firstChoice !== latest.record.ranking.firstChoice" class="notice small">
          Today’s answer differs: {{ nameOf(ranking.firstChoice) }} leads now,
          {{ nameOf(latest.record.ranking.firstChoice) }} led then.
        </p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 44px;
  align-items: start;
}
form {
  display: grid;
  gap: 13px;
}
label {
  display: grid;
  gap: 4px;
  font-size: 14px;
  color: var(--soft);
}
.tick {
  display: flex;
  gap: 8px;
  color: var(--ink);
}
select,
textarea,
input:not([type='checkbox']) {
  font: inherit;
  font-size: 15px;
  color: var(--ink);
  background: var(--panel);
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  padding: 6px 9px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
}
.chosen {
  color: var(--soft);
}
.chosen b {
  color: var(--ink);
}
.solid {
  justify-self: start;
  background: var(--deep);
  color: var(--deep-ink);
  border: 0;
  border-radius: 4px;
  padding: 8px 18px;
  cursor: pointer;
}
.solid:disabled {
  opacity: 0.6;
}
form p {
  margin: 0;
}
section {
  border-left: 1px solid var(--rule);
  padding-left: 30px;
}
.others {
  margin-top: 18px;
}
.others ul {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
}
.others li {
  padding: 4px 0;
  border-top: 1px solid var(--rule);
  line-height: 1.35;
}
</style>
