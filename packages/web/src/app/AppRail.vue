<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import RailButton from '../ui/RailButton.vue';
import { useHealth } from '../stores/health';
import { useCurrentPart } from '../stores/current-part';
import { useRecentParts } from '../stores/recent-parts';
import { pages, partPages } from './pages';

defineEmits<{ help: []; guide: []; jump: [] }>();
const route = useRoute();
const part = useCurrentPart();
const onPart = computed(() => route.path.startsWith('/parts/') && part.id !== null);
const stages = partPages.filter(p => p.rail);
const health = useHealth();
const all = pages.filter(p => p.rail);
/** The way back to what was worked on: beside the list of parts itself it would say everything twice. */
const recent = useRecentParts();
const lately = computed(() => (onPart.value || health.isPhone || route.path === '/parts' ? [] : recent.list));
/** On a paired phone there are the parts in service and the faults. */
const forPhones = ['/service', '/fix'];
const places = computed(() => (health.isPhone ? all.filter(p => forPhones.includes(p.path)) : all));
const at = computed(() => stages.findIndex(s => route.path.endsWith(`/${s.path}`)));
const list = useTemplateRef('list');
const row = useTemplateRef('row');
// On a narrow screen the rail is a bar that scrolls: where one is stays in sight.
watch([at, onPart], async () => {
  await nextTick();
  list.value?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' });
});
watch(
  () => route.path,
  async () => {
    await nextTick();
    row.value?.querySelector('.here')?.scrollIntoView({ block: 'nearest', inline: 'center' });
  },
);
const isHere = (to: string): boolean => (to === '/parts' ? route.path === to : route.path.startsWith(to));
</script>

<template>
  <nav class="rail" aria-label="Main">
    <RouterLink class="mark" to="/parts" aria-label="Hornblende">
      <svg viewBox="0 0 32 32" width="26" height="26" aria-hidden="true">
        <path d="M16 2 28 9.5v13L16 30 4 22.5v-13z" fill="none" stroke="currentColor" stroke-width="1.6" />
        <path d="M9 8.2 23 23.8M23 8.2 9 23.8" stroke="var(--gold)" stroke-width="1.8" />
      </svg>
      <span class="word">Hornblende</span>
    </RouterLink>
    <div v-if="onPart" class="part">
      <div class="part-name" :title="part.name">{{ part.name || '…' }}</div>
      <ol ref="list">
        <li v-for="(s, i) in stages" :key="s.path" :class="{ now: i === at, done: i < at }">
          <RouterLink :to="`/parts/${part.id}/${s.path}`" :aria-current="i === at ? 'step' : undefined">
            <svg class="rhomb" viewBox="0 0 12 20" width="10" height="16" aria-hidden="true">
              <path d="M6 1 11 10 6 19 1 10z" />
            </svg>
            {{ s.rail }}
          </RouterLink>
        </li>
      </ol>
    </div>
    <ul ref="row" class="places" :class="{ 'under-part': onPart }">
      <li v-for="p in places" :key="p.path">
        <RouterLink :to="p.path" :class="{ here: isHere(p.path) }">{{ p.rail }}</RouterLink>
      </li>
      <li v-if="!health.isPhone" class="help">
        <RailButton @click="$emit('jump')">Jump to <kbd>j</kbd></RailButton>
      </li>
      <li>
        <RailButton @click="$emit('guide')">Guide</RailButton>
      </li>
      <li class="help">
        <RailButton @click="$emit('help')">Shortcuts <kbd>?</kbd></RailButton>
      </li>
    </ul>
    <div v-if="lately.length" class="lately" data-testid="lately">
      <div class="part-name">Parts you had open</div>
      <ul>
        <li v-for="p in lately" :key="p.id">
          <RouterLink :to="`/parts/${p.id}/brief`">{{ p.name }}</RouterLink>
        </li>
      </ul>
    </div>
  </nav>
</template>

<style scoped>
.rail {
  background: var(--rail);
  color: var(--rail-ink);
  display: flex;
  flex-direction: column;
  padding: 18px 0 14px;
  overflow: auto;
}
.mark {
  display: flex;
  gap: 9px;
  align-items: center;
  color: #f3f1ea;
  font-size: 17px;
  padding: 0 18px 4px;
}
.mark:hover {
  text-decoration: none;
}
.part-name {
  margin: 18px 18px 6px;
  font-size: 13px;
  color: var(--rail-soft);
  overflow-wrap: anywhere;
  line-height: 1.35;
}
ol,
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
a {
  color: inherit;
}
ol a {
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 8px 18px 8px 20px;
}
ol a:hover,
.places a:hover {
  background: var(--rail-now);
  text-decoration: none;
}
ol li {
  position: relative;
}
ol li:not(:last-child)::after {
  content: '';
  position: absolute;
  left: 24.5px;
  top: 29px;
  height: 13px;
  border-left: 1.5px solid #3a4a43;
}
.rhomb path {
  fill: none;
  stroke: #7c8f85;
  stroke-width: 1.5;
}
.done .rhomb path {
  fill: #7fa593;
  stroke: #7fa593;
}
.now a {
  background: var(--rail-now);
  color: #fff;
}
.now .rhomb path {
  fill: var(--gold);
  stroke: var(--gold);
}
.places {
  padding-top: 14px;
}
/* Under the stages of a part the places stand at the foot. */
.places.under-part {
  margin-top: auto;
  padding-top: 20px;
}
.lately a {
  display: block;
  padding: 5px 20px;
  font-size: 13.5px;
  line-height: 1.35;
  overflow-wrap: anywhere;
}
.lately a:hover {
  background: var(--rail-now);
  text-decoration: none;
}
.places a {
  display: block;
  padding: 6px 20px;
}
.places .here {
  color: #fff;
  background: var(--rail-now);
}
kbd {
  font: inherit;
  font-size: 12px;
  border: 1px solid #44554d;
  border-radius: 3px;
  padding: 0 5px;
  margin-left: 6px;
}
.rail :focus-visible {
  outline-color: var(--gold);
  outline-offset: -2px;
}
/* On a narrow screen the rail lies down: places in a row on top, a part's stages in a row beneath. */
@media (max-width: 760px) {
  .rail {
    display: grid;
    grid-template-columns: auto 1fr;
    align-items: center;
    padding: 0;
    overflow: visible;
  }
  .mark {
    padding: 8px 10px 8px 14px;
  }
  .word,
  .help,
  .lately,
  .part-name {
    display: none;
  }
  .places {
    display: flex;
    min-width: 0;
    overflow-x: auto;
  }
  .places,
  .places.under-part {
    margin: 0;
    padding: 0;
  }
  /* Where all of them fit they stand on the right; where not, none may be out of reach on the left. */
  .places li:first-child {
    margin-left: auto;
  }
  .places a,
  .places :deep(.rail-button) {
    padding: 12px 8px;
    white-space: nowrap;
  }
  /* With the steps of a part and its verdict beneath, the head is a seventh of a phone at most. */
  .places.under-part a,
  .places.under-part :deep(.rail-button) {
    padding-block: 8px;
  }
  .part {
    grid-column: 1 / -1;
    grid-row: 2;
    border-top: 1px solid var(--rail-now);
  }
  .part ol {
    display: flex;
  }
  .part li {
    flex: 1;
  }
  .part {
    min-width: 0;
  }
  .part ol {
    overflow-x: auto;
  }
  .part ol a {
    padding: 9px 3px;
    justify-content: center;
    gap: 4px;
    white-space: nowrap;
    font-size: 14px;
  }
  .rhomb {
    width: 8px;
  }
  ol li:not(:last-child)::after {
    display: none;
  }
}
</style>
