<script setup lang="ts">
import type { TrialCriterion } from '@hornblende/core/formats';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import NumberInput from '../../ui/NumberInput.vue';
import Segments from '../../ui/Segments.vue';
import TextField from '../../ui/TextField.vue';

/** A criterion of one's own: what it is called, its unit, which way is better. */
const props = defineProps<{ taken: readonly string[] }>();
const emit = defineEmits<{ add: [criterion: TrialCriterion] }>();
const label = ref('');
const unit = ref('');
const weight = ref(1);
const better = ref<'more' | 'less' | 'band'>('more');
const low = ref<number | null>(null);
const high = ref<number | null>(null);
const band = computed<[number, number] | null>(() =>
  better.value === 'band' && low.value !== null && high.value !== null && low.value <= high.value
    ? [low.value, high.value]
    : null,
);
const ways = [
  { value: 'more', label: 'more is better' },
  { value: 'less', label: 'less is better' },
  { value: 'band', label: 'between two values' },
] as const;
const id = computed(() =>
  label.value
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 34),
);
const problem = computed(() => (props.taken.includes(`own-${id.value}`) ? 'stands there already' : ''));
function add(): void {
  if (!id.value || problem.value || (better.value === 'band' && !band.value)) return;
  emit('add', {
    id: `own-${id.value}`,
    label: label.value.trim(),
    unit: unit.value.trim(),
    lessIsBetter: better.value === 'less',
    weight: weight.value,
    limit: null,
    band: band.value,
    enough: null,
    signed: false,
    property: null,
  });
  label.value = '';
  unit.value = '';
}
</script>

<template>
  <form class="own" data-testid="own-criterion" @submit.prevent="add">
    <TextField v-model="label" label="Something else that is measured" :maxlength="80" :problem="problem" />
    <TextField v-model="unit" label="Unit" :maxlength="20" />
    <NumberInput v-model="weight" label="Weight" :min="0" :max="5" :fallback="1" />
    <Segments v-model="better" :options="ways" label="Which way is better" />
    <template v-if="better === 'band'">
      <NumberInput v-model="low" label="From" :min="-1e9" :max="1e9" nullable />
      <NumberInput v-model="high" label="To" :min="-1e9" :max="1e9" nullable />
    </template>
    <Button html-type="submit" :disabled="!id || (better === 'band' && !band)">Measure it too</Button>
  </form>
</template>

<style scoped>
.own {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}
.own > :deep(.text-field) {
  flex: 1 1 180px;
}
.own > :deep(.number) {
  width: 130px;
}
</style>
