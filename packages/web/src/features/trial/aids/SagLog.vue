<script setup lang="ts">
import {
  absorptivityOf,
  colours,
  colourWords,
  typical,
  type Colour,
  type Family,
} from '@hornblende/core/materials';
import { trialSagModel, TrialSagInput, type SagLook } from '@hornblende/core/trials';
import { Button } from '../../../ui/kit';
import { computed, ref } from 'vue';
import { useWorking } from '../../../stores/working';
import NumberInput from '../../../ui/NumberInput.vue';
import OptionSelect from '../../../ui/OptionSelect.vue';
import WorkingNumber from '../../../ui/WorkingNumber.vue';
import { useBenchSheet } from '../../bench/useBenchSheet';

/** A strip looked at over hotter and hotter days: how warm it was itself, and where it gave way. */
const props = defineProps<{ kept: string; family: Family | null; colour: Colour | null }>();
const emit = defineEmits<{ take: [value: number, note: string] }>();
const working = useWorking();
const { sheet, put } = useBenchSheet(`sag-${props.kept}`, {
  thicknessMm: 2,
  overhangMm: 60,
  colour: props.colour ?? ('mid' as Colour),
  looks: [] as SagLook[],
});
const colourOptions = colours.map(value => ({ value, label: colourWords[value] }));
const airC = ref<number | null>(null);
const irradianceWm2 = ref(0);
const sagMm = ref<number | null>(null);
const input = computed(() =>
  Object.assign(new TrialSagInput(), {
    thicknessMm: sheet.value.thicknessMm,
    overhangMm: sheet.value.overhangMm,
    absorptivity: absorptivityOf[sheet.value.colour],
    densityGcm3: props.family ? typical(props.family, 'densityGcm3') : 1.2,
    looks: sheet.value.looks,
  }),
);
const answer = computed(() => trialSagModel.compute(input.value));
function look(): void {
  if (airC.value === null || sagMm.value === null) return;
  const at = new Date().toISOString().slice(0, 10);
  put({
    looks: [
      ...sheet.value.looks,
      { at, airC: airC.value, irradianceWm2: irradianceWm2.value, windMs: 1, sagMm: sagMm.value },
    ],
  });
  airC.value = null;
  sagMm.value = null;
}
function take(): void {
  const { softensC, stripC } = answer.value.result;
  if (softensC === null) return;
  const note = sheet.value.looks
    .map((l, n) => `${l.at} ${stripC[n]!.toFixed(0)} °C hung ${l.sagMm} mm`)
    .join('; ');
  emit('take', Number(softensC.toFixed(1)), `Strip of ${sheet.value.thicknessMm} mm: ${note}`);
  put({ looks: [] });
}
function open(): void {
  working.show({ title: 'Sagging strip', refs: [{ model: 'trial.sag', inputs: { ...input.value } }] });
}
</script>

<template>
  <div class="aid" data-testid="sag-log">
    <p class="small soft">
      One end clamped level. Look after each hotter day, or each step of the oven: in the sun the strip is
      hotter than the air.
    </p>
    <div class="row">
      <NumberInput
        :model-value="sheet.thicknessMm"
        label="Strip, mm thick"
        :min="0.2"
        :max="20"
        @update:model-value="v => v !== null && put({ thicknessMm: v })"
      />
      <NumberInput
        :model-value="sheet.overhangMm"
        label="Free, mm"
        :min="5"
        :max="500"
        @update:model-value="v => v !== null && put({ overhangMm: v })"
      />
      <OptionSelect
        :model-value="sheet.colour"
        label="Its colour"
        :options="colourOptions"
        @update:model-value="v => put({ colour: v })"
      />
    </div>
    <div class="row">
      <NumberInput v-model="airC" label="Air or oven, °C" :min="-60" :max="400" nullable />
      <NumberInput v-model="irradianceWm2" label="Sun, W/m²" :min="0" :max="1400" :fallback="0" />
      <NumberInput v-model="sagMm" label="Hangs by, mm" :min="0" :max="500" nullable />
      <Button :disabled="airC === null || sagMm === null" @click="look">Note the look</Button>
      <Button type="text" :disabled="!sheet.looks.length" @click="put({ looks: sheet.looks.slice(0, -1) })"
        >Take the last back</Button
      >
    </div>
    <ol v-if="sheet.looks.length" class="small looks">
      <li v-for="(l, n) in sheet.looks" :key="n">
        {{ l.at }}: air {{ l.airC }} °C, strip {{ answer.result.stripC[n]!.toFixed(0) }} °C, hangs
        {{ l.sagMm }} mm
      </li>
    </ol>
    <p v-if="answer.result.softensC !== null">
      It gave way at about
      <WorkingNumber @click="open">{{ answer.result.softensC.toFixed(0) }} °C</WorkingNumber>.
      <Button type="primary" size="small" @click="take">Take it as the reading</Button>
    </p>
    <p v-for="w in sheet.looks.length ? answer.warnings : []" :key="w" class="small marginal">◐ {{ w }}</p>
  </div>
</template>

<style scoped src="./aid.css"></style>
<style scoped>
.looks {
  margin: 0;
  padding-left: 20px;
}
</style>
