<script setup lang="ts">
import type { WarpInAir } from '@hornblende/core/advice';
import { computed } from 'vue';
import WorkingNumber from '../../ui/WorkingNumber.vue';
import { useWorking } from '../../stores/working';
import { useUnits } from '../../ui/useUnits';
import { inHundred } from './in-hundred';

/** The same print in the airs that its printer can give it: what the door does, and what it costs. */
const props = defineProps<{ airs: readonly WarpInAir[]; filament: string }>();
const { show } = useUnits();
const working = useWorking();
/** What the warmest air costs in corners, in a sentence. */
const cost = computed(() => {
  const [coldest] = props.airs;
  const warmest = props.airs.at(-1);
  if (!coldest || !warmest) return '';
  if (warmest.setsInS === null)
    return `${props.filament} does not set at ${show(warmest.airC, 'temperature', 0)}: its corners go round.`;
  if (coldest.setsInS === null) return '';
  const more = warmest.setsInS / coldest.setsInS - 1;
  return more < 0.1
    ? 'Warm air costs its corners next to nothing.'
    : `Warm air costs corners: a layer stays soft ${Math.round(100 * more)} % longer, and one laid sooner goes round.`;
});
function open(a: WarpInAir): void {
  working.show({
    title: `A layer sets, ${a.label}`,
    refs: [{ model: 'print.cooling', inputs: a.cooling }],
  });
}
</script>

<template>
  <div data-testid="airs">
    <ul>
      <li v-for="a in airs" :key="a.label">
        <b>{{ a.label }}, {{ show(a.airC, 'temperature', 0) }}</b>
        <span>bows {{ show(a.outcome.bowMm, 'length', 2) }}</span>
        <span>lifts or splits {{ inHundred(a.outcome.pTrouble) }}</span>
        <span>{{
          a.liftsFromMm === null
            ? 'a corner holds'
            : `a corner lets go from ${show(a.liftsFromMm, 'length', 0)}`
        }}</span>
        <span v-if="a.setsInS === null">a layer never sets</span>
        <span v-else
          >a layer sets in <WorkingNumber @click="open(a)">{{ a.setsInS.toFixed(1) }} s</WorkingNumber></span
        >
      </li>
    </ul>
    <p class="small">{{ cost }}</p>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 0 24px;
}
li {
  display: grid;
  align-content: start;
  border-top: 2px solid var(--rule);
  padding: 6px 0;
}
b::first-letter {
  text-transform: uppercase;
}
p {
  margin: 4px 0 0;
}
</style>
