<script setup lang="ts">
import type { MachineKind, UpgradeKind } from '@hornblende/core/workshop';
import { Checkbox } from '../../ui/kit';
import { usePrinters } from '../../stores/printers';
import { useWorkshop } from '../../stores/workshop';
import NumberInput from '../../ui/NumberInput.vue';
import WaitsNotice from '../../ui/WaitsNotice.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { useFeedback } from '../../ui/useFeedback';
import OfferTable from './OfferTable.vue';
import type { Offer } from './useUpgrades';
import { computed } from 'vue';

/** What is on offer for a printer, at what price, and how much may be spent. */
const printerId = defineModel<string>('printer', { required: true });
const left = defineModel<(UpgradeKind | MachineKind)[]>('left', { required: true });
const decidedToo = defineModel<boolean>('decidedToo', { required: true });
const props = defineProps<{
  offers: Offer<UpgradeKind>[];
  machines: Offer<MachineKind>[];
  weighed: number;
}>();
const printers = usePrinters();
const workshop = useWorkshop();
const { attempt } = useFeedback();
const choices = computed(() => printers.list.map(p => ({ value: p.id, label: p.profile.name })));
const weighedLine = computed(
  () => `${props.weighed} ${props.weighed === 1 ? 'part is' : 'parts are'} weighed.`,
);

function setPrice(kind: UpgradeKind, price: number): void {
  void attempt(() => workshop.set({ upgradePrices: { ...workshop.settings.upgradePrices, [kind]: price } }));
}
function setMachinePrice(kind: MachineKind, price: number): void {
  void attempt(() => workshop.set({ machinePrices: { ...workshop.settings.machinePrices, [kind]: price } }));
}
function setBudget(upgradeBudget: number | null): void {
  void attempt(() => workshop.set({ upgradeBudget }));
}
</script>

<template>
  <section class="offers">
    <WaitsNotice />
    <p>For <SentenceSelect v-model="printerId" label="Printer to upgrade" :options="choices" /></p>
    <p v-if="!offers.length" class="soft">This printer has everything that is on offer here.</p>
    <OfferTable v-else v-model:left="left" :offers="offers" title="For this printer" @price="setPrice" />
    <OfferTable
      v-model:left="left"
      :offers="machines"
      title="Or another machine beside it"
      @price="setMachinePrice"
    />
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
