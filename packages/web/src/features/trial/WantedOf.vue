<script setup lang="ts">
import type { TrialCriterion } from '@hornblende/core/formats';
import { wantedWords } from '@hornblende/core/trials';
import { computed } from 'vue';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import type { Wanted } from './useTrialPlan';

/** What is wanted of one criterion: as the brief asks it, more, less, a limit, or a band. */
const props = defineProps<{
  criterion: TrialCriterion;
  /** The criterion as the brief asks it. */
  asBrief: TrialCriterion;
  /** What was said instead; null where the brief decides. */
  said: Wanted | null;
}>();
const emit = defineEmits<{ want: [wanted: Wanted | null] }>();
type Way = 'brief' | 'more' | 'less' | 'least' | 'most' | 'band';
const way = computed((): Way => {
  const { said } = props;
  if (!said) return 'brief';
  if (said.band) return 'band';
  if (said.limit !== null) return said.lessIsBetter ? 'most' : 'least';
  return said.lessIsBetter ? 'less' : 'more';
});
const ways = computed((): { value: Way; label: string }[] => [
  { value: 'brief', label: `as the brief asks: ${wantedWords(props.asBrief)}` },
  { value: 'more', label: 'more is better' },
  { value: 'less', label: 'less is better' },
  { value: 'least', label: 'at least' },
  { value: 'most', label: 'at most' },
  { value: 'band', label: 'between two values' },
]);
/** A figure to begin with, where a limit or a band is asked for and none stands yet. */
const start = computed(() => props.asBrief.limit ?? props.asBrief.band?.[0] ?? 1);
function choose(to: Way): void {
  const { weight } = props.criterion;
  const limit = props.said?.limit ?? start.value;
  const band = props.said?.band ?? props.asBrief.band ?? [start.value, 2 * start.value];
  const plain = { weight, limit: null, band: null, lessIsBetter: false };
  const of: Record<Way, Wanted | null> = {
    brief: null,
    more: plain,
    less: { ...plain, lessIsBetter: true },
    least: { ...plain, limit },
    most: { ...plain, limit, lessIsBetter: true },
    band: { ...plain, band },
  };
  emit('want', of[to]);
}
function putLimit(limit: number | null): void {
  if (props.said && limit !== null) emit('want', { ...props.said, limit });
}
function putBand(end: 0 | 1, value: number | null): void {
  if (!props.said?.band || value === null) return;
  const band: [number, number] = [...props.said.band];
  band[end] = value;
  if (band[0] <= band[1]) emit('want', { ...props.said, band });
}
</script>

<template>
  <div class="wanted-of">
    <OptionSelect
      :model-value="way"
      :label="`Wanted of: ${criterion.label}`"
      bare
      :options="ways"
      @update:model-value="choose"
    />
    <NumberInput
      v-if="way === 'least' || way === 'most'"
      :model-value="said?.limit ?? null"
      :label="`Limit, ${criterion.unit || 'as read'}`"
      :min="-1e9"
      :max="1e9"
      @update:model-value="putLimit"
    />
    <template v-if="way === 'band' && said?.band">
      <NumberInput
        :model-value="said.band[0]"
        label="From"
        :min="-1e9"
        :max="said.band[1]"
        @update:model-value="v => putBand(0, v)"
      />
      <NumberInput
        :model-value="said.band[1]"
        label="To"
        :min="said.band[0]"
        :max="1e9"
        @update:model-value="v => putBand(1, v)"
      />
    </template>
  </div>
</template>

<style scoped>
.wanted-of {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
}
.wanted-of > :deep(.option-select) {
  flex: 1 1 220px;
}
.wanted-of > :deep(.number) {
  width: 90px;
}
</style>
