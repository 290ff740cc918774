<script setup lang="ts">
import { asGoodNames, type Ranking } from '@hornblende/core';
import { computed } from 'vue';
import { useShelf } from '../../stores/shelf';
import { useUnits } from '../../ui/useUnits';
import { useRanking } from '../part/useRanking';

/** Who is as good as the first choice, who of them is on the shelf, and who was printed well on this printer before. */
const props = defineProps<{ ranking: Ranking }>();
const shelf = useShelf();
const { printer } = useRanking();
const { say, show } = useUnits();

const group = computed(() => props.ranking.asGood);
const first = computed(() => group.value[0] ?? null);
const others = computed(() => asGoodNames(group.value));
const keys = computed(() =>
  group.value.flatMap(g => [
    { material: g.material, name: g.name, family: g.family },
    ...g.variants.map(v => ({ ...v, family: g.family })),
  ]),
);
const onShelf = computed(() =>
  keys.value
    .filter(k => (shelf.stock.get(k.material) ?? 0) > 0)
    .map(k => `${k.name} (${show(shelf.stock.get(k.material)!, 'mass')})`),
);
const printedWell = computed(() =>
  group.value.flatMap(g => {
    const record = printer.value?.record?.prints.find(p => p.family === g.family);
    return record && record.well > record.failed
      ? [`${g.name} (${record.well} of ${record.well + record.failed})`]
      : [];
  }),
);
</script>

<template>
  <p v-if="first && group.length > 1" class="equals" data-testid="as-good">
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
