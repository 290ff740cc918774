<script setup lang="ts">
import { acrossWhenLaid, lyingNow, pullOf, type Lying, type BriefLoad } from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import type { Xyz } from '@hornblende/core/geometry';
import { Button } from '../../ui/kit';
import { computed } from 'vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { loadName } from './load-name';
import { faceNames, placeOn, faceOf, type FaceName } from './face-places';
import { placedAs } from './placed-load';
import type { Pointing } from './usePlacing';

/** Where each load is held and where it acts, on the part: by faces of its box, or by places that are pointed at. */
const props = defineProps<{
  brief: Brief;
  lowMm: Xyz;
  highMm: Xyz;
  /** The way that is looked at. */
  lying: Lying;
  /** Which place is waiting to be pointed at. */
  pointing: Pointing | null;
}>();
const emit = defineEmits<{
  place: [load: number, end: 'held' | 'acts', places: readonly Xyz[]];
  point: [of: Pointing];
}>();
type End = 'held' | 'acts';
type Chosen = FaceName | 'unsaid' | 'pointed';
const ends = [
  { end: 'held', words: 'held at' },
  { end: 'acts', words: 'acting at' },
] as const;
const loads = computed(() =>
  props.brief.loads
    .map((load, i) => ({ load, i, rows: ends.flatMap(e => rowsOf(load, i, e.end, e.words)) }))
    .filter(l => l.load.case !== 'clamp'),
);
/** A place that can be said: those of a load, and one more where there is one already. */
interface Row {
  end: End;
  index: number;
  words: string;
  label: string;
  /** The one that would be a further place. */
  further: boolean;
  at: Xyz | null;
}
const placesOf = (load: BriefLoad, end: End): readonly Xyz[] =>
  placedAs(load)[end === 'held' ? 'heldAt' : 'actsAt'];
function rowsOf(load: BriefLoad, i: number, end: End, words: string): Row[] {
  const places = placesOf(load, end);
  return [...places, null].map((at, index) => {
    const joined = index ? `also ${words}` : words;
    const label = `Load ${i + 1}, ${index ? `also ${words}${index > 1 ? ` (${index})` : ''}` : words}`;
    return { end, index, words: joined, label, further: index > 0 && at === null, at };
  });
}
const chosen = ({ at }: Row): Chosen =>
  at ? (faceOf(at, props.lowMm, props.highMm) ?? 'pointed') : 'unsaid';
function options(row: Row): { value: Chosen; label: string }[] {
  return [
    { value: 'unsaid', label: row.index ? 'no other place' : 'a place not said' },
    ...(Object.entries(faceNames) as [FaceName, string][]).map(([value, label]) => ({ value, label })),
    ...(chosen(row) === 'pointed' ? [{ value: 'pointed' as const, label: 'the place pointed at' }] : []),
  ];
}
function choose(load: BriefLoad, i: number, { end, index }: Row, value: Chosen): void {
  if (value === 'pointed') return;
  const places = [...placesOf(load, end)];
  if (value === 'unsaid') places.splice(index, 1);
  else places[index] = placeOn(value, props.lowMm, props.highMm);
  emit('place', i, end, places);
}
const isWaiting = (i: number, { end, index }: Row): boolean =>
  props.pointing?.load === i && props.pointing.end === end && props.pointing.index === index;
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
    <li v-for="{ load, i, rows } in loads" :key="i">
      <p>
        <b>{{ loadName(load) }}</b>,
        <span v-for="row in rows" :key="row.label" class="place" :class="{ further: row.further }">
          {{ row.words }}
          <SentenceSelect
            :model-value="chosen(row)"
            :label="row.label"
            :options="options(row)"
            @update:model-value="v => choose(load, i, row, v)"
          />
          <Button
            size="small"
            type="text"
            :aria-pressed="isWaiting(i, row)"
            @click="emit('point', { load: i, end: row.end, index: row.index })"
          >
            {{ isWaiting(i, row) ? 'click the part…' : 'point' }}
          </Button>
        </span>
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
.place {
  display: block;
}
.further {
  color: var(--soft);
  font-size: 13px;
}
[aria-pressed='true'] {
  background: var(--hover);
}
</style>
