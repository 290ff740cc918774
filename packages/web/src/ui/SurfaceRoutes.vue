<script setup lang="ts">
import type { SurfaceRouteId } from '@hornblende/core/brief';
import type { Family } from '@hornblende/core/materials';
import { routeSize, surfaceRoutes, type SurfaceRoute } from '@hornblende/core/print';
import { computed } from 'vue';
import { Radio } from './kit';
import DataTable from './DataTable.vue';
import { useWorkshop } from '../stores/workshop';
import { useUnits } from './useUnits';

/** The ways to a surface that a filament takes, with what each takes; where a part is meant, one may be chosen. */
const props = defineProps<{ family: Family; areaCm2: number; chosen?: SurfaceRouteId | null }>();
const emit = defineEmits<{ choose: [route: SurfaceRouteId | null] }>();
const { say, show } = useUnits();
const workshop = useWorkshop();
const routes = computed(() => surfaceRoutes(props.family, props.areaCm2));
const choosing = computed(() => props.chosen !== undefined);
const columns = computed(() => [
  { key: 'way', title: 'Way' },
  { key: 'time', title: 'By hand', number: true, width: '90px' },
  { key: 'cost', title: 'Used up', number: true, width: '90px' },
  { key: 'kept', title: 'Bears up to', number: true, width: '100px' },
  { key: 'caution', title: 'Beware' },
]);
const needed = (r: SurfaceRoute): string => (r.needs.length ? `Needs ${r.needs.join('; ')}.` : '');
const waited = (r: SurfaceRoute): string => (r.waitHours ? `Then wait ${r.waitHours} h.` : '');
</script>

<template>
  <DataTable
    label="Ways to a surface"
    row-testid="surface-route"
    :columns="columns"
    :rows="routes"
    :row-key="r => r.id"
    :row-class="r => (r.id === chosen ? 'chosen' : '')"
  >
    <template #way="{ row: r }">
      <div class="way">
        <Radio v-if="choosing" :checked="r.id === chosen" @change="emit('choose', r.id)"
          ><b>{{ r.label }}</b></Radio
        ><b v-else>{{ r.label }}</b>
        <span class="soft small">{{ say([r.how, needed(r), waited(r)].filter(Boolean).join(' ')) }}</span>
      </div>
    </template>
    <template #time="{ row: r }">{{ r.minutes < 0.5 ? 'none' : `${Math.round(r.minutes)} min` }}</template>
    <template #cost="{ row: r }">{{
      r.money ? `${workshop.currency}${r.money.toFixed(2)}` : 'nothing'
    }}</template>
    <template #kept="{ row: r }">{{ show(r.keptC, 'temperature') }}</template>
    <template #caution="{ row: r }">
      <span class="small">{{
        say([...r.cautions, routeSize(r)].filter(Boolean).join(' ') || 'Nothing.')
      }}</span>
    </template>
  </DataTable>
</template>

<style scoped>
.way .soft {
  display: block;
}
</style>
