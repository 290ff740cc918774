<script setup lang="ts">
import { InputError } from '@hornblende/core/input';
import { Button, Modal, message } from '../../ui/kit';
import { computed, ref } from 'vue';
import FileButton from '../../ui/FileButton.vue';
import { saveAs } from '../../ui/save-as';
import TitleInput from '../../ui/TitleInput.vue';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';
import AssumptionList from './AssumptionList.vue';
import BriefFolds from './BriefFolds.vue';
import Consequences from './Consequences.vue';
import DoubtList from './DoubtList.vue';
import SayMore from './SayMore.vue';
import OpeningQuestions from './OpeningQuestions.vue';
import VersionsDialog from './VersionsDialog.vue';

/** A brief is a few kilobytes; what is larger is something else, bytes. */
const LARGEST = 1_000_000;
/** Problems of one refused file that are told. */
const MOST_PROBLEMS_LISTED = 12;

const draft = useDraft();
const { ranking } = useRanking();
const versions = ref(false);
const name = computed({
  get: () => draft.brief?.name ?? '',
  set: v => {
    if (v.trim() && v.length <= 120) draft.set('name', v);
  },
});

function save(): void {
  const file = name.value.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase();
  saveAs(`${file}.brief.json`, JSON.stringify(draft.content?.given, null, 2), 'application/json');
}
async function read(chosen: File): Promise<void> {
  try {
    if (chosen.size > LARGEST) throw new Error('A brief is a few kilobytes; this file is over 1 MB.');
    draft.load(JSON.parse(await chosen.text()));
    void message.success('The brief was read; undo brings the old one back.');
  } catch (e) {
    Modal.error({
      title: `${chosen.name} is not a brief that can be used`,
      content: whatIsWrong(e).slice(0, MOST_PROBLEMS_LISTED).join('\n'),
      okText: 'Leave the brief as it is',
    });
  }
}
function whatIsWrong(e: unknown): string[] {
  if (e instanceof InputError) return e.problems.map(p => `${p.field}: ${p.message}`);
  if (e instanceof SyntaxError) return [`It is not JSON: ${e.message}`];
  return [(e as Error).message];
}
</script>

<template>
  <div v-if="draft.brief && ranking" class="page brief">
    <div class="page-head">
      <TitleInput v-model="name" label="Name of the part" thing="A part" />
      <div class="right">
        <Button type="text" @click="versions = true">Versions</Button>
        <FileButton label="Read a brief" accept=".json,application/json" @file="read" />
        <Button type="text" @click="save">Save as a file</Button>
      </div>
    </div>
    <div class="columns">
      <div>
        <SayMore />
        <DoubtList />
        <OpeningQuestions data-tour="questions" />
        <AssumptionList :ranking="ranking" />
        <h2 class="more">More, where it matters</h2>
        <BriefFolds :ranking="ranking" />
      </div>
      <Consequences :ranking="ranking" />
    </div>
    <VersionsDialog v-if="versions" @close="versions = false" />
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 268px;
  gap: 34px;
  align-items: start;
}
.more {
  margin: 26px 0 8px;
}
@media (max-width: 1100px) {
  .columns {
    grid-template-columns: minmax(0, 1fr) 220px;
    gap: 20px;
  }
  .brief {
    padding: 20px;
  }
}
@media (max-width: 760px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  .brief {
    padding: 16px 14px 40px;
  }
}
</style>
