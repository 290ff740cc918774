<script setup lang="ts">
import type { ListedPart } from '@hornblende/core/api';
import { Button } from '../../ui/kit';
import { onMounted, ref } from 'vue';
import { api } from '../../api/client';
import { useParts } from '../../stores/parts';
import { dayText } from '../../ui/day-text';
import MoreButton from '../../ui/MoreButton.vue';
import PageState from '../../ui/PageState.vue';
import { useFeedback } from '../../ui/useFeedback';

/** Parts that were put away: brought back, or deleted for good. */
const parts = useParts();
const { ask, attempt, tell } = useFeedback();
const state = ref<'loading' | 'ready' | 'failed'>('loading');

async function load(): Promise<void> {
  state.value = 'loading';
  state.value = (await attempt(() => parts.loadAway())) ? 'ready' : 'failed';
}
onMounted(load);

async function bringBack(p: ListedPart): Promise<void> {
  if (await attempt(async () => parts.setArchived(await api.part(p.id), false))) tell(`${p.name} is back.`);
}
function remove(p: ListedPart): void {
  ask({
    title: `Delete ${p.name} for good?`,
    content:
      'Its brief, every version of it, its quotes and its decisions with their records are gone then. ' +
      'Nothing brings them back.',
    deed: 'Delete for good',
    leave: 'Keep it put away',
    danger: true,
    act: async () => {
      await parts.remove(p.id);
      tell(`${p.name} is deleted.`);
    },
  });
}
</script>

<template>
  <section aria-label="Parts put away">
    <PageState :state="state" what="the parts put away" @retry="load">
      <p v-if="!parts.away.length" class="soft">No part is put away.</p>
      <ul v-else>
        <li v-for="p in parts.away" :key="p.id" data-testid="away-row">
          <RouterLink :to="`/parts/${p.id}/brief`" class="name">{{ p.name }}</RouterLink>
          <span class="soft">put away {{ dayText(p.archivedAt ?? '') }}</span>
          <span>
            <Button type="text" :aria-label="`Bring ${p.name} back`" @click="bringBack(p)">Bring back</Button>
            <Button type="text" danger :aria-label="`Delete ${p.name} for good`" @click="remove(p)"
              >Delete for good</Button
            >
          </span>
        </li>
      </ul>
      <MoreButton :more="parts.awayNext !== null" what="parts" :load="parts.loadMoreAway" />
    </PageState>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 16px;
  align-items: baseline;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}
.name {
  color: var(--ink);
  font-weight: 700;
}
@media (max-width: 640px) {
  li {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
  }
}
</style>
