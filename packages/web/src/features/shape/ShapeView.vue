<script setup lang="ts">
import type { LayVerdict } from '@hornblende/core/advice';
import { lyingNow } from '@hornblende/core/brief';
import type { Turn, Xyz } from '@hornblende/core/geometry';
import { Button, Checkbox, Progress, Slider } from '../../ui/kit';
import { computed, defineAsyncComponent, onMounted, ref, watch } from 'vue';
import FileButton from '../../ui/FileButton.vue';
import PageState from '../../ui/PageState.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { saveAs } from '../../ui/save-as';
import { useDraft } from '../part/draft';
import InPieces from './InPieces.vue';
import LayFields from './LayFields.vue';
import LayByFilament from './LayByFilament.vue';
import LineDrawing from './LineDrawing.vue';
import LoadPlaces from './LoadPlaces.vue';
import MarkList from './MarkList.vue';
import OwnShape from './OwnShape.vue';
import PlatePlan from './PlatePlan.vue';
import WaysToLay from './WaysToLay.vue';
import { boxEdges } from './line-drawing';
import { useFieldsByLay } from './useFieldsByLay';
import { useKnownFields } from './useKnownFields';
import { useLays } from './useLays';
import { useOwnPaint } from './useOwnPaint';
import { useOwnShape } from './useOwnShape';
import { usePlacing } from './usePlacing';
import { usePlate } from './usePlate';
import { useShape } from './useShape';
import { upright, useStageContent } from './useStageContent';

// What draws in three dimensions is fetched only where there is a shape to draw.
const ShapeStage = defineAsyncComponent(() => import('./ShapeStage.vue'));

/** How shall it lie? The part on its plate, what of it wants looking at, and the ways to lay it compared. */
const draft = useDraft();
const { state, fileName, failed, notKept, shape, report, lays, reading, measuring, doubtsInches, ...deeds } =
  useShape();
const {
  material,
  materials,
  family,
  verdicts,
  choices,
  easier,
  busy: comparing,
  failed: compareFailed,
} = useLays();
const plate = usePlate(family);
const { plateMm, use, printerName } = plate;
onMounted(() => void deeds.fetch());

/** Which way is looked at: that of the brief until another is picked. */
const picked = ref<number | null>(null);
const current = computed(() => verdicts.value.find(v => v.current)?.index ?? 0);
const seen = computed(() => picked.value ?? current.value);
watch([() => draft.id, current], () => (picked.value = null));
const lay = computed(() => lays.value[seen.value] ?? lays.value[0] ?? null);
const own = useOwnShape();
const known = useKnownFields();
const byLay = useFieldsByLay(() => verdicts.value.map(v => v.lay));
const { painted, bent, paint, full } = useOwnPaint(own, family);
const { sizeMm, place, onPlate, ofFile, places, looked, cutOpen, cut, withDiscs, discs, bounds, content } =
  useStageContent(lay, plate, paint);
const stage = ref<{ flyTo: (at: Xyz) => void; overview: () => void } | null>(null);
function look(index: number): void {
  looked.value = index;
  const p = places.value[index];
  if (p) stage.value?.flyTo(onPlate(p.atMm));
}

/** Discs at the part's own corners, to be added to it where it is sliced. */
const DISC = { radiusMm: 8, heightMm: 0.4 };
async function takeDiscs(as: 'stl' | '3mf'): Promise<void> {
  const { holdDownDiscs, stlBytes, threeMfBytes } = await import('@hornblende/core/geometry');
  const corners = places.value.filter(p => p.kind === 'corner').map(p => [p.atMm[0], p.atMm[1]] as const);
  const mesh = holdDownDiscs(corners, DISC.radiusMm, DISC.heightMm);
  const bytes = as === 'stl' ? stlBytes(mesh) : threeMfBytes(mesh);
  saveAs(`${fileName.value.replace(/\.\w+$/, '')}-discs.${as}`, bytes as BlobPart, `model/${as}`);
}

const { pointing, point, pick, setPlaces } = usePlacing();
function layIt(v: LayVerdict): void {
  const lay = lays.value[v.index] ?? v.lay;
  deeds.layIt(draft.brief ? known.withFields(draft.brief, lay) : lay);
}
function edgesOf(index: number): { edges: Float32Array; turn: Turn } {
  const own = lays.value[index];
  if (own && shape.value) return { edges: shape.value.edges, turn: own.turn };
  const v = verdicts.value.find(x => x.index === index);
  const g = v?.brief.geometry;
  return { edges: boxEdges(g?.xMm ?? 1, g?.yMm ?? 1, g?.zMm ?? 1), turn: upright };
}
const warnings = computed(() => [...(shape.value?.warnings ?? []), ...(report.value?.warnings ?? [])]);
const busy = computed(() => reading.value ?? measuring.value);
const best = computed(() => verdicts.value[0] ?? null);
</script>

