<script setup lang="ts">
import { sectionChoices, sig, typical, type Family, type SectionChoice } from '@hornblende/core';
import { computed } from 'vue';
import { useUnits } from '../../../composables/useUnits';
import { useWorking } from '../../../stores/working';

/** What two walls more buy in this member, against more infill, in grams and minutes. */
const props = defineProps<{ family: Family; lengthMm: number; widthMm: number; heightMm: number }>();
const working = useWorking();
const { show } = useUnits();
/** Line width × layer height × a usual speed, mm³/s, unless the filament melts slower. */
const LINE_FLOW = 0.45 * 0.2 * 60;
const choices = computed(() =>
  sectionChoices(
    props.lengthMm,
    props.widthMm,
    props.heightMm,
    typical(props.family, 'densityGcm3'),
    Math.min(LINE_FLOW, typical(props.family, 'maxFlowMm3s')),
  ),
);
const open = (c: SectionChoice): void =>
  working.show({
    title: `the member printed ${c.label}`,
    refs: [{ model: 'section.printed', inputs: c.input }],
  });
</script>

<template>
  <table class="plain small choices">
    <caption class="soft">
      This member alone, printed
    </caption>
    <thead>
      <tr>
        <th scope="col">How</th>
        <th scope="col">Stiff and strong, of solid</th>
        <th scope="col">Weighs</th>
        <th scope="col">Takes</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="c in choices" :key="c.label">
        <th scope="row">{{ c.label }}</th>
        <td>
          <button type="button" class="num" @click="open(c)">
            {{ sig(100 * c.result.strengthRatio, 2) }} %
          </button>
        </td>
        <td>{{ show(c.massG, 'mass', 1) }}</td>
        <td>{{ sig(c.minutes, 2) }} min</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.choices {
  max-width: 560px;
  margin: 10px 0 4px;
}
caption {
  text-align: left;
}
td,
tbody th {
  padding: 4px 12px 4px 0;
}
tbody th {
  font-weight: 400;
  border-bottom: 1px solid var(--rule);
  color: var(--ink);
}
</style>
