<script setup lang="ts">
import type { BriefLoad, LoadCase } from '@hornblende/core/brief';
import type { DimensionKey } from '@hornblende/core/units';
import { computed } from 'vue';
import { useDraft } from '../part/draft';
import NumberInput from '../../ui/NumberInput.vue';
import QuantityInput from '../../ui/QuantityInput.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { loadOf } from '@hornblende/core/brief';
import { words } from './words';

const props = defineProps<{ load: BriefLoad; index: number }>();
const draft = useDraft();

type NumericField =
  | 'forceN'
  | 'lengthMm'
  | 'widthMm'
  | 'heightMm'
  | 'stressMPa'
  | 'thicknessMm'
  | 'undercutMm'
  | 'massKg'
  | 'heightM'
  | 'areaMm2';
interface Slot {
  before: string;
  field: NumericField;
  dimension: DimensionKey;
  label: string;
  min: number;
  max: number;
}
const force: Slot = {
  before: 'under',
  field: 'forceN',
  dimension: 'force',
  label: 'Force',
  min: 0,
  max: 1e6,
};
const length: Slot = {
  before: '',
  field: 'lengthMm',
  dimension: 'length',
  label: 'Length',
  min: 0.1,
  max: 2000,
};
const width: Slot = {
  before: 'long,',
  field: 'widthMm',
  dimension: 'length',
  label: 'Section width',
  min: 0.1,
  max: 2000,
};
const height: Slot = {
  before: '×',
  field: 'heightMm',
  dimension: 'length',
  label: 'Section height',
  min: 0.1,
  max: 2000,
};
const bar = [length, width, height, force];
const slots: Record<LoadCase, Slot[]> = {
  cantilever: bar,
  'simply-supported': bar,
  'fixed-fixed': bar,
  tension: bar,
  compression: bar,
  'direct-stress': [
    { before: 'of', field: 'stressMPa', dimension: 'stress', label: 'Stress', min: 0, max: 500 },
  ],
  'snap-fit': [
    { ...length, before: '' },
    {
      before: 'long,',
      field: 'thicknessMm',
      dimension: 'length',
      label: 'Finger thickness',
      min: 0.1,
      max: 100,
    },
    { before: 'thick, moved', field: 'undercutMm', dimension: 'length', label: 'Undercut', min: 0, max: 100 },
  ],
  deceleration: [
    length,
    width,
    height,
    { before: 'with', field: 'massKg', dimension: 'heavyMass', label: 'Mass', min: 0, max: 1000 },
  ],
  drop: [
    { before: 'of', field: 'massKg', dimension: 'heavyMass', label: 'Mass', min: 0, max: 1000 },
    { before: 'from', field: 'heightM', dimension: 'drop', label: 'Height of the drop', min: 0, max: 100 },
    { ...width, before: 'on to a weak section of' },
    height,
  ],
  insert: [
    { ...width, before: 'of', label: 'Diameter of the insert', max: 50 },
    { ...length, before: '×', label: 'Depth of the insert', max: 100 },
    { ...force, before: 'pulled out with' },
  ],
  clamp: [
    { ...force, before: 'squeezed with' },
    {
      before: 'on a face of',
      field: 'areaMm2',
      dimension: 'area',
      label: 'Squeezed face',
      min: 0.01,
      max: 1e6,
    },
  ],
};
const loadCase = computed({
  get: () => props.load.case,
  set: (c: LoadCase) => draft.set(`loads.${props.index}`, loadOf(c, props.load.kind, props.load)),
});
const across = computed({
  get: () => (props.load.acrossLayers ? 'across' : 'along'),
  set: v => draft.set(`loads.${props.index}.acrossLayers`, v === 'across'),
});
const set = (field: keyof BriefLoad, value: number | null): void =>
  draft.set(`loads.${props.index}.${field}`, value);
</script>

<template>
  <SentenceSelect v-model="loadCase" label="How it is held" :options="words.case" />
  <template v-for="s in slots[load.case]" :key="s.field">
    {{ s.before }}
    <QuantityInput
      inline
      :label="s.label"
      :dimension="s.dimension"
      :model-value="load[s.field]"
      :min="s.min"
      :max="s.max"
      :ranged="s.field === 'forceN'"
      :low="s.field === 'forceN' ? load.forceLowN : null"
      @update:model-value="v => set(s.field, v)"
      @range="
        (low, high) => draft.set(`loads.${index}`, { ...load, forceLowN: low, forceN: high })
      " /></template
  ><template v-if="load.case === 'deceleration'">
    at
    <NumberInput
      inline
      label="Deceleration, g"
      :min="0"
      :max="10000"
      :model-value="load.decelerationG"
      @update:model-value="v => set('decelerationG', v)"
    />
    g</template
  ><template v-if="load.case !== 'clamp' && load.case !== 'insert'"
    >,
    <SentenceSelect
      v-model="across"
      label="Along or across the layers"
      :options="[
        { value: 'along', label: 'along the layers' },
        { value: 'across', label: 'across the layers' },
      ]"
  /></template>
</template>
