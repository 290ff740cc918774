<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import { uvYearsToHalf } from '@hornblende/core/models';
import { contextFor, contextOf, halfDoseOf, pigmentOf, type Ranking } from '@hornblende/core/score';
import { computed } from 'vue';
import { useDraft } from '../../part/draft';
import { useLibrary } from '../../../stores/library';

/**
 * Years until the surface is half as tough, for each candidate: the laboratory's word and the field's, side
 * by side.
 */
const props = defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const library = useLibrary();
const ctx = computed(() => contextOf(draft.brief!, null));
/** Those in the running; where few are, those that failed too. */
const MOST_FILAMENTS_DRAWN = 14;
const rows = computed(() =>
  props.ranking.candidates
    .slice(0, MOST_FILAMENTS_DRAWN)
    .flatMap(c => {
      const f = library.find(c.material);
      if (!f) return [];
      const at = (school: 'laboratory' | 'field'): number =>
        uvYearsToHalf(
          props.ranking.conditions.doseAYearMJm2,
          halfDoseOf(f, school),
          pigmentOf(contextFor(ctx.value, f), f),
        );
      return [{ key: c.material, name: c.name, laboratory: at('laboratory'), field: at('field') }];
    })
    .sort((a, b) => b.laboratory - a.laboratory),
);
const life = computed(() => draft.brief!.lifeYears);
const max = computed(() => Math.max(life.value * 2.5, 4));
const W = 380;
const x = (years: number): number => Math.min(1, years / max.value) * W;
</script>

<template>
  <p v-if="ranking.conditions.doseAYearMJm2 === 0" class="soft small">
    Out of the sun: ultraviolet light takes nothing.
  </p>
  <figure v-else>
    <figcaption class="soft small">
      Years in this sun until the surface is half as tough; dark bar: laboratory ageing, pale bar: what is
      logged outdoors
    </figcaption>
    <svg
      :viewBox="`0 0 640 ${rows.length * 22 + 26}`"
      width="640"
      :height="rows.length * 22 + 26"
      role="img"
      aria-label="Years to half in the sun for each candidate"
    >
      <g transform="translate(150 0)">
        <g v-for="(r, i) in rows" :key="r.key" :transform="`translate(0 ${i * 22})`">
          <text x="-8" y="14" text-anchor="end">{{ r.name }}</text>
          <rect x="0" y="3" :width="x(r.laboratory)" height="7" class="lab" />
          <rect x="0" y="11" :width="x(r.field)" height="5" class="field" />
          <text :x="x(Math.max(r.laboratory, r.field)) + 6" y="14">
            {{ sig(r.laboratory, 2) }}, {{ sig(r.field, 2) }}{{ r.field > max ? ' →' : '' }}
          </text>
        </g>
        <line :x1="x(life)" :x2="x(life)" y1="0" :y2="rows.length * 22 + 4" class="need" />
        <text :x="x(life)" :y="rows.length * 22 + 18" text-anchor="middle" class="need-text">
          {{ sig(life, 2) }} years wanted
        </text>
      </g>
    </svg>
  </figure>
</template>

<style scoped src="../../../charts/picture.css"></style>
<style scoped>
figure {
  margin: 6px 0 0;
}
.lab {
  fill: var(--s-uv);
}
.field {
  fill: var(--s-uv);
  opacity: 0.45;
}
.need {
  stroke: var(--out);
  stroke-width: 1.6;
}
.need-text {
  fill: var(--out);
}
</style>
