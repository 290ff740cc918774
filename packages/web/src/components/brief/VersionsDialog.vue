<script setup lang="ts">
import { changeEffects, rank, type ChangeEffect } from '@hornblende/core';
import { Modal } from 'ant-design-vue';
import dayjs from 'dayjs';
import { computed, ref, watch } from 'vue';
import { api, type PartVersion } from '../../api/client';
import { useRanking } from '../../composables/useRanking';
import { useDraft } from '../../stores/draft';
import { useLibrary } from '../../stores/library';

/** Two versions of the brief side by side: what changed, and what each change did to the ranking. */
const open = defineModel<boolean>('open', { required: true });
const draft = useDraft();
const library = useLibrary();
const { candidates, printer, weather } = useRanking();
const versions = ref<PartVersion[]>([]);
const failed = ref(false);
const from = ref(0);
const to = ref(0);
watch(open, async now => {
  if (!now || !draft.id) return;
  await draft.flush();
  try {
    versions.value = await api.versions(draft.id);
    failed.value = false;
    to.value = versions.value[0]?.revision ?? 0;
    from.value = versions.value[1]?.revision ?? versions.value[0]?.revision ?? 0;
  } catch {
    failed.value = true;
  }
});
const of = (revision: number): PartVersion | undefined => versions.value.find(v => v.revision === revision);
const options = computed(() => ({
  printer: printer.value,
  weather: weather.value,
  families: candidates.value,
}));
const effects = computed<ChangeEffect[]>(() => {
  const a = of(from.value);
  const b = of(to.value);
  return a && b && a !== b ? changeEffects(a.brief, b.brief, options.value) : [];
});
const firsts = computed(() =>
  [from.value, to.value].map(r => {
    const v = of(r);
    const ranking = v && rank(v.brief, options.value);
    return ranking?.candidates.find(c => c.rank === 1)?.name ?? 'nothing';
  }),
);
const nameOf = (key: string | null): string => (key === null ? 'nothing' : library.nameOf(key));
const shown = (v: unknown): string =>
  v === undefined || v === null
    ? 'not said'
    : typeof v === 'object'
      ? Array.isArray(v)
        ? v.join(', ') || 'none'
        : Object.entries(v)
            .filter(([, x]) => x !== null && x !== false)
            .map(([k, x]) => `${k} ${String(x)}`)
            .join(', ')
      : String(v);
function did(e: ChangeEffect): string {
  if (e.scoreAfter === null) return 'cannot stand alone';
  if (e.firstAfter !== e.firstBefore) return `alone puts ${nameOf(e.firstAfter)} first`;
  const d = (e.scoreAfter ?? 0) - (e.scoreBefore ?? 0);
  return Math.abs(d) < 0.005
    ? `${nameOf(e.firstBefore)} stays first`
    : `${nameOf(e.firstBefore)} stays first, ${d > 0 ? '+' : '−'}${Math.abs(d).toFixed(2)}`;
}
const label = (v: PartVersion): string => `${v.revision}, ${dayjs(v.savedAt).format('D MMM YYYY, HH:mm')}`;
function restore(): void {
  const v = of(from.value);
  if (v) {
    draft.load(v.brief);
    open.value = false;
  }
}
</script>

<template>
  <Modal v-model:open="open" title="Versions of this brief" :width="760" :footer="null">
    <p v-if="failed" class="out">The versions could not be fetched.</p>
    <p v-else-if="versions.length < 2" class="soft">
      There is only one version yet. Saves within a minute of each other count as one.
    </p>
    <div v-else data-testid="versions">
      <p>
        From
        <select v-model.number="from" aria-label="From version">
          <option v-for="v in versions" :key="v.revision" :value="v.revision">{{ label(v) }}</option>
        </select>
        to
        <select v-model.number="to" aria-label="To version">
          <option v-for="v in versions" :key="v.revision" :value="v.revision">{{ label(v) }}</option></select
        >: first choice
        {{ firsts[0] === firsts[1] ? `${firsts[0]} in both` : `${firsts[0]}, then ${firsts[1]}` }}.
      </p>
      <table v-if="effects.length" class="plain">
        <thead>
          <tr>
            <th>What</th>
            <th>Was</th>
            <th>Is</th>
            <th>What that did</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="e in effects" :key="e.path">
            <td>{{ e.label }}</td>
            <td>{{ shown(e.from) }}</td>
            <td>{{ shown(e.to) }}</td>
            <td>{{ did(e) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-else class="soft">These two say the same.</p>
      <button type="button" class="quiet-button" @click="restore">Go back to version {{ from }}</button>
    </div>
  </Modal>
</template>

<style scoped>
select {
  font: inherit;
  color: var(--ink);
  background: var(--panel);
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  padding: 3px 6px;
}
td {
  overflow-wrap: anywhere;
}
</style>
