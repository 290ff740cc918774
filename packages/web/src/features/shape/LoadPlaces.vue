<script setup lang="ts">
import { acrossWhenLaid, lyingNow, pullOf, type Lying, type Brief, type BriefLoad } from '@hornblende/core';
import type { Xyz } from '@hornblende/core/geometry';
import { Button } from '../../ui/kit';
import { computed } from 'vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { loadName } from './load-name';
import { faceNames, placeOn, faceOf, type FaceName } from './face-places';

/** Where each load is held and where it acts, on the part: by a face of its box, or by a place that is pointed at. */
const props = defineProps<{
  brief: Brief;
  lowMm: Xyz;
  highMm: Xyz;
  /** The way that is looked at. */
  lying: Lying;
  /** Which end is waiting to be pointed at. */
  pointing: { load: number; end: 'held' | 'acts' } | null;
}>();
const emit = defineEmits<{
  place: [load: number, end: 'held' | 'acts', at: Xyz | null];
  point: [load: number, end: 'held' | 'acts'];
}>();
const loads = computed(() =>
  props.brief.loads.map((load, i) => ({ load, i })).filter(l => l.load.case !== 'clamp'),
);
const ends = [
  { end: 'held', words: 'held at' },
  { end: 'acts', words: 'acting at' },
] as const;
const at = (load: BriefLoad, end: 'held' | 'acts'): Xyz | null =>
  end === 'held' ? load.heldAtMm : load.actsAtMm;
const chosen = (load: BriefLoad, end: 'held' | 'acts'): FaceName | 'unsaid' | 'pointed' => {
  const place = at(load, end);
  return place ? (faceOf(place, props.lowMm, props.highMm) ?? 'pointed') : 'unsaid';
};
function options(
  load: BriefLoad,
  end: 'held' | 'acts',
): { value: FaceName | 'unsaid' | 'pointed'; label: string }[] {
  return [
    { value: 'unsaid', label: 'a place not said' },
    ...(Object.entries(faceNames) as [FaceName, string][]).map(([value, label]) => ({ value, label })),
    ...(chosen(load, end) === 'pointed'
      ? [{ value: 'pointed' as const, label: 'the place pointed at' }]
      : []),
  ];
}
function choose(i: number, end: 'held' | 'acts', value: FaceName | 'unsaid' | 'pointed'): void {
  if (value === 'pointed') return;
  emit('place', i, end, value === 'unsaid' ? null : placeOn(value, props.lowMm, props.highMm));
}
const isWaiting = (i: number, end: 'held' | 'acts'): boolean =>
  props.pointing?.load === i && props.pointing.end === end;
function outcome(load: BriefLoad): string {
  const does = acrossWhenLaid(load, props.lying, lyingNow(props.brief))
    ? 'pulls the layers apart'
    : 'runs along the layers';
  return pullOf(load)
    ? `Lying so, it ${does}.`
    : `Lying so, it is taken as if it ${does}: say where it is held and where it acts, and it is known.`;
}
</script>

<template>
  <ul class="loads" data-testid="load-places">
    <li v-for="{ load, i } in loads" :key="i">
      <p>
        <b>{{ loadName(load) }}</b>,
        <template v-for="(e, k) in ends" :key="e.end">
          {{ e.words }}
          <SentenceSelect
            :model-value="chosen(load, e.end)"
            :label="`Load ${i + 1}, ${e.words}`"
            :options="options(load, e.end)"
            @update:model-value="v => choose(i, e.end, v)"
          />
          <Button
            size="small"
            type="text"
            :aria-pressed="isWaiting(i, e.end)"
            @click="emit('point', i, e.end)"
          >
            {{ isWaiting(i, e.end) ? 'click the part…' : 'point' }} </Button><template v-if="k === 0">
            and
          </template>
        </template>
        <span class="soft small">{{ outcome(load) }}</span>
      </p>
    </li>
  </ul>
</template>

<style scoped>
.loads {
  list-style: none;
  margin: 0;
  padding: 0;
}
p {
  margin: 0 0 6px;
  line-height: 1.9;
}
[aria-pressed='true'] {
  background: var(--hover);
}
</style>
