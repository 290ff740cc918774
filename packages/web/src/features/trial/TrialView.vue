<script setup lang="ts">
import { sheetHtml, sheetMarkdown, type Sheet } from '@hornblende/core/records';
import { trialSheet } from '@hornblende/core/trials';
import { Button } from '../../ui/kit';
import { computed, onMounted, ref } from 'vue';
import { useTrials } from '../../stores/trials';
import { useShelf } from '../../stores/shelf';
import { fileName, openPage } from '../../ui/open-page';
import PageState from '../../ui/PageState.vue';
import { saveAs } from '../../ui/save-as';
import Segments from '../../ui/Segments.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useDraft } from '../part/draft';
import TrialAnswer from './TrialAnswer.vue';
import TrialBench from './TrialBench.vue';
import TrialSetup from './TrialSetup.vue';
import { useTrial } from './useTrial';

/** One thing printed in several filaments: planned, measured at the bench, answered. */
const draft = useDraft();
const trials = useTrials();
const shelf = useShelf();
const { ask, attempt } = useFeedback();
const live = useTrial();
const { all, id, trial } = live;
const side = ref<'bench' | 'answer'>('bench');
const sides = [
  { value: 'bench', label: 'At the bench' },
  { value: 'answer', label: 'What it says' },
] as const;
const isNew = ref(false);
const choices = computed(() => all.value.map(t => ({ value: t.id, label: t.trial.name })));
const chosen = computed({
  get: () => id.value ?? '',
  set: value => (id.value = value),
});
const saved = computed(
  () => ({ saved: 'Saved', saving: 'Saving…', waiting: 'Kept here; not saved yet' })[trials.saving],
);
const refusal = computed(() => (id.value ? (trials.refused[id.value] ?? '') : ''));
function begun(newId: string): void {
  id.value = newId;
  isNew.value = false;
  side.value = 'bench';
}
function remove(): void {
  const gone = id.value;
  if (gone)
    ask({
      title: 'Remove this trial?',
      content: 'Its readings go with it, for good.',
      deed: 'Remove it',
      danger: true,
      act: () => trials.remove(gone),
    });
}
const sheet = (): Sheet => trialSheet(live.asked.value!, live.nameOf);
const save = (): void => saveAs(`${fileName(trial.value!.name)}.md`, sheetMarkdown(sheet()), 'text/markdown');
const fetchAll = (): Promise<unknown> => attempt(() => Promise.all([trials.load(), shelf.load()]));
onMounted(() => void fetchAll());
</script>

<template>
  <div v-if="draft.brief" class="page trial" data-testid="trial-page">
    <h1 class="visually-hidden">Trial</h1>
    <PageState :state="trials.state" what="the trials" @retry="fetchAll">
      <TrialSetup
        v-if="isNew || !trial"
        :first="!all.length"
        :live="live"
        @begun="begun"
        @leave="isNew = false"
      />
      <template v-else>
        <div class="head">
          <p class="question">
            <SentenceSelect v-if="all.length > 1" v-model="chosen" label="Trial" :options="choices" />
            <b v-else>{{ trial.name }}</b>
          </p>
          <span class="soft small" role="status" data-testid="trial-saved">{{ saved }}</span>
          <Button type="text" size="small" @click="isNew = true">Another trial</Button>
          <Button type="text" size="small" danger @click="remove">Remove it</Button>
        </div>
        <div v-if="refusal" class="notice" role="alert" data-testid="trial-refused">
          <p>The workshop refuses what was changed here: {{ refusal }}. It is kept in this browser.</p>
          <Button size="small" @click="trials.retry(id!)">Try again</Button>
          <Button size="small" type="text" danger @click="attempt(() => trials.giveUp(id!))"
            >Give up what is not saved</Button
          >
        </div>
        <p v-if="trial.piece || trial.heldSame" class="soft small held">
          {{ [trial.piece, trial.heldSame].filter(Boolean).join('. ') }}
        </p>
        <div class="sides">
          <Segments v-model="side" :options="sides" label="Side of the trial" />
          <Button type="text" @click="openPage(sheetHtml(sheet()))">Open the sheet to print</Button>
          <Button type="text" @click="save">Markdown</Button>
        </div>
        <TrialBench v-if="side === 'bench'" :live="live" @answer="side = 'answer'" />
        <TrialAnswer v-else :live="live" />
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: baseline;
}
.question {
  font-size: 18px;
  margin: 0;
  flex: 1 1 260px;
}
.sides {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
}
.held {
  margin: 4px 0 12px;
}
</style>
