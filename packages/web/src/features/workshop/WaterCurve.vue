<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import { scaleLinear } from 'd3-scale';
import dayjs from 'dayjs';
import { computed } from 'vue';
import type { ShelfRow } from '../../stores/shelf';
import { useWorkshop } from '../../stores/workshop';
import { waterHistory } from './water-history';

/** The water in a spool over its ledger's time, against the most that it prints well with. */
const props = defineProps<{ row: ShelfRow }>();
const workshop = useWorkshop();
const W = 520;
const H = 130;
const LEFT = 44;
const RIGHT = W - 10;
const BOTTOM = H - 22;
const TOP = 12;
/** Labels nearer than this overprint each other, px. */
const APART = 18;
/** Room above the limit, so that the line is never the frame. */
const HEADROOM = 1.6;

const curve = computed(() => {
  const { moisture, spool } = props.row;
  const now = Date.now();
  const points = waterHistory(props.row, workshop.settings.roomRhPct, now);
  if (!points || !moisture) return null;
  const from = points[0]!.at;
  const max = Math.max(moisture.limitPct * HEADROOM, ...points.map(p => p.waterPct));
  const x = scaleLinear([from, now], [LEFT, RIGHT]);
  const y = scaleLinear([0, max], [BOTTOM, TOP]);
  return {
    line: points.map(p => `${x(p.at).toFixed(1)},${y(p.waterPct).toFixed(1)}`).join(' '),
    limit: y(moisture.limitPct),
    limitPct: moisture.limitPct,
    max,
    from: dayjs(from).format('D MMM YY'),
    dried: spool.events
      .filter(e => e.kind === 'dried')
      .map(e => Date.parse(e.at))
      .filter(t => t <= now)
      .map(x),
  };
});
const spoken = computed(() => `Water over time, now ${sig(props.row.moisture?.waterPct ?? 0, 2)} %`);
</script>

<template>
  <template v-if="curve">
    <svg :viewBox="`0 0 ${W} ${H}`" :width="W" :height="H" role="img" :aria-label="spoken">
      <line :x1="LEFT" :x2="RIGHT" :y1="BOTTOM" :y2="BOTTOM" class="axis" />
      <line :x1="LEFT" :x2="RIGHT" :y1="curve.limit" :y2="curve.limit" class="limit" />
      <line v-for="(x, i) in curve.dried" :key="i" :x1="x" :x2="x" y1="8" :y2="BOTTOM" class="dried" />
      <polyline :points="curve.line" class="water" />
      <text :x="LEFT - 6" :y="curve.limit + 4" text-anchor="end" class="limit-text">
        {{ sig(curve.limitPct, 2) }}
      </text>
      <text v-if="curve.limit - TOP > APART" :x="LEFT - 6" :y="TOP + 4" text-anchor="end">
        {{ sig(curve.max, 2) }}
      </text>
      <text :x="LEFT - 6" :y="BOTTOM + 4" text-anchor="end">0</text>
      <text :x="LEFT" :y="H - 5">{{ curve.from }}</text>
      <text :x="RIGHT" :y="H - 5" text-anchor="end">now</text>
    </svg>
    <p class="soft small">% of water by mass; the line is the most it prints well with.</p>
  </template>
</template>

<style scoped>
svg {
  max-width: 100%;
  height: auto;
}
text {
  font-size: 12px;
  fill: var(--soft);
}
.axis {
  stroke: var(--rule-strong);
}
.limit {
  stroke: var(--out);
}
.limit-text {
  fill: var(--out);
}
.water {
  fill: none;
  stroke: var(--info);
  stroke-width: 2;
}
.dried {
  stroke: var(--s-heat);
  stroke-dasharray: 3 3;
}
</style>
