<script setup lang="ts">
import { InputError } from '@hornblende/core';
import { message, Modal } from 'ant-design-vue';
import { computed, ref } from 'vue';
import AssumptionList from '../components/brief/AssumptionList.vue';
import DoubtList from '../components/brief/DoubtList.vue';
import VersionsDialog from '../components/brief/VersionsDialog.vue';
import BriefFolds from '../components/brief/BriefFolds.vue';
import Consequences from '../components/brief/Consequences.vue';
import OpeningQuestions from '../components/brief/OpeningQuestions.vue';
import { useRanking } from '../composables/useRanking';
import { useDraft } from '../stores/draft';

const draft = useDraft();
const { ranking } = useRanking();
const file = ref<HTMLInputElement | null>(null);
const versions = ref(false);
const name = computed({
  get: () => draft.brief?.name ?? '',
  set: v => {
    if (v.trim() && v.length <= 120) draft.set('name', v);
  },
});

function save(): void {
  const blob = new Blob([JSON.stringify(draft.content?.given, null, 2)], { type: 'application/json' });
  const link = Object.assign(document.createElement('a'), {
    href: URL.createObjectURL(blob),
    download: `${name.value.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.brief.json`,
  });
  link.click();
  URL.revokeObjectURL(link.href);
}
async function read(e: Event): Promise<void> {
  const input = e.target as HTMLInputElement;
  const chosen = input.files?.[0];
  input.value = '';
  if (!chosen) return;
  try {
    if (chosen.size > 1_000_000) throw new Error('A brief is a few kilobytes; this file is over 1 MB.');
    draft.load(JSON.parse(await chosen.text()));
    void message.success('The brief was read; undo brings the old one back.');
  } catch (err) {
    const lines =
      err instanceof InputError
        ? err.problems.map(p => `${p.field}: ${p.message}`)
        : [err instanceof SyntaxError ? `It is not JSON: ${err.message}` : (err as Error).message];
    Modal.error({
      title: `${chosen.name} is not a brief that can be used`,
      content: lines.slice(0, 12).join('\n'),
      okText: 'Leave the brief as it is',
    });
  }
}
</script>

<template>
  <div v-if="draft.brief && ranking" class="page brief">
    <div class="page-head">
      <input v-model="name" class="title" aria-label="Name of the part" maxlength="120" />
      <div class="right">
        <button type="button" class="quiet-button" @click="versions = true">Versions</button>
        <button type="button" class="quiet-button" @click="file?.click()">Read a brief</button>
        <button type="button" class="quiet-button" @click="save">Save as a file</button>
        <input
          ref="file"
          type="file"
          accept=".json,application/json"
          class="visually-hidden"
          tabindex="-1"
          aria-hidden="true"
          @change="read"
        />
      </div>
    </div>
    <div class="columns">
      <div>
        <DoubtList />
        <OpeningQuestions />
        <AssumptionList :ranking="ranking" />
        <h2 class="more">More, where it matters</h2>
        <BriefFolds :ranking="ranking" />
      </div>
      <Consequences :ranking="ranking" />
    </div>
    <VersionsDialog v-model:open="versions" />
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 268px;
  gap: 34px;
  align-items: start;
}
.title {
  font: inherit;
  font-size: 24px;
  font-weight: 700;
  border: 0;
  border-bottom: 1px solid transparent;
  background: transparent;
  color: var(--ink);
  padding: 0;
  min-width: 380px;
}
.title:hover,
.title:focus {
  border-bottom-color: var(--rule-strong);
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
</style>
