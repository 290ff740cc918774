<script setup lang="ts">
import { plateNames, type Plate } from '@hornblende/core/materials';
import { COOL_RIM_MM, type PlatePlace, type PlateUse } from '@hornblende/core/print';
import { computed } from 'vue';
import { useUnits } from '../../ui/useUnits';

/** The plate from above: its cool rim, where earlier prints stood, and where this one would stand. */
const props = defineProps<{
  plateMm: readonly [number, number];
  use: PlateUse;
  /** Which plate it is, where that is known. */
  plate: Plate | null;
  place: PlatePlace | null;
  sizeMm: readonly [number, number];
}>();
const { show } = useUnits();
const most = computed(() => Math.max(1, ...props.use.prints));
const cells = computed(() =>
  props.use.prints.flatMap((n, i) => {
    if (!n) return [];
    const { cellMm, columns } = props.use;
    return [{ x: (i % columns) * cellMm, row: Math.floor(i / columns), n, share: n / most.value }];
  }),
);
const top = (y: number): number => props.plateMm[1] - y;
const rim = computed(() => Math.min(COOL_RIM_MM, props.plateMm[0] / 4, props.plateMm[1] / 4));
const words = computed(() => {
  const { place } = props;
  if (!place) return 'It is larger than the plate.';
  const where = `${show(place.xMm, 'length', 3)} from the left and ${show(place.yMm, 'length', 3)} from the front`;
  const stood =
    place.stoodMost === 0
      ? 'where nothing has stood yet'
      : `where at most ${place.stoodMost} ${place.stoodMost === 1 ? 'print has' : 'prints have'} stood`;
  const edge = place.atRim ? ' It reaches into the cool rim, which holds less.' : '';
  const on = props.plate ? `On ${plateNames[props.plate]}: its` : 'Its';
  return `${on} middle ${where}, ${stood}.${edge}`;
});
</script>

<template>
  <figure data-testid="plate-plan">
    <svg
      :viewBox="`-4 -4 ${plateMm[0] + 8} ${plateMm[1] + 14}`"
      role="img"
      :aria-label="`The plate from above. ${words}`"
    >
      <defs>
        <pattern id="cool" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V6" class="hatch" />
        </pattern>
      </defs>
      <rect :width="plateMm[0]" :height="plateMm[1]" class="plate" />
      <path
        :d="`M0 0H${plateMm[0]}V${plateMm[1]}H0Z M${rim} ${rim}V${plateMm[1] - rim}H${plateMm[0] - rim}V${rim}Z`"
        fill="url(#cool)"
      />
      <rect
        v-for="c in cells"
        :key="`${c.x} ${c.row}`"
        :x="c.x"
        :y="top((c.row + 1) * use.cellMm)"
        :width="use.cellMm"
        :height="use.cellMm"
        class="stood"
        :style="{ opacity: 0.12 + 0.5 * c.share }"
      >
        <title>{{ c.n }} {{ c.n === 1 ? 'print' : 'prints' }}</title>
      </rect>
      <template v-if="place">
        <rect
          :x="place.xMm - sizeMm[0] / 2"
          :y="top(place.yMm + sizeMm[1] / 2)"
          :width="sizeMm[0]"
          :height="sizeMm[1]"
          class="next"
        />
        <path
          :d="`M${place.xMm - 4} ${top(place.yMm)}h8M${place.xMm} ${top(place.yMm) - 4}v8`"
          class="cross"
        />
      </template>
      <text :x="plateMm[0] / 2" :y="plateMm[1] + 8" text-anchor="middle">front</text>
    </svg>
    <figcaption class="small">
      <p>{{ words }}</p>
      <span class="soft">Hatched: the cool rim. Darker: more prints stood there.</span>
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  display: grid;
  grid-template-columns: minmax(0, 300px) minmax(0, 1fr);
  gap: 6px 26px;
}
@media (max-width: 640px) {
  figure {
    grid-template-columns: minmax(0, 1fr);
  }
}
svg {
  display: block;
  width: 100%;
  max-height: 300px;
}
.plate {
  fill: var(--panel-soft);
  stroke: var(--ink);
  stroke-width: 1;
}
.hatch {
  stroke: var(--rule-strong);
  stroke-width: 1;
}
.stood {
  fill: var(--s-heat);
}
.next {
  fill: none;
  stroke: var(--deep);
  stroke-width: 2;
}
.cross {
  stroke: var(--deep);
  stroke-width: 1.5;
}
text {
  font-size: 8px;
  fill: var(--soft);
}
figcaption {
  max-width: 46ch;
}
</style>
