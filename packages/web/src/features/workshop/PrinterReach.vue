<script setup lang="ts">
import type { StoredPrinter } from '@hornblende/core/api';
import { newBrief } from '@hornblende/core/brief';
import type { Printer } from '@hornblende/core/formats';
import { families } from '@hornblende/core/materials';
import { gateLabel, rank, whyWithRescue, type Gate } from '@hornblende/core/score';
import { Tooltip } from '../../ui/kit';
import { computed } from 'vue';
import DataTable from '../../ui/DataTable.vue';
import { useUnits } from '../../ui/useUnits';

/**
 * Which families each printer can print a small ordinary part in, and the gates that stop the rest:
 * families down, printers across.
 */
const props = defineProps<{ printers: StoredPrinter[] }>();
const { say } = useUnits();

/** How a printer does with one family, and what stands in the way. */
interface Reach {
  mark: string;
  word: string;
  tone: 'fits' | 'marginal' | 'out';
  gates: Gate[];
}
const PRINTS: Reach = { mark: '●', word: 'prints', tone: 'fits', gates: [] };
const probe = newBrief('probe');

function reachOf(gates: readonly Gate[]): Reach {
  const short = gates.filter(g => g.id.startsWith('printability') && g.verdict !== 'pass');
  const stops = short.filter(g => g.verdict === 'fail');
  if (stops.length) return { mark: '○', word: 'cannot', tone: 'out', gates: stops };
  if (short.length) return { mark: '◐', word: 'with care', tone: 'marginal', gates: short };
  return PRINTS;
}
function reach(p: Printer): Map<string, Reach> {
  return new Map(rank(probe, { printer: p }).candidates.map(c => [c.material, reachOf(c.gates)]));
}
const machines = computed(() =>
  props.printers.map(p => {
    const list = reach(p.profile);
    return {
      id: p.id,
      name: p.profile.name,
      of: (key: string) => list.get(key) ?? PRINTS,
      can: families.filter(f => list.get(f.key)?.tone !== 'out').length,
    };
  }),
);
const columns = computed(() => [
  { key: 'family', title: 'Family', width: '200px' },
  ...machines.value.map(m => ({ key: m.id, title: m.name })),
]);
const reasons = (r: Reach): string => r.gates.map(g => say(whyWithRescue(g))).join(' ');
</script>

<template>
  <h2>
    What each can print
    <span class="soft small plain"
      >a small part. A load, the sun or a plate full of corners can rule out more.</span
    >
  </h2>
  <DataTable
    class="reach"
    :columns="columns"
    :rows="families"
    :row-key="f => f.key"
    label="What each printer can print"
    data-testid="reach"
  >
    <template v-for="m in machines" :key="`head-${m.id}`" #[`head-${m.id}`]>
      <b>{{ m.name }}</b> {{ m.can }} of {{ families.length }}
    </template>
    <template #family="{ row }">
      <RouterLink :to="`/library/${row.key}`" class="family">{{ row.name }}</RouterLink>
    </template>
    <template v-for="m in machines" :key="m.id" #[m.id]="{ row }">
      <Tooltip :title="reasons(m.of(row.key))">
        <span :class="m.of(row.key).tone">{{ m.of(row.key).mark }} {{ m.of(row.key).word }}</span>
        <span class="soft small why">{{
          m
            .of(row.key)
            .gates.map(g => gateLabel(g.id))
            .join(', ')
        }}</span>
      </Tooltip>
    </template>
  </DataTable>
</template>

<style scoped>
h2 {
  margin: 26px 0 6px;
}
.plain {
  font-weight: 400;
}
.reach :deep(.ant-table.ant-table-small .ant-table-tbody > tr.ant-table-row > td) {
  padding-top: 3px;
  padding-bottom: 3px;
  font-size: 14px;
}
.family {
  color: var(--ink);
}
.why {
  margin-left: 8px;
}
</style>
