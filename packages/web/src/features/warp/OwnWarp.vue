<script setup lang="ts">
import { liftAtPlace, type WarpOutcome, type WarpSetup } from '@hornblende/core/advice';
import { turnWith, type Turn, type Xyz } from '@hornblende/core/geometry';
import { computed, onMounted, ref, watch } from 'vue';
import { Button, Progress } from '../../ui/kit';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { useUnits } from '../../ui/useUnits';
import { useJob } from '../../workers/useJob';
import { useDraft } from '../part/draft';
import LineDrawing from '../shape/LineDrawing.vue';
import { placeWords } from '../shape/place-words';
import { shapeBytes } from '../shape/shape-bytes';
import { useShape } from '../shape/useShape';
import { inHundred } from './in-hundred';

/** How the part's own shape bows off the plate, edge by edge, beside the bar that stands for it above. */
const props = defineProps<{ setup: WarpSetup; outcome: WarpOutcome }>();
const draft = useDraft();
const { shape, fetch } = useShape();
const { show, say } = useUnits();
const { answer, progress, failed, ask, cancel } = useJob('warpField');
/** Cells that are enough for a bow; one cell of it is a twentieth of a usual part. */
const CELLS = 20_000;
onMounted(() => void fetch());
// Another filament, air or lay is another question.
watch(
  () => JSON.stringify([props.outcome.bowInput, draft.brief?.geometry.up, shape.value?.triangles]),
  () => {
    cancel();
    answer.value = null;
  },
);
function work(): void {
  if (!shape.value) return;
  const up = draft.brief?.geometry.up ?? null;
  ask({
    bow: props.outcome.bowInput,
    up: up && [...up],
    bytes: shapeBytes(shape.value),
    cells: CELLS,
    edges: shape.value.edges,
  });
}
const bends = [
  { value: '1', label: 'as far as it bows' },
  { value: '5', label: '5 times as far as it bows' },
  { value: '20', label: '20 times as far as it bows' },
];
const times = ref('5');
const said = computed(() => bends.find(b => b.value === times.value)?.label ?? '');
/** Its lines as they let go, over those that it has on the plate. */
const drawn = computed<{ edges: Float32Array; under: Float32Array; turn: Turn } | null>(() => {
  if (!answer.value) return null;
  const { atMm, movesMm } = answer.value.lines;
  const up = draft.brief?.geometry.up ?? ([0, 0, 1] as const);
  const released = atMm.map((x, i) => x + Number(times.value) * movesMm[i]!);
  // It comes to rest on the plate again, on what stands lowest.
  const sinks = lowestAlong(atMm, up) - lowestAlong(released, up);
  return {
    edges: released.map((x, i) => x + sinks * up[i % 3]!),
    under: atMm,
    turn: turnWith(up, [1, 0, 0]),
  };
});
function lowestAlong(points: Float32Array, up: Xyz): number {
  let least = Infinity;
  for (let i = 0; i < points.length; i += 3)
    least = Math.min(least, up[0] * points[i]! + up[1] * points[i + 1]! + up[2] * points[i + 2]!);
  return least;
}
const place = (at: Xyz): string => placeWords(at, show);
const lift = computed(() => answer.value && liftAtPlace(props.setup, answer.value.result.liftsFrom));
const edges = computed(() =>
  [...(answer.value?.result.edges ?? [])].sort((a, b) => Math.abs(b.bowMm) - Math.abs(a.bowMm)),
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
        Its own shape bows {{ show(Math.abs(answer.result.bowMm), 'length', 2) }}; the bar above,
        {{ show(outcome.bowMm, 'length', 2) }}. It pulls hardest at the plate at
        {{ place(answer.result.liftsAtMm) }}: hold it down there first.
      </p>
      <p v-if="lift" data-testid="own-warp-lift">
        It lets go there {{ inHundred(lift.pLift) }}; the figures above, for the whole part, say
        {{ inHundred(outcome.pLift) }}.
        <template v-if="lift.with.length">
          Something done there:
          <template v-for="(w, i) in lift.with" :key="w.id"
            ><template v-if="i">, </template>{{ say(w.label) }} makes it {{ inHundred(w.pLift) }}</template
          >.
        </template>
      </p>
      <figure v-if="drawn">
        <LineDrawing class="drawing" v-bind="drawn" :label="`The part as it lets go, ${said}`" />
        <figcaption class="small">
          Drawn
          <SentenceSelect v-model="times" label="Drawn" :options="bends" />; lightly, as it lies on the plate.
        </figcaption>
      </figure>
      <ul class="edges small">
        <li v-for="(e, i) in edges" :key="i">
          the edge from {{ place(e.from) }} to {{ place(e.to) }}: {{ show(Math.abs(e.bowMm), 'length', 2) }},
          {{ e.bowMm >= 0 ? 'its ends up' : 'its middle up' }}
        </li>
      </ul>
      <p class="soft small">
        {{ answer.result.cells }} cells, as if printed solid; walls and infill count by the bar’s own rule.
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
.drawing {
  height: 220px;
}
figure {
  margin: 0 0 10px;
  max-width: 520px;
}
.edges {
  margin: 0 0 8px;
  padding-left: 18px;
}
</style>
