<script setup lang="ts">
import { Drawer } from '../../ui/kit';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import OptionSelect from '../../ui/OptionSelect.vue';
import { useReturnFocus } from '../../ui/useReturnFocus';
import { guideChapters } from './guide-html';

/** The user guide, beside the page that one is on, open at what it says of it. */
const emit = defineEmits<{ close: [] }>();
useReturnFocus();
const open = ref(true);
const chapters = guideChapters();
const route = useRoute();
const picked = ref('');
/** Of the page, which may still be on its way, until another chapter is picked. */
const title = computed({
  get: () => picked.value || String(route.meta.chapter ?? 'The brief'),
  set: value => (picked.value = value),
});
const options = chapters.map(c => ({ value: c.title, label: c.title }));
/** Puts a chapter's text into its place. */
const vChapter = {
  mounted: (el: HTMLElement, { value }: { value: string }) => show(el, value),
  updated: (el: HTMLElement, { value }: { value: string }) => show(el, value),
};
function show(el: HTMLElement, of: string): void {
  el.innerHTML = chapters.find(c => c.title === of)?.html ?? '';
}
</script>

<template>
  <Drawer
    v-model:open="open"
    title="Guide"
    :width="560"
    placement="right"
    @after-open-change="(now: boolean) => now || emit('close')"
  >
    <div data-testid="guide">
      <OptionSelect v-model="title" label="Chapter" :options="options" />
      <h2>{{ title }}</h2>
      <div v-chapter="title" class="chapter" />
    </div>
  </Drawer>
</template>

<style scoped>
h2 {
  font-size: 19px;
  margin: 16px 0 4px;
}
.chapter :deep(p) {
  margin: 0 0 10px;
  line-height: 1.5;
}
.chapter :deep(code) {
  border: 1px solid var(--rule-strong);
  border-radius: 3px;
  padding: 0 4px;
}
.chapter :deep(ul) {
  padding-left: 18px;
}
</style>