<template>
  <div v-if="draft.brief" class="page shape" data-testid="shape-page">
    <h1 class="visually-hidden">How it lies</h1>
    <p class="question">
      How shall it lie, in <SentenceSelect v-model="material" label="Filament" :options="materials" /> on
      {{ printerName ?? 'no printer in particular' }}?
      <b v-if="best" data-testid="lay-answer">{{
        best.current ? 'As it does now.' : `Another way is better: ${best.for[0] ?? 'it stands better'}.`
      }}</b>
    </p>
    <PageState v-if="state === 'fetching'" state="loading" what="the part’s file" />
    <div v-else class="room">
      <div class="scene">
        <ShapeStage
          v-if="content"
          ref="stage"
          :content="content"
          :label="`${fileName} on the plate`"
          @pick="pick"
        />
        <div v-else class="plain">
          <LineDrawing
            :edges="boxEdges(draft.brief.geometry.xMm, draft.brief.geometry.yMm, draft.brief.geometry.zMm)"
            :turn="upright"
            label="The part as a box of its sizes"
          />
          <p class="soft small">
            Only its sizes are known. With its file the ways to lay it are measured, not guessed.
          </p>
        </div>
        <div class="under">
          <FileButton
            :label="content ? 'Another file' : 'Take it from a file (STL, OBJ, 3MF)'"
            accept=".stl,.obj,.3mf"
            @file="f => deeds.take(f)"
          />
          <template v-if="content">
            <Checkbox v-model:checked="cutOpen">Cut open</Checkbox>
            <Slider
              v-if="cutOpen"
              v-model:value="cut"
              class="slide"
              :min="0"
              :max="100"
              :tooltip-open="false"
              aria-label="How far it is cut open from its front, per cent"
            />
            <Checkbox v-model:checked="withDiscs">Discs that hold its corners down</Checkbox>
            <template v-if="withDiscs && discs.length">
              <Button size="small" type="text" @click="takeDiscs('3mf')">The discs as 3MF</Button>
              <Button size="small" type="text" @click="takeDiscs('stl')">as STL</Button>
            </template>
            <Button size="small" type="text" @click="stage?.overview()">All of it</Button>
          </template>
        </div>
        <div v-if="busy !== null" class="busy small" role="status">
          {{ reading !== null ? 'Reading' : 'Measuring every way to lay' }} {{ fileName }}…
          <Progress :percent="Math.round(100 * busy)" size="small" aria-label="Measuring" />
          <Button type="text" size="small" @click="deeds.cancel">Stop</Button>
        </div>
        <p v-if="failed" class="out small" role="alert">
          {{ fileName }} cannot be used: {{ failed.replace('(file): null ', 'it ') }}. The brief stays as it
          was.
        </p>
        <p v-if="notKept" class="marginal small">It is not kept with the part: {{ notKept }}.</p>
        <ul v-if="warnings.length" class="marginal small warn">
          <li v-for="w in warnings" :key="w">It {{ w }}.</li>
        </ul>
        <Button v-if="doubtsInches" size="small" @click="deeds.asInches">It is in inches</Button>
        <OwnShape
          v-if="content && family"
          v-model:painted="painted"
          v-model:bent="bent"
          :brief="draft.brief"
          :family="family"
          :own="own"
          :full="full"
          @look="at => stage?.flyTo(ofFile(at))"
        />
      </div>
      <aside>
        <MarkList v-if="lay" :places="places" :looked="looked" @look="look" />
        <section v-if="content && draft.brief.loads.length" aria-label="Where it is loaded">
          <h2>Where it is loaded</h2>
          <LoadPlaces
            :brief="draft.brief"
            :low-mm="bounds.low"
            :high-mm="bounds.high"
            :lying="lay ?? lyingNow(draft.brief)"
            :pointing="pointing"
            @place="setPlaces"
            @point="point"
          />
        </section>
      </aside>
    </div>
    <section aria-label="Ways to lay it">
      <h2>Ways to lay it</h2>
      <p v-if="compareFailed" class="out small" role="alert">They cannot be compared: {{ compareFailed }}.</p>
      <p v-else-if="!verdicts.length" class="soft small" role="status">
        {{ comparing === null && busy === null ? 'Nothing to compare yet.' : 'Comparing…' }}
      </p>
      <LayFields v-if="content && verdicts.length" :fields="byLay" />
      <WaysToLay
        v-if="!compareFailed && verdicts.length"
        :verdicts="verdicts"
        :edges-of="edgesOf"
        :seen="seen"
        @lay="layIt"
        @see="i => (picked = i)"
      />
    </section>
    <section v-if="verdicts.length && choices.length" aria-label="Another filament">
      <h2>Would another filament do, lying otherwise?</h2>
      <LayByFilament :choices="choices" :verdicts="verdicts" :easier="easier" />
    </section>
    <InPieces v-if="content && family" :family="family" />
    <section v-if="use" class="where" aria-label="Where on the plate">
      <h2>Where on the plate</h2>
      <PlatePlan :plate-mm="plateMm" :use="use" :plate="plate.plate.value" :place="place" :size-mm="sizeMm" />
    </section>
  </div>
</template>

<style scoped>
.question {
  font-size: 18px;
  margin: 0 0 12px;
}
.room {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 270px;
  gap: 26px;
}
.scene > .frame,
.scene > .plain {
  height: 400px;
}
.plain {
  display: flex;
  flex-direction: column;
  background: var(--well);
  padding: 20px;
}
.plain svg {
  flex: 1;
  min-height: 0;
}
.plain p {
  margin: 8px 0 0;
}
.under {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
  margin-top: 6px;
}
.scene > section {
  margin-top: 18px;
}
.slide {
  flex: 0 1 160px;
  margin: 6px 4px;
}
.busy {
  display: flex;
  gap: 12px;
  align-items: center;
}
.busy :deep(.ant-progress) {
  max-width: 220px;
}
.warn {
  margin: 4px 0;
  padding-left: 18px;
}
aside {
  display: flex;
  flex-direction: column;
  gap: 18px;
}
section {
  margin-top: 22px;
}
aside section {
  margin-top: 0;
}
section > h2 {
  margin-bottom: 6px;
}
@media (max-width: 900px) {
  .room {
    grid-template-columns: minmax(0, 1fr);
  }
  .scene > .frame,
  .scene > .plain {
    height: 300px;
  }
}
</style>
