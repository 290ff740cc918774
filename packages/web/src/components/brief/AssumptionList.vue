<script setup lang="ts">
import { assumptions, type Ranking } from '@hornblende/core';
import { computed } from 'vue';
import { useDraft } from '../../stores/draft';

/** What was assumed because it was not said; a click says it. */
const props = defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const list = computed(() =>
  draft.content ? assumptions(draft.content.given, draft.content.brief, props.ranking.conditions) : [],
);
function say(path: string, value: unknown): void {
  if (path === 'geometry.xMm') {
    const g = draft.brief!.geometry;
    draft.set('geometry', {
      ...(draft.content?.given as { geometry?: object }).geometry,
      xMm: g.xMm,
      yMm: g.yMm,
      zMm: g.zMm,
    });
    return;
  }
  draft.set(path, value);
}
</script>

<template>
  <div v-if="list.length" class="assumed" data-testid="assumed">
    <span class="soft">You did not say, so:</span>
    <button
      v-for="a in list"
      :key="a.path"
      type="button"
      :title="`Say so: ${a.label} ${a.shown}`"
      @click="say(a.path, a.value)"
    >
      {{ a.label }} <b>{{ a.shown }}</b>
    </button>
  </div>
</template>

<style scoped>
.assumed {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: baseline;
  margin: 14px 0 0;
  font-size: 14px;
}
button {
  background: none;
  border: 0;
  border-bottom: 1px dashed var(--rule-strong);
  padding: 0 1px;
  color: var(--soft);
  cursor: pointer;
}
button:hover {
  color: var(--ink);
  border-bottom-style: solid;
}
button b {
  color: var(--ink);
  font-weight: 400;
}
</style>
