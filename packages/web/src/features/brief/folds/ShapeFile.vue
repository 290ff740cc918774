<script setup lang="ts">
import { Button, Progress } from '../../../ui/kit';
import { computed } from 'vue';
import FileButton from '../../../ui/FileButton.vue';
import { useUnits } from '../../../ui/useUnits';
import { useDraft } from '../../part/draft';
import { useShape } from '../../shape/useShape';

/** The part's own file: what it says of its shape enters the brief, as one step that can be undone. */
const draft = useDraft();
const { show } = useUnits();
const { fileName, failed, notKept, shape, report, reading, measuring, doubtsInches, take, asInches, cancel } =
  useShape();
const busy = computed(() => reading.value ?? measuring.value);
const warnings = computed(() => [...(shape.value?.warnings ?? []), ...(report.value?.warnings ?? [])]);
const names: Record<string, string> = {
  xMm: 'length',
  yMm: 'width',
  zMm: 'height',
  wallMm: 'wall',
  volumeCm3: 'volume',
  sharpCorners: 'sharp corners',
};
const taken = computed(() => draft.brief?.geometry.fromFile.map(f => names[f] ?? f).join(', ') ?? '');
</script>

<template>
  <div class="shape-file" data-testid="shape-file">
    <FileButton label="Take it from a file (STL, OBJ, 3MF)" accept=".stl,.obj,.3mf" @file="f => take(f)" />
    <div v-if="busy !== null" class="busy" role="status">
      Measuring {{ fileName }}…
      <Progress :percent="Math.round(100 * busy)" size="small" aria-label="Measuring" />
      <Button type="text" @click="cancel">Stop</Button>
    </div>
    <p v-if="failed" class="out small" role="alert">
      {{ fileName }} cannot be used: {{ failed.replace('(file): null ', 'it ') }}. The brief stays as it was.
    </p>
    <template v-else-if="report">
      <p class="small" data-testid="shape-facts">
        <b>From {{ fileName }}:</b> {{ show(report.boundsMm.x, 'length') }} ×
        {{ show(report.boundsMm.y, 'length') }} × {{ show(report.boundsMm.z, 'length') }},
        {{ show(report.volumeMm3 / 1000, 'volume') }}, {{ report.sharpCorners.length }} sharp corners on the
        plate<template v-if="report.medianWallMm !== null"
          >, walls of {{ show(report.medianWallMm, 'length') }} in the middle,
          {{ show(report.minWallMm ?? 0, 'length') }} at their least</template
        >; {{ report.triangles }} triangles. Ctrl Z takes it back.
      </p>
      <ul v-if="warnings.length" class="marginal small">
        <li v-for="w in warnings" :key="w">It {{ w }}.</li>
      </ul>
      <Button v-if="doubtsInches" size="small" @click="asInches">It is in inches</Button>
    </template>
    <p v-if="notKept" class="marginal small">It is not kept with the part: {{ notKept }}.</p>
    <p v-if="draft.brief?.geometry.file && taken" class="small" data-testid="from-file">
      <span class="mark" aria-hidden="true">◇</span> {{ taken }} stand as {{ draft.brief.geometry.file }} has
      them, until you say otherwise.
      <RouterLink :to="`/parts/${draft.id}/shape`">See it, and how to lay it</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.shape-file {
  margin-bottom: 10px;
}
.busy {
  display: flex;
  gap: 12px;
  align-items: center;
}
.busy :deep(.ant-progress) {
  max-width: 220px;
}
p {
  margin: 6px 0 2px;
}
ul {
  margin: 2px 0 6px;
  padding-left: 18px;
}
.mark {
  color: var(--info);
}
</style>
