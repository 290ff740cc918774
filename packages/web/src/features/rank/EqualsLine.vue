<script setup lang="ts">
import type { Ranking } from '@hornblende/core/score';
import { useUnits } from '../../ui/useUnits';
import { useEquals } from './useEquals';

/** Who is as good as the first choice, who of them is on the shelf, and who was printed well on this printer before. */
const props = defineProps<{ ranking: Ranking }>();
const { say } = useUnits();
const { first, others, onShelf, printedWell } = useEquals(() => props.ranking.asGood);
</script>

<template>
  <p v-if="first" class="equals" data-testid="as-good">
    <b>{{ first.name }}</b> stands first; as good, as far as the data can tell: {{ say(others) }}.<template
      v-if="onShelf.length"
    >
      On your shelf: {{ onShelf.join(', ') }}.</template
    ><template v-if="printedWell.length"> Printed well here: {{ printedWell.join(', ') }}.</template>
    <span class="soft">Of equals take the one at hand.</span>
  </p>
</template>

<style scoped>
.equals {
  margin: 8px 0 0;
}
</style>
