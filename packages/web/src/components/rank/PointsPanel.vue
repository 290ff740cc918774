<script setup lang="ts">
import {
  criterionLabels,
  desirability,
  InputError,
  parseBrief,
  sig,
  type Candidate,
  type Criterion,
  type CriterionId,
} from '@hornblende/core';
import { computed, ref } from 'vue';
import { useUnits } from '../../composables/useUnits';
import { useDraft } from '../../stores/draft';
import NumberInput from '../NumberInput.vue';

/**
 * How each criterion of a candidate becomes a number from 0 to 1: its value, and the two points of the
 * curve, which can be changed.
 */
const props = defineProps<{ candidate: Candidate }>();
const emit = defineEmits<{ working: [candidate: Candidate, criterion: Criterion] }>();
const draft = useDraft();
const { convert, store } = useUnits();
/** A point or value in the reader's unit, to four figures. */
const inUnit = (c: Criterion, v: number): number => Number(convert(v, c.unit).value.toPrecision(4));
const problem = ref('');
const rows = computed(() => props.candidate.criteria.filter(c => c.weight > 0));
const own = computed(() => draft.brief?.points ?? {});
function set(c: Criterion, part: 'unacceptable' | 'comfortable', value: number): void {
  const stored = store(value, c.unit);
  const pair: [number, number] = part === 'unacceptable' ? [stored, c.comfortable] : [c.unacceptable, stored];
  put({ ...own.value, [c.id]: pair });
}
function reset(id: CriterionId): void {
  put(Object.fromEntries(Object.entries(own.value).filter(([k]) => k !== id)));
}
/** Only points that the format allows become part of the brief. */
function put(points: object): void {
  if (!draft.brief) return;
  try {
    parseBrief(JSON.parse(JSON.stringify({ ...draft.brief, points })));
    problem.value = '';
    draft.set('points', points);
  } catch (e) {
    problem.value =
      e instanceof InputError
        ? e.problems.map(p => `${p.field} ${p.message}`).join('; ')
        : (e as Error).message;
  }
}
const shown = (v: number): string => (Number.isFinite(v) ? sig(v, 3) : 'no limit');
const W = 110;
/** The curve between its points, and where the value stands on it. */
function picture(c: Criterion): { path: string; x: number; y: number } {
  const u = (v: number): number => (v - c.unacceptable) / (c.comfortable - c.unacceptable);
  const at = (t: number): number => (W * (Math.min(2.2, Math.max(-0.3, t)) + 0.3)) / 2.5;
  const path = Array.from({ length: 26 }, (_, i) => {
    const t = -0.3 + (2.5 * i) / 25;
    return `${i ? 'L' : 'M'}${at(t).toFixed(1)} ${(22 - 20 * desirability(t, 0, 1)).toFixed(1)}`;
  }).join(' ');
  return { path, x: at(Number.isFinite(c.value) ? u(c.value) : 2.2), y: 22 - 20 * c.desirability };
}
</script>

<template>
  <div data-testid="points">
    <p class="soft small">
      Each criterion is worth 0 at its unacceptable point, 0.8 at its comfortable one, and towards 1 beyond.
      The points follow from the brief until you set them; they hold for every candidate. Here
      {{ candidate.name }}.
    </p>
    <p v-if="problem" class="out small" role="alert">{{ problem }}</p>
    <table class="plain">
      <thead>
        <tr>
          <th class="what">Criterion</th>
          <th class="n">Value</th>
          <th class="n">Unacceptable</th>
          <th class="n">Comfortable</th>
          <th>Curve</th>
          <th class="n">Worth</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="c in rows" :key="c.id">
          <th scope="row">
            {{ criterionLabels[c.id].label
            }}<span class="soft small measure">{{ criterionLabels[c.id].measure }}</span>
          </th>
          <td class="n">
            <button type="button" class="num" @click="emit('working', candidate, c)">
              {{ shown(convert(c.value, c.unit).value) }}
            </button>
            <span class="soft small">{{ convert(c.value, c.unit).unit }}</span>
          </td>
          <td class="n">
            <NumberInput
              inline
              :label="`Unacceptable ${criterionLabels[c.id].label}`"
              :min="-1e9"
              :max="1e9"
              :model-value="inUnit(c, c.unacceptable)"
              @update:model-value="v => v !== null && set(c, 'unacceptable', v)"
            />
          </td>
          <td class="n">
            <NumberInput
              inline
              :label="`Comfortable ${criterionLabels[c.id].label}`"
              :min="-1e9"
              :max="1e9"
              :model-value="inUnit(c, c.comfortable)"
              @update:model-value="v => v !== null && set(c, 'comfortable', v)"
            />
          </td>
          <td>
            <svg :viewBox="`0 0 ${W} 25`" :width="W" height="25" aria-hidden="true">
              <path :d="picture(c).path" class="curve" />
              <circle :cx="picture(c).x" :cy="picture(c).y" r="3.4" :fill="`var(--s-${c.id})`" />
            </svg>
          </td>
          <td class="n">
            <b>{{ c.desirability.toFixed(2) }}</b>
          </td>
          <td>
            <button v-if="own[c.id]" type="button" class="quiet-button small" @click="reset(c.id)">
              Reset
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
th,
td {
  padding: 3px 16px 3px 0 !important;
  border-bottom: 1px solid var(--rule);
  vertical-align: middle !important;
}
tbody th {
  text-align: left;
  font-weight: 400;
  color: var(--ink) !important;
  font-size: 14px !important;
}
.what {
  width: 32%;
}
.measure {
  display: block;
  line-height: 1.25;
}
.n {
  text-align: right !important;
  white-space: nowrap;
}
.curve {
  fill: none;
  stroke: var(--rule-strong);
  stroke-width: 1.6;
}
svg {
  display: block;
}
table tbody th {
  border-bottom-color: var(--rule);
}
</style>
