<script setup lang="ts">
import type { WarpOutcome, WarpRemedy } from '@hornblende/core/advice';
import { computed } from 'vue';
import { useUnits } from '../../ui/useUnits';
import { inHundred } from './in-hundred';

/** What helps, by what it gains for its effort; each is a rerun of the model with that one thing changed. */
const props = defineProps<{
  outcome: WarpOutcome;
  remedies: readonly WarpRemedy[];
  cheapest: WarpRemedy | null;
  toleranceMm: number;
}>();
const { show, say } = useUnits();
const isFine = computed(() => props.outcome.bowMm <= props.toleranceMm && props.outcome.pTrouble <= 0.05);
const efforts = [
  '',
  'a setting',
  'a minute',
  'something to make or buy',
  'a change of the part',
  'a change of the part',
];
</script>

<template>
  <div data-testid="remedies">
    <p v-if="isFine">
      It stays under its tolerance of {{ show(toleranceMm, 'length', 2) }} as it is; nothing need be done.
    </p>
    <p v-else-if="cheapest">
      <b>The least that does it: {{ say(cheapest.label) }}.</b> Then it bows
      {{ show(cheapest.bowMm, 'length', 2) }}, and lifts or splits {{ inHundred(cheapest.pTrouble) }}.
    </p>
    <p v-else>
      No three of these get it under {{ show(toleranceMm, 'length', 2) }} and 5 in 100: a longer tolerance,
      another filament or another shape.
    </p>
    <ol>
      <li v-for="r in remedies" :key="r.ids.join()">
        <span class="label">{{ say(r.label) }}</span>
        <span class="figures"
          >{{ show(r.bowMm, 'length', 2) }}, {{ inHundred(r.pTrouble) }}
          <span class="soft">· {{ r.domain }}, {{ efforts[Math.min(5, r.effort)] }}</span></span
        >
        <span class="how soft small">{{ say(r.how) }}</span>
      </li>
    </ol>
    <p v-if="!remedies.length" class="soft">Nothing here changes it to speak of.</p>
  </div>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 16px;
  border-top: 1px solid var(--rule);
  padding: 5px 0;
}
.how {
  grid-column: 1 / -1;
}
.label::first-letter {
  text-transform: uppercase;
}
@media (max-width: 640px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
