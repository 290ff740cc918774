<script setup lang="ts">
import type { Grade } from '@hornblende/core/formats';
import {
  durometerReading,
  FlexReadingInput,
  shoreModulusMPa,
  type DurometerReading,
} from '@hornblende/core/models';
import { readReading } from '@hornblende/core/trials';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import { useWorking } from '../../stores/working';
import NumberInput from '../../ui/NumberInput.vue';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useUnits } from '../../ui/useUnits';
import BenchResult from './BenchResult.vue';
import BenchTool from './BenchTool.vue';
import ScaleChoice from './ScaleChoice.vue';
import DurometerDrawing from './drawings/DurometerDrawing.vue';
import { depthMm, everyday } from './everyday';
import KeepInGrade from './KeepInGrade.vue';
import { useBenchSheet } from './useBenchSheet';

/** A hardness by the rules: guided, judged, compared, and kept in a grade. */
const working = useWorking();
const { offerUndo } = useFeedback();
const { say, show } = useUnits();
const { sheet, put } = useBenchSheet('hardness', {
  scale: 'A' as 'A' | 'D',
  layers: 1,
  layerMm: 6,
  readAfterS: 15,
  readings: [] as DurometerReading[],
  otherScale: 'A' as 'A' | 'D',
  other: 60,
});
const infill = useBenchSheet('infill', { scale: 'A', solidHardness: 85 });
const typed = ref('');
const problem = ref('');
const edgeMm = ref<number | null>(null);
const apartMm = ref<number | null>(null);
const afterS = ref<number | null>(null);
const input = computed(() => {
  const { scale, layers, layerMm, readAfterS, readings } = sheet.value;
  return Object.assign(new FlexReadingInput(), { scale, layers, layerMm, readAfterS, readings });
});
const answer = computed(() => durometerReading(input.value));
const brokenAt = computed(() => new Map(answer.value.rejected.map(r => [r.index, r.rules])));
function take(): void {
  const unit = `Shore ${sheet.value.scale}`;
  const line = readReading(
    typed.value,
    { id: 'hardness', unit },
    sheet.value.readings.map(r => r.hardness),
  );
  if ('problem' in line) {
    problem.value = line.meant === null ? line.problem : `${line.problem}. Did you mean ${line.meant}?`;
    return;
  }
  problem.value = '';
  put({
    readings: [
      ...sheet.value.readings,
      { hardness: line.value, afterS: afterS.value, edgeMm: edgeMm.value, apartMm: apartMm.value },
    ],
  });
  typed.value = '';
}
function remove(index: number): void {
  const before = sheet.value.readings;
  put({ readings: before.filter((_, i) => i !== index) });
  offerUndo('The reading is taken out.', () => Promise.resolve(put({ readings: before })));
}
function clear(): void {
  const before = sheet.value.readings;
  put({ readings: [] });
  offerUndo('The readings are cleared.', () => Promise.resolve(put({ readings: before })));
}
function open(): void {
  working.show({ title: 'Hardness', refs: [{ model: 'flex.reading', inputs: { ...input.value } }] });
}
const hardness = computed(() => answer.value.hardness);
const medianWords = computed(() => {
  const { accepted, toTake } = answer.value;
  return `the median of ${accepted.length}${toTake ? `; ${toTake} more to take` : ''}. ${like.value}`;
});
const trusted = computed(() => hardness.value !== null && hardness.value >= 20 && hardness.value <= 90);
/** How much deeper the needle goes into the softer of two: what a thumb feels, roughly. */
const compared = computed(() => {
  if (hardness.value === null) return '';
  if (sheet.value.otherScale !== sheet.value.scale)
    return 'Two scales have two needles: their depths do not compare. Compare by stiffness.';
  const mine = depthMm(hardness.value);
  const other = depthMm(sheet.value.other);
  if (mine <= 0 || other <= 0) return '';
  const times = Math.max(mine, other) / Math.min(mine, other);
  const softer = mine > other ? 'This is softer' : 'The other is softer';
  return times < 1.05
    ? 'As soft as each other.'
    : `${softer}: the needle goes ${times.toFixed(1)} times as deep.`;
});
const like = computed(() => {
  const h = hardness.value;
  if (h === null) return '';
  const near = everyday
    .filter(e => e.scale === sheet.value.scale)
    .sort((a, b) => Math.abs(a.hardness - h) - Math.abs(b.hardness - h));
  return near[0] ? `About as hard as ${near[0].name}.` : '';
});

/** The infill's sheet begins with what was just read. */
function softerFrom(): void {
  if (hardness.value !== null) infill.put({ scale: 'A', solidHardness: hardness.value });
}
function learn(grade: Grade): Grade | null {
  if (hardness.value === null) return null;
  const property = sheet.value.scale === 'A' ? 'shoreA' : 'shoreD';
  const all = answer.value.accepted;
  const value = { low: Math.min(...all), typical: hardness.value, high: Math.max(...all) };
  return { ...grade, measured: { ...grade.measured, [property]: value } };
}
</script>

