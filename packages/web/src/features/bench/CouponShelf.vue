<script setup lang="ts">
import type { Xyz } from '@hornblende/core/geometry';
import type { FieldInfo } from '@hornblende/core/input';
import { hoursText } from '@hornblende/core/lib';
import { Button } from '../../ui/kit';
import { storeToRefs } from 'pinia';
import { computed, reactive, ref } from 'vue';
import { useCouponKinds } from '../../stores/coupon-kinds';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import PageState from '../../ui/PageState.vue';
import TextField from '../../ui/TextField.vue';
import { useUnits } from '../../ui/useUnits';
import LineDrawing from '../shape/LineDrawing.vue';
import BenchTool from './BenchTool.vue';
import { filamentOptions } from './filament-options';
import { useCouponLook } from './useCouponLook';

/** Pieces to print for a measurement: their numbers, a code to tell them apart, STL or 3MF. */
const store = useCouponKinds();
const { kinds, state } = storeToRefs(store);
// Before it is drawn: what was fetched before is not drawn again unasked.
void store.load();
const picked = ref('hardness-plate');
const kind = computed(() => kinds.value.find(k => k.id === picked.value) ?? null);
const options = computed(() => kinds.value.map(k => ({ value: k.id, label: k.title })));
/** Numbers that were said, by kind. */
const said = reactive<Record<string, Record<string, string | number>>>({});
const mine = computed(() => said[picked.value] ?? {});
function put(name: string, value: string | number | null): void {
  const { [name]: _, ...rest } = mine.value;
  said[picked.value] = value === null || value === '' ? rest : { ...rest, [name]: value };
}
const words = (f: FieldInfo): string => f.doc.replace(/[;:]? default.*$/, '').replace(/\.$/, '');
const usual = (f: FieldInfo): string => /default (\d+(?:\.\d+)?)/.exec(f.doc)?.[1] ?? '';
const numberOf = (name: string): number | null => {
  const value = mine.value[name];
  return typeof value === 'number' ? value : null;
};
const numbers = computed(() => kind.value?.inputs.filter(f => f.kind === 'number') ?? []);
const coded = computed(() => kind.value?.inputs.some(f => f.name === 'code') ?? false);
const fileOf = (as: 'stl' | '3mf'): string => {
  const query = new URLSearchParams(Object.entries(mine.value).map(([k, v]) => [k, String(v)]));
  return `/api/coupons/${picked.value}.${as}${query.size ? `?${query.toString()}` : ''}`;
};
const familyKey = ref('petg');
const { look, printerName } = useCouponLook(
  computed(() => fileOf('stl')),
  familyKey,
  computed(() => kind.value?.solid ?? false),
);
const { show } = useUnits();
const takes = computed(() => {
  if (!look.value) return '';
  const { massG, hours, sizeMm } = look.value;
  const size = sizeMm.map(s => show(s, 'length', 1)).join(' × ');
  const on = printerName.value ? ` on ${printerName.value}` : '';
  const solid = kind.value?.solid ? 'Print it solid: about' : 'About';
  return `${solid} ${show(massG, 'mass', massG < 10 ? 1 : 0)} and ${hoursText(hours)}${on}; ${size}.`;
});
const AS_IT_STANDS: [Xyz, Xyz, Xyz] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];
</script>

<template>
  <PageState :state="state" what="the coupons" @retry="store.load">
    <BenchTool name="Coupons" data-testid="coupon-shelf">
      <template #what>
        Small pieces to print before the part: each tells one thing about a filament on your printer, and
        costs a few grams.
      </template>
      <template #drawing>
        <div class="drawing">
          <LineDrawing
            v-if="look"
            :edges="look.edges"
            :turn="AS_IT_STANDS"
            :label="`A drawing of: ${kind?.title ?? ''}`"
          />
        </div>
      </template>
      <template #answer>
        <h3>{{ kind?.title }}</h3>
        <p class="lead" data-testid="coupon-measures">{{ kind?.measures }}</p>
        <p data-testid="coupon-takes">{{ takes }}</p>
        <p class="row">
          <Button type="primary" :href="fileOf('stl')">As STL</Button>
          <Button :href="fileOf('3mf')">As 3MF</Button>
        </p>
      </template>
      <div class="row">
        <OptionSelect v-model="picked" label="Coupon" :options="options" />
        <OptionSelect v-model="familyKey" label="Printed in" :options="filamentOptions" />
        <NumberInput
          v-for="f in numbers"
          :key="`${picked}-${f.name}`"
          :model-value="numberOf(f.name)"
          :label="f.unit ? `${words(f)}, ${f.unit}` : words(f)"
          :min="f.min ?? 0"
          :max="f.max ?? 1000"
          :placeholder="usual(f)"
          nullable
          @update:model-value="v => put(f.name, v)"
        />
        <TextField
          v-if="coded"
          :model-value="String(mine.code ?? '')"
          label="Code engraved"
          :maxlength="12"
          placeholder="HB-07"
          @update:model-value="v => put('code', v)"
        />
      </div>
    </BenchTool>
  </PageState>
</template>

<style scoped src="./bench.css"></style>
<style scoped>
.drawing {
  height: 220px;
}
</style>
