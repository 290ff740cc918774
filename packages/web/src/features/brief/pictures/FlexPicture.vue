<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import { families } from '@hornblende/core/materials';
import { shoreModulusMPa } from '@hornblende/core/models';
import { computed } from 'vue';
import { useDraft } from '../../part/draft';

/** The Shore A scale with everyday objects, the wanted band, and the flexible families as ranges. */
const draft = useDraft();
const want = computed(() => draft.brief!.flex.want);
const band = computed(() => draft.brief!.flex.shoreA ?? ([75, 98] as [number, number]));
const objects: [number, string][] = [
  [15, 'jelly sweet'],
  [30, 'elastic band'],
  [42, 'pencil eraser'],
  [55, 'bicycle tube'],
  [65, 'car tyre'],
  [76, 'shoe heel'],
  [86, 'garden hose'],
  [96, 'trolley wheel'],
];
const soft = computed(() => families.filter(f => f.properties.shoreA !== null));
const x = (a: number): number => 10 + a * 5.6;
</script>

<template>
  <figure>
    <figcaption class="soft small">Shore A hardness: how hard it feels, and how stiff that is</figcaption>
    <svg
      :viewBox="`0 0 600 ${118 + soft.length * 18}`"
      width="600"
      :height="118 + soft.length * 18"
      role="img"
      :aria-label="`Hardness scale; wanted ${want === 'rubbery' ? `${band[0]} to ${band[1]} A` : 'rigid'}`"
    >
      <rect
        v-if="want === 'rubbery'"
        :x="x(band[0])"
        y="0"
        :width="x(band[1]) - x(band[0])"
        :height="96 + soft.length * 18"
        class="band"
      />
      <g v-for="([a, name], i) in objects" :key="name">
        <line :x1="x(a)" :x2="x(a)" :y1="i % 2 ? 34 : 18" y2="52" class="tick" />
        <text :x="x(a)" :y="i % 2 ? 30 : 14" text-anchor="middle">{{ name }}</text>
      </g>
      <line x1="10" x2="570" y1="52" y2="52" class="axis" />
      <g v-for="a in [0, 20, 40, 60, 80, 100]" :key="a">
        <text :x="x(a)" y="68" text-anchor="middle" class="n">{{ a }}</text>
        <text v-if="a > 0 && a < 100" :x="x(a)" y="83" text-anchor="middle" class="e">
          {{ sig(shoreModulusMPa('A', a), 2) }} MPa
        </text>
      </g>
      <g v-for="(f, i) in soft" :key="f.key" :transform="`translate(0 ${96 + i * 18})`">
        <rect
          :x="x(f.properties.shoreA!.low)"
          y="0"
          :width="x(f.properties.shoreA!.high) - x(f.properties.shoreA!.low)"
          height="8"
          rx="4"
          class="family"
        />
        <text :x="x(f.properties.shoreA!.low) - 8" y="8" text-anchor="end">{{ f.name }}</text>
      </g>
    </svg>
  </figure>
</template>

<style scoped src="../../../charts/picture.css"></style>
<style scoped>
figure {
  margin: 6px 0 0;
}
.n {
  fill: var(--ink);
}
.e {
  font-size: 11px;
}
.axis {
  stroke: var(--rule-strong);
  stroke-width: 2;
}
.tick {
  stroke: var(--rule-strong);
}
.band {
  fill: var(--s-flex);
  opacity: 0.2;
}
.family {
  fill: var(--s-flex);
}
</style>
