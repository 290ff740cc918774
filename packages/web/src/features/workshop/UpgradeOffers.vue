<script setup lang="ts">
import type { UpgradeKind } from '@hornblende/core';
import { Checkbox } from 'ant-design-vue';
import { usePrinters } from '../../stores/printers';
import { useWorkshop } from '../../stores/workshop';
import DataTable from '../../ui/DataTable.vue';
import NumberInput from '../../ui/NumberInput.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { useFeedback } from '../../ui/useFeedback';
import type { UpgradeOffer } from './useUpgrades';
import { computed } from 'vue';

/** What is on offer for a printer, at what price, and how much may be spent. */
const printerId = defineModel<string>('printer', { required: true });
const left = defineModel<UpgradeKind[]>('left', { required: true });
const decidedToo = defineModel<boolean>('decidedToo', { required: true });
const props = defineProps<{ offers: UpgradeOffer[]; weighed: number }>();
const printers = usePrinters();
const workshop = useWorkshop();
const { attempt } = useFeedback();
const machines = computed(() => printers.list.map(p => ({ value: p.id, label: p.profile.name })));
const columns = computed(() => [
  { key: 'offer', title: 'On offer' },
  { key: 'price', title: `Price, ${workshop.currency}`, number: true, width: '92px' },
]);
const weighedLine = computed(
  () => `${props.weighed} ${props.weighed === 1 ? 'part is' : 'parts are'} weighed.`,
);

function setPrice(kind: UpgradeKind, price: number | null): void {
  if (price === null) return;
  const upgradePrices = { ...workshop.settings.upgradePrices, [kind]: price };
  void attempt(() => workshop.set({ upgradePrices }));
}
function setBudget(upgradeBudget: number | null): void {
  void attempt(() => workshop.set({ upgradeBudget }));
}
function take(kind: UpgradeKind, on: boolean): void {
  left.value = on ? left.value.filter(k => k !== kind) : [...left.value, kind];
}
</script>

<template>
  <section class="offers">
    <p>For <SentenceSelect v-model="printerId" label="Printer to upgrade" :options="machines" /></p>
    <p v-if="!offers.length" class="soft">This printer has everything that is on offer here.</p>
    <DataTable v-else :columns="columns" :rows="offers" :row-key="o => o.kind" label="Upgrades on offer">
      <template #offer="{ row }">
        <Checkbox :checked="!left.includes(row.kind)" @update:checked="on => take(row.kind, on)">{{
          row.name
        }}</Checkbox>
      </template>
      <template #price="{ row }">
        <NumberInput
          inline
          :label="`Price of ${row.name}`"
          :model-value="row.price"
          :min="0"
          :max="1000000"
          @update:model-value="v => setPrice(row.kind, v)"
        />
      </template>
    </DataTable>
    <NumberInput
      label="Spend at most"
      nullable
      placeholder="no limit"
      :model-value="workshop.settings.upgradeBudget"
      :min="0"
      :max="10000000"
      @update:model-value="setBudget"
    />
    <p class="small soft">
      Prices are made up to start from; put in what you would pay. {{ weighedLine }}
      <Checkbox v-model:checked="decidedToo">decided ones too</Checkbox>
    </p>
    <p class="small caution">
      Heaters, mains wiring and hot chambers are work for qualified people, to local code.
    </p>
  </section>
</template>

<style scoped>
.offers {
  display: grid;
  gap: 10px;
  align-content: start;
}
.offers p {
  margin: 0;
}
.caution {
  border-left: 3px solid var(--marginal-fill);
  padding-left: 10px;
}
</style>
