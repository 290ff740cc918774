<script setup lang="ts">
/** What an answer will look like, drawn: filaments as columns of layers, the best first, and one that fails. */
const layers = [
  { colour: 'var(--s-printability)', heights: [70, 62, 40], y: 34 },
  { colour: 'var(--s-heat)', heights: [44, 44, 44], y: 108 },
  { colour: 'var(--s-strength)', heights: [30, 30, 22], y: 156 },
  { colour: 'var(--s-cost)', heights: [26, 12, 26], y: 190 },
];
const WIDTH = 62;
const xOf = (column: number): number => 120 + column * 84;
</script>

<template>
  <svg
    viewBox="0 0 520 290"
    role="img"
    aria-label="What an answer looks like: filaments as columns of layers, the best first; one cracked where it fails"
  >
    <rect :x="xOf(0) - 8" y="24" :width="WIDTH + 16" height="206" class="first" />
    <template v-for="(l, n) in layers" :key="n">
      <rect
        v-for="(h, c) in l.heights"
        :key="c"
        :x="xOf(c)"
        :y="l.y"
        :width="(WIDTH * h) / Math.max(...l.heights)"
        :height="Math.max(...l.heights)"
        :fill="l.colour"
      />
    </template>
    <text x="104" y="74" text-anchor="end">prints easily</text>
    <text x="104" y="134" text-anchor="end">bears the heat</text>
    <text x="104" y="176" text-anchor="end">carries the load</text>
    <text x="104" y="206" text-anchor="end">costs little</text>
    <text :x="xOf(0) + WIDTH / 2" y="250" text-anchor="middle" class="strong">first choice</text>
    <text :x="xOf(1) + WIDTH / 2" y="250" text-anchor="middle">as good</text>
    <text :x="xOf(2) + WIDTH / 2" y="250" text-anchor="middle">behind</text>
    <g class="cracked">
      <rect x="392" y="34" width="62" height="70" fill="var(--s-printability)" />
      <path d="M386 112l16 -8 12 10 14 -12 12 12 20 -8" />
      <rect x="392" y="122" width="62" height="94" class="gone" />
    </g>
    <text x="423" y="250" text-anchor="middle" class="out">too soft at 64 °C</text>
    <text x="260" y="278" text-anchor="middle">
      A layer is as thick as it matters to you, and as long as it is met.
    </text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 560px;
}
text {
  font:
    13px 'Atkinson Hyperlegible',
    system-ui,
    sans-serif;
  fill: var(--soft);
}
.strong {
  font-weight: 700;
  fill: var(--ink);
}
.out {
  fill: var(--out);
}
.first {
  fill: none;
  stroke: var(--deep);
  stroke-width: 2;
}
.cracked path {
  fill: none;
  stroke: var(--out);
  stroke-width: 2;
}
.gone {
  fill: none;
  stroke: var(--rule-strong);
  stroke-dasharray: 4 4;
}
</style>
