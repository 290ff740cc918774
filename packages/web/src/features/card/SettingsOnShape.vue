<script setup lang="ts">
import type { SettingsPoint } from '@hornblende/core/advice';
import { sig } from '@hornblende/core/lib';
import type { Family } from '@hornblende/core/materials';
import { computed, onMounted } from 'vue';
import { Button, Progress } from '../../ui/kit';
import PlainTable from '../../ui/PlainTable.vue';
import { useUnits } from '../../ui/useUnits';
import { useShape } from '../shape/useShape';
import { useSettingsOnShape } from './useSettingsOnShape';

/** What walls and infill do to the loads on the part's own shape, where its file is there and its loads are placed. */
const props = defineProps<{ family: Family; points: readonly SettingsPoint[] }>();
const emit = defineEmits<{ take: [point: SettingsPoint] }>();
const { show } = useUnits();
const { fetch } = useShape();
onMounted(() => void fetch());
const { can, rows, progress, failed, work, stop } = useSettingsOnShape(
  () => props.points,
  () => props.family,
);
const now = computed(() => rows.value.find(r => r.point.current) ?? null);
/** The lightest that carries what is asked; null where none of them does. */
const lightest = computed(() => rows.value.find(r => r.reserve >= 1) ?? null);
const words = (p: SettingsPoint): string => `${p.walls} walls, ${Math.round(100 * p.infill)} %`;
const verdict = computed(() => {
  if (!rows.value.length || progress.value !== null) return '';
  const { value: best } = lightest;
  if (!best)
    return 'None of these carries what is asked on the shape itself: another filament or section must.';
  if (best.point.current) return 'As it is set now it is the lightest of these that carries what is asked.';
  return (
    `The lightest of these that carries what is asked: ${words(best.point)}, ${show(best.point.massG, 'mass', 1)}` +
    (now.value ? ` instead of ${show(now.value.point.massG, 'mass', 1)} now.` : '.')
  );
});
const columns = [
  { title: 'Walls, infill' },
  { title: 'Mass' },
  { title: 'It carries' },
  { title: 'Print it so', hiddenTitle: true },
];
</script>

<template>
  <section
    v-if="can"
    class="on-shape"
    aria-label="Walls and infill on its own shape"
    data-testid="settings-on-shape"
  >
    <h3>On its own shape</h3>
    <p>
      The chart above goes by a section. On the part’s own shape:
      <Button size="small" :disabled="progress !== null || !points.length" @click="work">{{
        rows.length ? 'work them out again' : 'work out walls and infill'
      }}</Button>
    </p>
    <p v-if="progress !== null" class="busy small" role="status">
      Working them out…
      <Progress :percent="Math.round(100 * progress)" size="small" aria-label="Working out" />
      <Button type="text" size="small" @click="stop">Stop</Button>
    </p>
    <p v-if="failed" class="out small" role="alert">It cannot be worked out: {{ failed }}</p>
    <PlainTable v-if="rows.length" :columns="columns">
      <tr v-for="{ point, reserve } in rows" :key="words(point)" :class="{ now: point.current }">
        <td>{{ words(point) }}<template v-if="point.current"> · as now</template></td>
        <td>{{ show(point.massG, 'mass', 1) }}</td>
        <td :class="{ out: reserve < 1 }">{{ sig(reserve, 2) }} times what is asked</td>
        <td>
          <Button v-if="!point.current" size="small" type="text" @click="emit('take', point)"
            >Print it so</Button
          >
        </td>
      </tr>
    </PlainTable>
    <p v-if="verdict" data-testid="settings-on-shape-answer">
      <b>{{ verdict }}</b>
    </p>
    <p v-if="rows.length" class="small soft">
      By strength alone; how far it bends is judged in the ranking. In {{ family.name }}, safety included,
      with some 12,000 cells: good enough to compare, a little coarse for the figure itself.
    </p>
  </section>
</template>

<style scoped>
.busy {
  display: flex;
  gap: 12px;
  align-items: center;
}
.now td {
  font-weight: 700;
}
</style>
