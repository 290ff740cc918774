<script setup lang="ts">
import { Button, Drawer } from '../../ui/kit';
import { computed, nextTick, ref } from 'vue';
import { useRoute } from 'vue-router';
import OptionSelect from '../../ui/OptionSelect.vue';
import TextField from '../../ui/TextField.vue';
import { useTour } from '../../stores/tour';
import { useReturnFocus } from '../../ui/useReturnFocus';
import { guideChapters, searchGuide } from './guide-html';

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
/** As many finds as are listed. */
const MOST_FOUND = 12;
const typed = ref('');
const found = computed(() => searchGuide(chapters, typed.value));
const heading = ref<HTMLElement | null>(null);
/** Turns to a chapter; what was pressed goes away, and the focus moves to what it led to. */
async function turnTo(chapter: string): Promise<void> {
  title.value = chapter;
  typed.value = '';
  await nextTick();
  heading.value?.focus();
}
const sections = computed(() => chapters.find(c => c.title === title.value)?.sections ?? []);
/** Goes to a heading within the chapter, and puts the focus there. */
function scrollTo(id: string): void {
  const there = document.getElementById(id);
  there?.scrollIntoView({ block: 'start' });
  there?.focus();
}
const tour = useTour();
function showRound(): void {
  open.value = false;
  tour.start();
}
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
    :width="620"
    placement="right"
    @after-open-change="(now: boolean) => now || emit('close')"
  >
    <div data-testid="guide">
      <div class="turn">
        <OptionSelect v-model="title" label="Chapter" :options="options" />
        <TextField
          v-model="typed"
          label="Find in the guide"
          :maxlength="80"
          placeholder="brim, creep, spool"
        />
      </div>
      <p><Button size="small" @click="showRound">Show me round, in two minutes</Button></p>
      <template v-if="typed.trim()">
        <p role="status" class="soft small" data-testid="guide-found">
          {{ found.length ? `${found.length} found` : `Nothing in the guide is like “${typed.trim()}”.` }}
        </p>
        <ul class="found">
          <li v-for="(f, i) in found.slice(0, MOST_FOUND)" :key="i">
            <Button type="link" size="small" @click="turnTo(f.chapter)">{{ f.chapter }}</Button>
            <p class="small">{{ f.sentence }}</p>
          </li>
        </ul>
      </template>
      <template v-else>
        <h2 ref="heading" tabindex="-1">{{ title }}</h2>
        <p v-if="sections.length" class="small sections" aria-label="In this chapter">
          <Button v-for="s in sections" :key="s.id" type="link" size="small" @click="scrollTo(s.id)">{{
            s.title
          }}</Button>
        </p>
        <div v-chapter="title" class="chapter" />
      </template>
    </div>
  </Drawer>
</template>

<style scoped>
.turn {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
}
.turn > :deep(.text-field) {
  flex: 1 1 180px;
}
.found {
  list-style: none;
  margin: 0;
  padding: 0;
}
.found li {
  border-top: 1px solid var(--rule);
  padding: 4px 0;
}
.found p {
  margin: 0;
  line-height: 1.4;
}
h2:focus {
  outline: none;
}
h2 {
  font-size: 19px;
  margin: 16px 0 4px;
}
.chapter :deep(p) {
  margin: 0 0 10px;
  line-height: 1.5;
}
.sections {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  margin: 0 0 8px;
}
.sections :deep(.ant-btn) {
  padding: 0;
}
.chapter :deep(h3) {
  margin: 16px 0 4px;
  scroll-margin-top: 8px;
}
.chapter :deep(h3:focus) {
  outline: none;
}
.chapter :deep(img) {
  display: block;
  width: 100%;
  border: 1px solid var(--rule-strong);
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
