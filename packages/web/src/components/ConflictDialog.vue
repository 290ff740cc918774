<script setup lang="ts">
import { Modal } from 'ant-design-vue';
import diff from 'microdiff';
import { computed } from 'vue';
import { useDraft } from '../stores/draft';

const draft = useDraft();
const open = computed(() => draft.saveState === 'conflict' && draft.theirs !== null);
/** Field by field: what is here against what was saved elsewhere. */
const rows = computed(() => {
  if (!draft.theirs || !draft.content) return [];
  const mine = { ...draft.content.brief, printer: draft.content.printerId } as Record<string, unknown>;
  const theirs = { ...draft.theirs.brief, printer: draft.theirs.printerId } as Record<string, unknown>;
  return diff(theirs, mine).map(d => ({
    field: d.path.join('.'),
    theirs: d.type === 'CREATE' ? '–' : JSON.stringify(d.oldValue),
    mine: d.type === 'REMOVE' ? '–' : JSON.stringify(d.value),
  }));
});
</script>

<template>
  <Modal
    :open="open"
    title="This part was changed in another tab"
    :closable="false"
    :mask-closable="false"
    :keyboard="false"
    :width="640"
    :footer="null"
  >
    <div data-testid="conflict">
      <p>Both versions are here. Choose one; the other stays one undo away.</p>
      <table class="plain">
        <thead>
          <tr>
            <th>Field</th>
            <th>Here</th>
            <th>Saved elsewhere</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in rows" :key="r.field">
            <td>{{ r.field }}</td>
            <td>{{ r.mine }}</td>
            <td>{{ r.theirs }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="!rows.length" class="soft">They say the same.</p>
      <div class="choices">
        <button type="button" class="solid" @click="draft.resolve('mine')">Keep what is here</button>
        <button type="button" class="solid plain-one" @click="draft.resolve('theirs')">
          Take what was saved elsewhere
        </button>
      </div>
    </div>
  </Modal>
</template>

<style scoped>
.choices {
  display: flex;
  gap: 12px;
  margin-top: 16px;
}
.plain-one {
  background: none;
  color: var(--ink);
  border-color: var(--rule-strong);
}
td {
  overflow-wrap: anywhere;
}
</style>
