<script setup lang="ts" generic="Kind extends string">
import { Checkbox } from '../../ui/kit';
import { computed } from 'vue';
import { useWorkshop } from '../../stores/workshop';
import DataTable from '../../ui/DataTable.vue';
import NumberInput from '../../ui/NumberInput.vue';
import type { Offer } from './useUpgrades';

/** Offers to take into account or leave out, each with its price. */
const left = defineModel<string[]>('left', { required: true });
const props = defineProps<{ offers: Offer<Kind>[]; title: string }>();
const emit = defineEmits<{ price: [kind: Kind, price: number] }>();
const workshop = useWorkshop();
const columns = computed(() => [
  { key: 'offer', title: props.title },
  { key: 'price', title: `Price, ${workshop.currency}`, number: true, width: '92px' },
]);

function take(kind: Kind, on: boolean): void {
  left.value = on ? left.value.filter(k => k !== kind) : [...left.value, kind];
}
function setPrice(kind: Kind, price: number | null): void {
  if (price !== null) emit('price', kind, price);
}
</script>

<template>
  <DataTable :columns="columns" :rows="offers" :row-key="o => o.kind" :label="title">
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
</template>
