<script setup lang="ts">
import {
  actingForceN,
  feltStressMPa,
  fieldOf,
  fieldScale,
  serviceLoads,
  type BriefLoad,
  type ServiceLoad,
} from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import { sig } from '@hornblende/core/lib';
import { typical, type Family } from '@hornblende/core/materials';
import type { Xyz } from '@hornblende/core/geometry';
import { computed } from 'vue';
import { Button, Checkbox, Progress } from '../../ui/kit';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { useUnits } from '../../ui/useUnits';
import FilletTry from './FilletTry.vue';
import ActSentence from './ActSentence.vue';
import { loadName } from './load-name';
import { placeWords } from './place-words';
import { reserveOf, useLoadsJudged } from './useLoadsJudged';
import type { OwnShape } from './useOwnShape';

/** What the shape itself bears of each load, in one filament, beside what a bar of the same section would. */
const props = defineProps<{
  brief: Brief;
  family: Family;
  own: OwnShape;
  painted: boolean;
  bent: number;
  full: number;
}>();
const emit = defineEmits<{
  'update:painted': [on: boolean];
  'update:bent': [times: number];
  look: [at: Xyz];
}>();
const bends = [
  { value: '0', label: 'as it is unloaded' },
  { value: '1', label: 'as far as it bends' },
  { value: '5', label: '5 times as far as it bends' },
  { value: '20', label: '20 times as far as it bends' },
];
const { show } = useUnits();
const judged = useLoadsJudged(() => props.family);

interface Told {
  sentence: string;
  beside: string;
  moves: string;
  idle: string;
  at: Xyz | null;
  reserve: number;
  /** The inner corner at which it is weakest; null where it is at none, or that is not known any more. */
  corner: Xyz | null;
}
/** What was found of a load; null where it is not worked out, or no longer stands. */
function told(load: BriefLoad, i: number): Told | null {
  const field = fieldOf(props.brief, load);
  const on = serviceLoads(props.brief)[i]?.field;
  const a = judged.value?.loads[i];
  const reserve = reserveOf(a);
  if (!field || !on || !a || reserve === null) return null;
  const felt = feltStressMPa(on, typical(props.family, 'zRatio'));
  const between = a.blow ? a.blow.acrossLayers : felt > on.alongMPa;
  const at = between ? field.betweenAtMm : field.alongAtMm;
  const found = props.own.found.value;
  const corner = found?.load === i ? found.innerEdges[between ? 'between' : 'along'] : null;
  const where = at ? `${corner ? ' in the inner corner' : ''} at ${placeWords(at, show)}` : '';
  return {
    reserve,
    corner,
    sentence:
      `It is weakest${where}, ${between ? 'between its layers' : 'along its layers'}: ${props.family.name} ` +
      `${a.blow ? 'takes' : 'carries'} ${sig(reserve, 2)} times what is asked there, safety included.`,
    beside: a.blow ? besideKnock(load, a.blow.severityKJm2) : beside(load, felt),
    moves:
      a.deflectionMm === null ? '' : `It moves ${show(a.deflectionMm, 'length', 2)} where the load acts.`,
    idle: found?.load === i && a.allowableMPa ? idleWords(found.byVolume, load, a.allowableMPa) : '',
    at,
  };
}
/** The same load on the bar of the brief. */
const onBar = (load: BriefLoad): ServiceLoad | undefined =>
  serviceLoads({ ...props.brief, loads: [{ ...load, field: null }] })[0];
function beside(load: BriefLoad, felt: number): string {
  const bar = onBar(load)?.stressMPa ?? null;
  return bar === null
    ? `The shape bears ${show(felt, 'stress')}.`
    : `The bar of the brief says ${show(bar, 'stress')}, the shape ${show(felt, 'stress')}.`;
}
function besideKnock(load: BriefLoad, onShape: number): string {
  const bar = onBar(load)?.severityKJm2 ?? 0;
  return `The section of the brief makes the knock ${show(bar, 'impact')}, the shape ${show(onShape, 'impact')}.`;
}
/** Hundredths of its volume that are idle from which that is worth a word. */
const MUCH_IDLE = 60;
/** How much of the part carries under a tenth of what it may; empty where that is not much of it. */
function idleWords(byVolume: readonly number[], load: BriefLoad, allowableMPa: number): string {
  const asked = fieldScale(load) * (judged.value?.ctx.safety ?? 1);
  const idle = byVolume.filter(MPa => MPa * asked < 0.1 * allowableMPa).length - 1;
  return idle < MUCH_IDLE
    ? ''
    : `${Math.min(99, idle)} of 100 of its volume carry under a tenth of what they may: for strength alone, less ` +
        'infill would do.';
}
const rows = computed(() =>
  props.brief.loads
    .map((load, i) => ({ load, i, told: told(load, i) }))
    .filter(({ load }) => actingForceN(load) !== null && load.case !== 'clamp' && load.case !== 'insert'),
);
const busyWords = computed(() => {
  const b = props.own.busy.value;
  if (!b) return '';
  return b.fine ? 'A first answer stands; the fine one is being worked out…' : 'Working it out on the shape…';
});
</script>