<template>
  <BenchTool name="Hardness" data-testid="hardness-bench">
    <template #what>
      Press a durometer flat onto a printed plate at five places and read it each time: the middle reading is
      its hardness, and says how stiff it is.
    </template>
    <template #drawing>
      <DurometerDrawing :layers="sheet.layers" :layer-mm="sheet.layerMm" :hardness="hardness" />
    </template>
    <template #answer>
      <div data-testid="hardness-answer">
        <BenchResult
          v-if="hardness !== null"
          :value="`${hardness} Shore ${sheet.scale}`"
          :of="medianWords"
          @open="open"
        />
        <p v-else class="lead">{{ answer.toTake }} readings to take.</p>
      </div>
      <p v-if="hardness !== null">
        The needle sinks {{ show(depthMm(hardness), 'length', 2) }}. As stiff as
        {{ say(`${shoreModulusMPa(sheet.scale, Math.min(99, Math.max(1, hardness))).toPrecision(3)} MPa`)
        }}{{ trusted ? ', within a quarter or so' : '; so near the end of its scale that means little' }}.
      </p>
      <p v-if="hardness !== null && sheet.scale === 'A'">
        <RouterLink :to="{ query: { tool: 'infill' } }" @click="softerFrom"
          >Make it softer by infill</RouterLink
        >
      </p>
    </template>
    <div class="row">
      <ScaleChoice :model-value="sheet.scale" @update:model-value="v => put({ scale: v })" />
      <NumberInput
        :model-value="sheet.layers"
        label="Layers stacked"
        :min="1"
        :max="20"
        integer
        @update:model-value="v => v !== null && put({ layers: v })"
      />
      <NumberInput
        :model-value="sheet.layerMm"
        label="Each, mm"
        :min="0.1"
        :max="100"
        @update:model-value="v => v !== null && put({ layerMm: v })"
      />
      <NumberInput
        v-if="sheet.scale === 'A'"
        :model-value="sheet.readAfterS"
        label="Usually read after, s"
        :min="0"
        :max="60"
        @update:model-value="v => v !== null && put({ readAfterS: v })"
      />
    </div>
    <p v-if="answer.thicknessMm < 6" class="marginal">
      ◐ {{ answer.thicknessMm }} mm thick: the table is felt under 6 mm. Stack
      {{ Math.ceil(6 / sheet.layerMm) }} of these.
    </p>
    <form class="row" @submit.prevent="take">
      <TextField v-model="typed" label="Reading" :problem="problem" autocomplete="off" :maxlength="30" />
      <NumberInput
        v-model="edgeMm"
        label="From an edge, mm"
        :min="0"
        :max="1000"
        nullable
        placeholder="12 or more"
      />
      <NumberInput
        v-model="apartMm"
        label="From the last, mm"
        :min="0"
        :max="1000"
        nullable
        placeholder="9 or more"
      />
      <NumberInput v-model="afterS" label="Read after, s" :min="0" :max="120" nullable placeholder="as set" />
      <Button type="primary" html-type="submit" :disabled="!typed.trim()">Take it</Button>
      <Button type="text" :disabled="!sheet.readings.length" @click="clear">Begin anew</Button>
    </form>
    <ol class="readings" aria-label="Readings">
      <li v-for="(r, i) in sheet.readings" :key="i">
        <b>{{ r.hardness }}</b>
        <span v-if="brokenAt.get(i)" class="marginal small"
          >◐ kept apart: {{ brokenAt.get(i)!.join('; ') }}</span
        >
        <Button type="text" size="small" :aria-label="`Take reading ${i + 1} out`" @click="remove(i)"
          >Take it out</Button
        >
      </li>
    </ol>
    <p v-if="answer.useScale !== sheet.scale" class="marginal">
      ◐
      {{
        answer.useScale === 'D'
          ? 'Over 90 on scale A: read it on scale D.'
          : 'Under 20 on scale D: read it on scale A.'
      }}
    </p>
    <template v-if="hardness !== null">
      <div class="row">
        <NumberInput
          :model-value="sheet.other"
          label="Beside"
          :min="0"
          :max="99"
          @update:model-value="v => v !== null && put({ other: v })"
        />
        <ScaleChoice
          :model-value="sheet.otherScale"
          label="Scale of the other"
          @update:model-value="v => put({ otherScale: v })"
        />
        <span data-testid="hardness-compared">{{ compared }}</span>
      </div>
      <KeepInGrade
        :learn="learn"
        what="its measured hardness"
        :disabled="answer.toTake > 0"
        :hint="answer.toTake ? 'with five readings' : ''"
      />
    </template>
  </BenchTool>
</template>

<style scoped src="./bench.css"></style>
