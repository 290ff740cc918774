<script setup lang="ts">
import { symptomWords, type SymptomId } from '@hornblende/core/triage';
import { Button } from '../../ui/kit';
import { computed } from 'vue';
import { symptomDrawings } from './symptom-drawings';

/** One symptom: drawn, named, and whether it is seen, not there, or not looked for. A press goes round. */
const props = defineProps<{ symptom: SymptomId; state: 'seen' | 'absent' | 'unknown' }>();
const emit = defineEmits<{ turn: [] }>();
const words = computed(() => ({ seen: '● seen', absent: '○ not there', unknown: '' })[props.state]);
</script>

<template>
  <Button
    type="text"
    class="tile"
    :class="state"
    :aria-label="`${symptomWords[symptom]}: ${words.slice(2) || 'not looked for'}`"
    :data-testid="`symptom-${symptom}`"
    @click="emit('turn')"
  >
    <svg viewBox="0 0 64 48" aria-hidden="true">
      <path :d="symptomDrawings[symptom].thing" />
      <path :d="symptomDrawings[symptom].wrong" class="wrong" />
    </svg>
    <span class="name">{{ symptomWords[symptom] }}</span>
    <span class="said small">{{ words }}</span>
  </Button>
</template>

<style scoped>
.tile.tile.tile {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  column-gap: 10px;
  align-items: center;
  height: auto;
  min-height: 80px;
  padding: 6px 8px;
  text-align: left;
  white-space: normal;
  line-height: 1.2;
  color: var(--ink);
  border: 1px solid var(--rule);
}
svg {
  grid-row: 1 / span 2;
  width: 84px;
}
path {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.3;
  stroke-linejoin: round;
  stroke-linecap: round;
}
.wrong {
  stroke: var(--out);
  stroke-width: 1.9;
}
.tile.absent .wrong {
  stroke: currentColor;
}
.said {
  grid-column: 2;
  min-height: 1.2em;
}
.tile.seen.seen.seen {
  border-color: var(--gold);
  box-shadow: inset 3px 0 0 var(--gold);
}
.tile.absent.absent.absent {
  color: var(--soft);
}
</style>