<template>
  <section v-if="rows.length" data-testid="own-shape" aria-label="On its own shape">
    <h2>On its own shape</h2>
    <div v-for="{ load, i, told: t } in rows" :key="i" class="load">
      <p>
        <b>{{ loadName(load) }}</b>,
        <ActSentence :load="load" :number="i + 1" @place="change => own.place(i, change)" />
        <Button
          v-if="own.ready(load)"
          size="small"
          :disabled="own.busy.value !== null"
          @click="own.work(i)"
          >{{ t ? 'Work it out again' : 'Work it out on the shape' }}</Button
        >
        <span v-else class="soft small">Say above where it is held and where it acts.</span>
      </p>
      <template v-if="t">
        <p data-testid="own-shape-answer">{{ t.sentence }}</p>
        <p class="soft small">{{ t.beside }} {{ t.moves }} {{ t.idle }}</p>
        <Button v-if="t.at" type="text" size="small" @click="emit('look', t.at)">Show me the place</Button>
        <FilletTry
          v-if="t.corner"
          :fillets="own.fillets"
          :busy="own.busy.value !== null"
          :family="family"
          :load="i"
          :reserve="t.reserve"
          :at="t.corner"
        />
      </template>
      <p v-else-if="load.field" class="soft small">
        It was worked out for another lay, print or place: a bar stands for it until it is worked out again.
      </p>
    </div>
    <p v-for="(fillet, i) in brief.geometry.fillets" :key="`fillet-${i}`" data-testid="fillet-counted">
      A radius of {{ show(fillet.radiusMm, 'length') }} is counted at {{ placeWords(fillet.atMm, show) }}:
      draw it into the model, and take the new file here.
      <Button type="text" size="small" @click="own.fillets.drop(i)">Take it back</Button>
    </p>
    <p v-if="own.busy.value" class="busy small" role="status">
      {{ busyWords }}
      <Progress :percent="Math.round(100 * own.busy.value.done)" size="small" aria-label="Working out" />
      <Button type="text" size="small" @click="own.cancel">Stop</Button>
    </p>
    <p v-if="own.failed.value" class="out small" role="alert">
      It cannot be worked out: {{ own.failed.value }}
    </p>
    <template v-if="own.found.value">
      <Checkbox :checked="painted" @update:checked="v => emit('update:painted', v)">
        Paint what each place bears
      </Checkbox>
      <p v-if="painted" class="scale small">
        <span class="ramp" aria-hidden="true" />
        <span
          >from nothing to {{ sig(100 * full, 2) }} % of what {{ family.name }} may carry; what bears more
          than it may is black</span
        >
      </p>
      <p v-if="painted">
        Drawn
        <SentenceSelect
          :model-value="String(bent)"
          label="Drawn"
          :options="bends"
          @update:model-value="v => emit('update:bent', Number(v))"
        />.
      </p>
      <p class="soft small">
        {{ own.found.value.result.cells }} cells of about
        {{ show(own.found.value.result.cellMm, 'length', 2) }}. Small movements, no contact, no buckling,
        layers as one plastic: try a print before anything depends on it.
      </p>
      <p v-for="w in own.found.value.result.warnings" :key="w" class="marginal small">{{ w }}</p>
    </template>
  </section>
</template>

<style scoped>
.load p {
  margin: 0 0 6px;
  line-height: 1.8;
}
.busy {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
}
.scale {
  display: flex;
  gap: 8px;
  align-items: center;
}
.ramp {
  width: 70px;
  height: 10px;
  flex: none;
  background: linear-gradient(to right, var(--panel-soft), var(--s-heat));
  border: 1px solid var(--rule);
}
</style>
