<script setup lang="ts">
import { assumptions, type Assumption } from '@hornblende/core/brief';
import type { Ranking } from '@hornblende/core/score';
import { Button, Tooltip } from '../../ui/kit';
import { computed } from 'vue';
import { useUnits } from '../../ui/useUnits';
import SaidShareChip from '../part/SaidShareChip.vue';
import { useDraft } from '../part/draft';

/** What was assumed because it was not said; a press says it. */
const props = defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const { say } = useUnits();
const list = computed(() =>
  draft.content ? assumptions(draft.content.given, draft.content.brief, props.ranking.conditions) : [],
);
function accept({ path, value }: Assumption): void {
  if (path !== 'geometry.xMm') {
    draft.set(path, value);
    return;
  }
  // A size is one thing: it is said whole.
  const { xMm, yMm, zMm } = draft.brief!.geometry;
  const given = (draft.content?.given as { geometry?: object }).geometry;
  draft.set('geometry', { ...given, xMm, yMm, zMm });
}
</script>

<template>
  <div v-if="list.length || draft.brief?.geometry.solidFraction" class="assumed" data-testid="assumed">
    <SaidShareChip />
    <span v-if="list.length" class="soft">You did not say, so:</span>
    <Tooltip v-for="a in list" :key="a.path" :title="`Say so: ${a.label} ${say(a.shown)}`">
      <Button size="small" class="assumption" @click="accept(a)"
        ><span
          >{{ a.label }} <b>{{ say(a.shown) }}</b></span
        ></Button
      >
    </Tooltip>
  </div>
</template>

<style scoped>
.assumed {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
  margin: 18px 0 0;
  padding: 10px 0 0;
  border-top: 1px solid var(--rule);
  font-size: 13px;
}
.assumption {
  border-style: dashed;
  background: transparent;
  color: var(--soft);
  font-size: 13px;
  /* A long one wraps: it must not spill at 390 px. */
  height: auto;
  max-width: 100%;
  white-space: normal;
  text-align: left;
}
.assumption b {
  color: var(--ink);
}
</style>
