<script setup lang="ts">
import type { ListedPlacement } from '@hornblende/core/api';
import { materialWords, standingWords } from '@hornblende/core/service';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import { useHealth } from '../../stores/health';
import { useLibrary } from '../../stores/library';
import { useLooksQueue } from '../../stores/looks-queue';
import { useService } from '../../stores/service';
import { dueWords } from './words';

/** What is due, by place: a list to walk with. What comes later is folded. */
const service = useService();
const queue = useLooksQueue();
const library = useLibrary();
const health = useHealth();
/** Days ahead that are worth a walk. */
const SOON_DAYS = 7;
const later = ref(false);
const within = computed(() => (later.value ? Infinity : SOON_DAYS));
const due = computed(() => service.list.filter(p => p.due !== null && p.due.inDays <= within.value));
const rest = computed(() => service.list.filter(p => p.due !== null && p.due.inDays > SOON_DAYS).length);
const places = computed(() => {
  const by = new Map<string, ListedPlacement[]>();
  for (const p of [...due.value].sort((a, b) => a.due!.inDays - b.due!.inDays)) {
    const { where } = p.placement.place;
    by.set(where, [...(by.get(where) ?? []), p]);
  }
  return [...by].map(([where, list]) => ({ where, list }));
});
</script>

<template>
  <section aria-label="To look at" data-testid="due-list">
    <p v-if="!due.length" class="soft">Nothing is due within a week.</p>
    <div v-for="{ where, list } in places" :key="where" class="place">
      <h2>{{ where }}</h2>
      <ul>
        <li v-for="p in list" :key="p.id" data-testid="due-row">
          <RouterLink class="go" :to="`/service/${p.id}/look`">
            <span class="name"
              ><b>{{ p.placement.name }}</b> <span class="soft small">{{ p.placement.code }}</span></span
            >
            <span :class="{ out: p.due!.inDays < 0 }">{{
              queue.of(p.id).length ? 'looked at, waits to be sent' : dueWords(p)
            }}</span>
            <span class="soft small of"
              >{{ materialWords(p.placement, library.nameOf) }}; {{ standingWords(p.standing) }}</span
            >
            <span v-if="p.due!.because.length" class="small marginal because"
              >◐ sooner, since {{ p.due!.because.join('; ') }}</span
            >
          </RouterLink>
        </li>
      </ul>
    </div>
    <p class="acts">
      <Button v-if="rest && !later" type="text" @click="later = true">{{ rest }} more come later</Button>
      <Button v-if="later" type="text" @click="later = false">Only this week</Button>
      <a v-if="!health.isPhone" href="/api/service/due.ics" download="inspections.ics">As a calendar</a>
    </p>
  </section>
</template>

<style scoped>
h2 {
  font-size: 15px;
  margin: 14px 0 2px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.go {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 1px 14px;
  padding: 11px 6px;
  min-height: 56px;
  border-bottom: 1px solid var(--rule);
  color: var(--ink);
}
.go:hover {
  background: var(--hover);
  text-decoration: none;
}
.of,
.because {
  grid-column: 1 / -1;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
  margin-top: 14px;
}
</style>
