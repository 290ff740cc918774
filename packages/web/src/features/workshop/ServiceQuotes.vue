<script setup lang="ts">
import type { WorkshopUpgradesResult } from '@hornblende/core/advice';
import type { ListedPart } from '@hornblende/core/api';
import { computed } from 'vue';
import { useWorkshop } from '../../stores/workshop';
import DataTable from '../../ui/DataTable.vue';
import NumberInput from '../../ui/NumberInput.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useMoney } from '../../ui/useMoney';

/** What a print service asks for each part, against what it costs here. */
const props = defineProps<{ parts: ListedPart[]; result: WorkshopUpgradesResult | null }>();
const workshop = useWorkshop();
const money = useMoney();
const { attempt } = useFeedback();
const rows = computed(() =>
  props.parts.map((p, i) => ({
    id: p.id,
    name: p.name,
    quantity: p.brief.quantity,
    quote: workshop.quotes[p.id] ?? null,
    answer: props.result?.breakEven.find(b => b.index === i && b.part === p.name) ?? null,
  })),
);
const columns = computed(() => [
  { key: 'part', title: 'Part' },
  { key: 'wanted', title: 'Wanted', number: true },
  { key: 'quote', title: `Quote each, ${workshop.currency}`, number: true, width: '150px' },
  { key: 'here', title: 'Here, each', number: true },
  { key: 'so', title: 'So' },
]);
</script>

<template>
  <section class="service">
    <h2>
      Or have it printed
      <span class="soft small plain"
        >type what a print service asks for one; against it stands the filament, machine time and labour
        here</span
      >
    </h2>
    <p v-if="!rows.length" class="soft">No part is open.</p>
    <DataTable v-else :columns="columns" :rows="rows" :row-key="r => r.id" label="Quotes of a print service">
      <template #part="{ row }">
        <RouterLink :to="`/parts/${row.id}/rank`">{{ row.name }}</RouterLink>
      </template>
      <template #wanted="{ row }">{{ row.quantity }}</template>
      <template #quote="{ row }">
        <NumberInput
          inline
          nullable
          placeholder="none"
          :label="`Quote for ${row.name}`"
          :model-value="row.quote"
          :min="0.01"
          :max="1000000"
          @update:model-value="v => attempt(() => workshop.quote(row.id, v))"
        />
      </template>
      <template #here="{ row }">{{ row.answer?.ownEach == null ? '' : money(row.answer.ownEach) }}</template>
      <template #so="{ row }"
        ><span class="soft">{{ row.answer?.note ?? '' }}</span></template
      >
    </DataTable>
  </section>
</template>

<style scoped>
.service {
  grid-column: 1 / -1;
  border-top: 1px solid var(--rule);
  padding-top: 14px;
}
.plain {
  font-weight: 400;
}
</style>
