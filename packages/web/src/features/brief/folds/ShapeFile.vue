<script setup lang="ts">
import { Button, Progress } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { useJob } from '../../../workers/useJob';
import FileButton from '../../../ui/FileButton.vue';
import { useUnits } from '../../../ui/useUnits';
import { useDraft } from '../../part/draft';

/** The part's own file: what it says of size, volume and corners enters the brief, as one step that can be undone. */
const draft = useDraft();
const { show } = useUnits();
const job = useJob('mesh');
const fileName = ref('');
let bytes: Uint8Array | null = null;
const report = computed(() => job.answer.value);
const doubtsInches = computed(() => report.value?.warnings.some(w => w.includes('inches')) ?? false);

async function read(file: File): Promise<void> {
  fileName.value = file.name;
  bytes = new Uint8Array(await file.arrayBuffer());
  ask(null);
}
function ask(unit: 'inch' | null): void {
  if (bytes) job.ask({ name: fileName.value, bytes, unit });
}
const round = (x: number, digits: number): number => Number(x.toFixed(digits));
watch(report, r => {
  if (!r || !draft.brief) return;
  const { x, y, z } = r.boundsMm;
  draft.set('geometry', {
    ...draft.brief.geometry,
    xMm: round(x, 2),
    yMm: round(y, 2),
    zMm: round(z, 2),
    volumeCm3: round(r.volumeMm3 / 1000, 3),
    sharpCorners: r.sharpCorners.length,
    ...(r.medianWallMm === null ? {} : { wallMm: round(Math.max(0.2, r.medianWallMm), 2) }),
  });
});
</script>

<template>
  <div class="shape-file" data-testid="shape-file">
    <FileButton label="Take it from a file (STL, OBJ, 3MF)" accept=".stl,.obj,.3mf" @file="read" />
    <div v-if="job.progress.value !== null" class="busy" role="status">
      Measuring {{ fileName }}…
      <Progress :percent="Math.round(100 * job.progress.value)" size="small" aria-label="Measuring" />
      <Button type="text" @click="job.cancel">Stop</Button>
    </div>
    <p v-if="job.failed.value" class="out small" role="alert">
      {{ fileName }} cannot be used: {{ job.failed.value.replace('(file): null ', 'it ') }}. The brief stays
      as it was.
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
      <ul v-if="report.warnings.length" class="marginal small">
        <li v-for="w in report.warnings" :key="w">It {{ w }}.</li>
      </ul>
      <Button v-if="doubtsInches" size="small" @click="ask('inch')">It is in inches</Button>
    </template>
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
</style>
