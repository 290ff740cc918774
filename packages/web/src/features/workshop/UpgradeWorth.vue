<script setup lang="ts">
import type { MachineOrUpgrades, UpgradeOption, WorkshopUpgradesResult } from '@hornblende/core/advice';
import { purchaseName } from '@hornblende/core/workshop';
import { Button } from '../../ui/kit';
import { computed, ref, watch } from 'vue';
import { useLibrary } from '../../stores/library';
import DataTable from '../../ui/DataTable.vue';
import UpgradeChart from './UpgradeChart.vue';
import { useMoney } from '../../ui/useMoney';

/** Which purchases are worth their price, and what each of them unlocks. */
const props = defineProps<{ result: WorkshopUpgradesResult; worth: UpgradeOption[] }>();
const library = useLibrary();
const money = useMoney();
const chosen = ref(0);
watch(
  () => props.result,
  () => (chosen.value = 0),
);
function byKinds(kinds: readonly string[] | null): UpgradeOption | null {
  if (!kinds) return null;
  return props.result.options.find(o => o.kinds.join() === kinds.join()) ?? null;
}
const most = computed(() => byKinds(props.result.mostOpened));
const best = computed(() => byKinds(props.result.bestSingle ? [props.result.bestSingle] : null));
const shown = computed(() => props.worth[chosen.value] ?? null);
const columns = [
  { key: 'set', title: 'Nothing cheaper gains as much' },
  { key: 'cost', title: 'Cost', number: true },
  { key: 'gain', title: 'Gain in score', number: true },
  { key: 'opens', title: 'Opens', number: true },
];
/** So many filaments are named; the rest are counted. */
const MOST_FILAMENTS_NAMED = 4;

function sentence({ machine, upgrades }: MachineOrUpgrades): string {
  const gains = `gains ${machine.gain.toFixed(2)} for ${money(machine.cost)}`;
  const instead = upgrades
    ? `this printer gains as much with ${purchaseName(upgrades)}, for ${money(upgrades.cost)}`
    : 'no upgrade of this printer gains as much';
  return `${purchaseName(machine)} ${gains}; ${instead}.`.replace(/^a/, 'A');
}

type Unlocked = UpgradeOption['unlocked'][number];
function change(u: Unlocked): string {
  const before = u.firstBefore === null ? 'nothing fitted' : library.nameOf(u.firstBefore);
  return u.firstAfter === u.firstBefore
    ? `${before} stays first`
    : `${before} → ${library.nameOf(u.firstAfter ?? '')}`;
}
function opened(u: Unlocked): string {
  if (!u.materials.length) return '';
  const named = u.materials.slice(0, MOST_FILAMENTS_NAMED).map(m => library.nameOf(m));
  const more =
    u.materials.length > MOST_FILAMENTS_NAMED ? ` and ${u.materials.length - MOST_FILAMENTS_NAMED} more` : '';
  return `; opens ${named.join(', ')}${more}`;
}
</script>

<template>
  <p v-if="!worth.length" class="soft">Nothing on offer makes any of these parts better. Keep the money.</p>
  <template v-else>
    <p class="lead" data-testid="most-opened">
      <template v-if="most"
        >One thing that opens most: <b>{{ purchaseName(most) }}</b>, {{ most.opens }} more part–filament pairs
        for {{ money(most.cost) }}.
      </template>
      <template v-if="best"
        >One thing that gains most: <b>{{ purchaseName(best) }}</b>, {{ best.gain.toFixed(2) }} in score for
        {{ money(best.cost) }}.</template
      >
    </p>
    <p v-if="result.bestMachine" class="lead" data-testid="machine">
      {{ sentence(result.bestMachine) }}
    </p>
    <UpgradeChart v-model:chosen="chosen" :options="result.options" :worth="worth" />
    <div class="pair">
      <DataTable
        :columns="columns"
        :rows="worth"
        :row-key="purchaseName"
        :row-class="o => (o === shown ? 'on' : '')"
        label="Purchases that are worth their price"
        data-testid="worth"
      >
        <template #set="{ row, index }">
          <Button type="link" @click="chosen = index">{{ purchaseName(row) }}</Button>
        </template>
        <template #cost="{ row }">{{ money(row.cost) }}</template>
        <template #gain="{ row }">{{ row.gain.toFixed(2) }}</template>
        <template #opens="{ row }">{{ row.opens }}</template>
      </DataTable>
      <div v-if="shown" class="unlocks">
        <h3>{{ purchaseName(shown) }}</h3>
        <ul>
          <li v-for="u in shown.unlocked" :key="u.index">
            <b>{{ u.part }}</b>: {{ change(u) }}
            <span class="soft small"
              >{{ u.scoreBefore.toFixed(2) }} → {{ u.scoreAfter.toFixed(2) }}{{ opened(u) }}</span
            >
          </li>
        </ul>
      </div>
    </div>
  </template>
</template>

<style scoped>
.lead {
  margin-bottom: 4px;
}
.pair {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 30px;
}
.unlocks ul {
  margin: 6px 0 0;
  padding-left: 18px;
}
.unlocks li {
  margin-bottom: 4px;
}
@media (max-width: 1180px) {
  .pair {
    grid-template-columns: 1fr;
  }
}
</style>
