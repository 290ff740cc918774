<script setup lang="ts">
import { Button } from '../../../ui/kit';
import { sig } from '@hornblende/core/lib';
import type { Family } from '@hornblende/core/materials';
import { strengthAllowable, strengthInput, type StrengthConditions } from '@hornblende/core/models';
import { computed } from 'vue';
import { useUnits } from '../../../ui/useUnits';
import { useWorking } from '../../../stores/working';

/** From the data sheet's strength down to what the part may carry, one factor a step. */
const props = defineProps<{ family: Family; conditions: StrengthConditions; needMPa: number }>();
const working = useWorking();
const { show } = useUnits();
const names: Record<string, string> = {
  k_dir: 'across layers',
  k_T: 'heat',
  k_time: 'held long',
  k_cycles: 'repeated',
  k_uv: 'sun',
  k_wet: 'wet',
  k_section: 'section',
};
const steps = computed(() => {
  const r = strengthAllowable(props.family, props.conditions);
  let at = r.yieldMPa;
  const list = Object.entries(r.factors)
    .filter(([, k]) => k < 0.9995)
    .map(([key, k]) => {
      const from = at;
      at *= k;
      return { key, name: names[key] ?? key, k: k as number, from, to: at };
    });
  return { yield: r.yieldMPa, allowable: r.allowableMPa, list };
});
const max = computed(() => Math.max(steps.value.yield, props.needMPa) * 1.05);
const W = 420;
const x = (v: number): number => (v / max.value) * W;
const open = (): void =>
  working.show({
    title: `allowable stress of ${props.family.name}`,
    refs: [{ model: 'strength.allowable', inputs: strengthInput(props.family, props.conditions) }],
  });
const spoken = computed(
  () =>
    `Allowable stress of ${props.family.name}: ${sig(steps.value.allowable, 3)} MPa of ` +
    `${sig(steps.value.yield, 3)}; ${sig(props.needMPa, 3)} needed`,
);
</script>

<template>
  <div class="waterfall">
    <svg
      :viewBox="`0 0 620 ${(steps.list.length + 2) * 20 + 20}`"
      width="620"
      :height="(steps.list.length + 2) * 20 + 20"
      role="img"
      :aria-label="spoken"
    >
      <g transform="translate(110 0)">
        <text x="-8" y="14" text-anchor="end">yield, printed</text>
        <rect x="0" y="4" :width="x(steps.yield)" height="13" class="whole" />
        <text :x="x(steps.yield) + 6" y="14">{{ show(steps.yield, 'stress') }}</text>
        <g v-for="(s, i) in steps.list" :key="s.key" :transform="`translate(0 ${(i + 1) * 20})`">
          <text x="-8" y="14" text-anchor="end">{{ s.name }}</text>
          <rect :x="x(s.to)" y="4" :width="x(s.from) - x(s.to)" height="13" class="lost" />
          <rect x="0" y="4" :width="x(s.to)" height="13" class="left" />
          <text :x="x(s.from) + 6" y="14">× {{ sig(s.k, 2) }}</text>
        </g>
        <g :transform="`translate(0 ${(steps.list.length + 1) * 20})`">
          <text x="-8" y="14" text-anchor="end" class="bold">may carry</text>
          <rect x="0" y="4" :width="x(steps.allowable)" height="13" class="end" />
          <text :x="Math.max(x(steps.allowable), x(needMPa)) + 6" y="14" class="bold">
            {{ show(steps.allowable, 'stress') }}
          </text>
        </g>
        <line :x1="x(needMPa)" :x2="x(needMPa)" y1="0" :y2="(steps.list.length + 2) * 20" class="need" />
        <text :x="x(needMPa)" :y="(steps.list.length + 2) * 20 + 14" text-anchor="middle" class="need-text">
          asked, with safety: {{ show(needMPa, 'stress') }}
        </text>
      </g>
    </svg>
    <Button type="text" size="small" @click="open">Working</Button>
  </div>
</template>

<style scoped src="../../../charts/picture.css"></style>
<style scoped>
.bold {
  fill: var(--ink);
  font-weight: 700;
}
.whole {
  fill: var(--s-impact);
}
.left {
  fill: var(--s-impact);
  opacity: 0.5;
}
.lost {
  fill: var(--out);
  opacity: 0.28;
}
.end {
  fill: var(--s-strength);
}
.need {
  stroke: var(--out);
  stroke-width: 1.6;
}
.need-text {
  fill: var(--out);
}
</style>
