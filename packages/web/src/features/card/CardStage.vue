<script setup lang="ts">
import type { RecipeLine } from '@hornblende/core/print';
import { Checkbox } from '../../ui/kit';
import TermText from '../../ui/TermText.vue';
import { useUnits } from '../../ui/useUnits';

/** One stage of a print card: what to set or do, each with its reason. */
defineProps<{ title: string; lines: RecipeLine[]; ticked: ReadonlySet<string> }>();
const emit = defineEmits<{ tick: [id: string, on: boolean] }>();
const { say } = useUnits();
/** A figure and its unit stay on one line. */
const glued = (text: string): string =>
  text.replace(/(\d) (°C|°F|mm|in|h|min|%|g)\b/g, '$1\u00a0$2').replace(/(\d) °/g, '$1\u00a0°');
</script>

<template>
  <section :aria-label="title">
    <h2>{{ title }}</h2>
    <ul>
      <li v-for="l in lines" :key="l.id" :class="{ done: ticked.has(l.id) }" :data-testid="`line-${l.id}`">
        <Checkbox :checked="ticked.has(l.id)" @update:checked="on => emit('tick', l.id, on)">
          <span class="label">{{ l.label }}</span>
          <span class="value">{{ glued(say(l.value)) }}</span>
        </Checkbox>
        <p class="why soft small"><TermText :text="say(l.why)" /></p>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  break-inside: avoid;
  margin-bottom: 14px;
}
h2 {
  font-size: 16px;
  margin: 6px 0 2px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  border-top: 1px solid var(--rule);
  padding: 6px 0;
}
.label {
  color: var(--soft);
  margin-right: 8px;
}
.value {
  font-weight: 700;
  font-size: 16px;
}
.why {
  margin: 1px 0 0 24px;
  line-height: 1.35;
}
.done .value {
  font-weight: 400;
  color: var(--soft);
}
</style>
