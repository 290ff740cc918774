<script setup lang="ts">
import type { WarpBowInput } from '@hornblende/core';
import type { Xyz } from '@hornblende/core/geometry';
import { computed, onMounted, watch } from 'vue';
import { Button, Progress } from '../../ui/kit';
import { useUnits } from '../../ui/useUnits';
import { useJob } from '../../workers/useJob';
import { useDraft } from '../part/draft';
import { placeWords } from '../shape/place-words';
import { useShape } from '../shape/useShape';

/** How the part's own shape bows off the plate, edge by edge, beside the bar that stands for it above. */
const props = defineProps<{ bow: WarpBowInput; barMm: number }>();
const draft = useDraft();
const { shape, fetch } = useShape();
const { show } = useUnits();
const { answer, progress, failed, ask, cancel } = useJob('warpField');
/** Cells that are enough for a bow; one cell of it is a twentieth of a usual part. */
const CELLS = 20_000;
onMounted(() => void fetch());
// Another filament, air or lay is another question.
watch(
  () => JSON.stringify([props.bow, draft.brief?.geometry.up, shape.value?.triangles]),
  () => {
    cancel();
    answer.value = null;
  },
);
function work(): void {
  if (!shape.value) return;
  const { buffer, byteOffset, byteLength } = shape.value.positions;
  const up = draft.brief?.geometry.up ?? null;
  ask({
    bow: props.bow,
    up: up && [...up],
    bytes: new Uint8Array(buffer as ArrayBuffer, byteOffset, byteLength),
    cells: CELLS,
  });
}
const place = (at: Xyz): string => placeWords(at, show);
const edges = computed(() =>
  [...(answer.value?.edges ?? [])].sort((a, b) => Math.abs(b.bowMm) - Math.abs(a.bowMm)),
);
</script>

<template>
  <section v-if="shape" data-testid="own-warp" aria-label="On its own shape">
    <h2>On its own shape</h2>
    <p>
      <Button size="small" :disabled="progress !== null" @click="work">{{
        answer ? 'Work it out again' : 'Work it out on the shape'
      }}</Button>
    </p>
    <p v-if="progress !== null" class="busy small" role="status">
      Working out how it lets go…
      <Progress :percent="Math.round(100 * progress)" size="small" aria-label="Working out" />
      <Button type="text" size="small" @click="cancel">Stop</Button>
    </p>
    <p v-if="failed" class="out small" role="alert">It cannot be worked out: {{ failed }}</p>
    <template v-if="answer">
      <p data-testid="own-warp-answer">
        Its own shape bows {{ show(Math.abs(answer.bowMm), 'length', 2) }}; the bar above,
        {{ show(barMm, 'length', 2) }}. It pulls hardest at the plate at {{ place(answer.liftsAtMm) }} mm:
        hold it down there first.
      </p>
      <ul class="edges small">
        <li v-for="(e, i) in edges" :key="i">
          the edge from {{ place(e.from) }} to {{ place(e.to) }}: {{ show(Math.abs(e.bowMm), 'length', 2) }},
          {{ e.bowMm >= 0 ? 'its ends up' : 'its middle up' }}
        </li>
      </ul>
      <p class="soft small">
        {{ answer.cells }} cells, as if printed solid; walls and infill count by the bar’s own rule. The
        chance of lifting stays that of the figures above.
      </p>
    </template>
  </section>
</template>

<style scoped>
.busy {
  display: flex;
  gap: 12px;
  align-items: center;
}
.edges {
  margin: 0 0 8px;
  padding-left: 18px;
}
</style>
