<script setup lang="ts">
import { changeEffects, type ChangeEffect } from '@hornblende/core/advice';
import type { PartVersion } from '@hornblende/core/api';
import { rank } from '@hornblende/core/score';
import { Button, Modal } from '../../ui/kit';
import { computed, onMounted, ref } from 'vue';
import { api } from '../../api/client';
import { useLibrary } from '../../stores/library';
import DataTable from '../../ui/DataTable.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import PageState from '../../ui/PageState.vue';
import { useReturnFocus } from '../../ui/useReturnFocus';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';
import { changeSentence } from './change-sentence';
import { momentText } from '../../ui/day-text';

/** Two versions of the brief side by side: what changed, and what each change did to the ranking. */
const emit = defineEmits<{ close: [] }>();
const draft = useDraft();
const library = useLibrary();
const { system } = useUnits();
const { candidates, printer, weather } = useRanking();
useReturnFocus();
const open = ref(true);
const state = ref<'loading' | 'ready' | 'failed'>('loading');
const versions = ref<PartVersion[]>([]);
const from = ref(0);
const to = ref(0);

async function load(): Promise<void> {
  if (!draft.id) return;
  state.value = 'loading';
  await draft.flush();
  try {
    versions.value = await api.versions(draft.id);
    to.value = versions.value[0]?.revision ?? 0;
    from.value = versions.value[1]?.revision ?? to.value;
    state.value = 'ready';
  } catch {
    state.value = 'failed';
  }
}
onMounted(load);

const of = (revision: number): PartVersion | undefined => versions.value.find(v => v.revision === revision);
const choices = computed(() =>
  versions.value.map(v => ({
    value: v.revision,
    label: `${v.revision}, ${momentText(v.savedAt)}`,
  })),
);
const options = computed(() => ({
  printer: printer.value,
  weather: weather.value,
  families: candidates.value,
}));
const effects = computed<ChangeEffect[]>(() => {
  const before = of(from.value);
  const after = of(to.value);
  return before && after && before !== after ? changeEffects(before.brief, after.brief, options.value) : [];
});
const firsts = computed(() => {
  const [before, after] = [from.value, to.value].map(firstOf);
  return before === after ? `${before} in both` : `${before}, then ${after}`;
});
function firstOf(revision: number): string {
  const version = of(revision);
  const ranking = version && rank(version.brief, options.value);
  return ranking?.candidates.find(c => c.rank === 1)?.name ?? 'nothing';
}
const nameOf = (key: string | null): string => (key === null ? 'nothing' : library.nameOf(key));
/** What one change did to the ranking, alone. */
function did(e: ChangeEffect): string {
  if (e.scoreAfter === null) return 'cannot stand alone';
  if (e.firstAfter !== e.firstBefore) return `alone puts ${nameOf(e.firstAfter)} first`;
  const rise = e.scoreAfter - (e.scoreBefore ?? 0);
  const stays = `${nameOf(e.firstBefore)} stays first`;
  return Math.abs(rise) < 0.005 ? stays : `${stays}, ${rise > 0 ? '+' : '−'}${Math.abs(rise).toFixed(2)}`;
}
function restore(): void {
  const version = of(from.value);
  if (!version) return;
  draft.load(version.brief);
  open.value = false;
}
const columns = [
  { key: 'what', title: 'What changed' },
  { key: 'did', title: 'What that did' },
];
</script>

<template>
  <Modal
    v-model:open="open"
    title="Versions of this brief"
    :width="760"
    :footer="null"
    :after-close="() => emit('close')"
  >
    <PageState :state="state" what="the versions" @retry="load">
      <p v-if="versions.length < 2" class="soft">
        There is only one version yet. Saves within a minute of each other count as one.
      </p>
      <div v-else data-testid="versions">
        <div class="which">
          <OptionSelect v-model="from" label="From version" :options="choices" />
          <OptionSelect v-model="to" label="To version" :options="choices" />
        </div>
        <p>First choice: {{ firsts }}.</p>
        <DataTable
          v-if="effects.length"
          :columns="columns"
          :rows="effects"
          :row-key="e => e.path"
          label="What changed"
        >
          <template #what="{ row }">{{ changeSentence(row, system) }}</template>
          <template #did="{ row }">{{ did(row) }}</template>
        </DataTable>
        <p v-else class="soft">These two say the same.</p>
        <Button type="text" @click="restore">Go back to version {{ from }}</Button>
      </div>
    </PageState>
  </Modal>
</template>

<style scoped>
.which {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 24px;
  margin-bottom: 12px;
}
</style>
