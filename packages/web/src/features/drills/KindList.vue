<script setup lang="ts">
import { drillNames, type DrillKind, type KindStanding } from '@hornblende/core/drills';
import { Button } from '../../ui/kit';
import { dayText } from '../../ui/day-text';

/** What is drilled, how each kind has gone, and when it comes again. */
defineProps<{ standings: readonly KindStanding[]; now: string }>();
const emit = defineEmits<{ drill: [kind: DrillKind] }>();
function dueText({ dueAt }: KindStanding, now: string): string {
  if (dueAt === null) return 'new';
  return dueAt <= now ? '◐ due' : dayText(dueAt);
}
</script>

<template>
  <section aria-label="Kinds of drill" data-testid="drill-kinds">
    <h2>What is drilled, and when it comes again</h2>
    <ul class="small">
      <li v-for="k in standings" :key="k.kind">
        <span>{{ drillNames[k.kind] }}</span>
        <span class="soft num">{{ k.answers ? `${k.right} of ${k.answers}` : '' }}</span>
        <span class="soft">{{ dueText(k, now) }}</span>
        <Button
          size="small"
          type="text"
          :aria-label="`Drill it: ${drillNames[k.kind]}`"
          @click="emit('drill', k.kind)"
          >Drill it</Button
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  font-size: 16px;
  margin: 16px 0 4px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 92px auto;
  gap: 4px 12px;
  align-items: center;
  border-top: 1px solid var(--rule);
  padding: 3px 0;
}
.num {
  font-variant-numeric: tabular-nums;
}
</style>
