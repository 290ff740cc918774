<script setup lang="ts">
import { sig, HOURS_A_YEAR } from '@hornblende/core/lib';
import { computed } from 'vue';
import { useUnits } from '../../../ui/useUnits';

/** A joint under its screw: the plastic that is squeezed, with its layers, the grip at first and what is left. */
const props = defineProps<{
  index: number;
  /** The force at first, N; null where only the pressure is known. */
  forceN: number | null;
  /** Share of it that is left at the end. */
  left: number;
  /** How long it is squeezed, h. */
  hours: number;
  acrossLayers: boolean;
}>();
const { show } = useUnits();

const W = 400;
const H = 190;
/** The plastic between head and washer. */
const block = { x: 90, y: 66, width: 150, height: 62 };
const bottom = block.y + block.height;
/** The longest arrow stands for the force at first. */
const LONGEST_ARROW_PX = 46;

const leftLength = computed(() => Math.max(8, LONGEST_ARROW_PX * props.left));
const layers = computed(() =>
  props.acrossLayers
    ? Array.from({ length: 18 }, (_, i) => `M${block.x + 6 + 8 * i} ${block.y} v${block.height}`).join(' ')
    : Array.from({ length: 12 }, (_, i) => `M${block.x} ${block.y + 4 + 5 * i} h${block.width}`).join(' '),
);
const after = computed(() =>
  props.hours >= HOURS_A_YEAR
    ? `after ${sig(props.hours / HOURS_A_YEAR, 2)} years`
    : `after ${sig(props.hours, 2)} h`,
);
const first = computed(() => (props.forceN === null ? 'all of it' : show(props.forceN, 'force')));
const last = computed(() =>
  props.forceN === null ? `${sig(100 * props.left, 2)} %` : show(props.forceN * props.left, 'force', 0),
);

/** An arrow down onto the head, or up against the washer, its point at `tip`. */
function arrow(x: number, tip: number, length: number, up: boolean): string {
  const back = up ? 1 : -1;
  return `M${x} ${tip + back * length} V${tip} m-5 ${back * 9} l5 ${back * -9} l5 ${back * 9}`;
}
</script>

<template>
  <svg
    :viewBox="`0 0 ${W} ${H}`"
    :width="W"
    :height="H"
    class="sketch"
    role="img"
    :aria-label="`Sketch of load ${index + 1}: grip ${first} at first, ${last} ${after}`"
  >
    <rect :x="block.x" :y="block.y" :width="block.width" :height="block.height" class="member" />
    <path :d="layers" class="layers" />
    <rect
      :x="block.x + block.width / 2 - 7"
      :y="block.y - 4"
      width="14"
      :height="block.height + 8"
      class="screw"
    />
    <rect :x="block.x + 40" :y="block.y - 12" width="70" height="12" rx="3" class="screw" />
    <rect :x="block.x + 30" :y="bottom" width="90" height="6" class="screw" />
    <path :d="arrow(block.x + 22, block.y - 4, LONGEST_ARROW_PX, false)" class="force" />
    <path :d="arrow(block.x + 22, bottom + 4, LONGEST_ARROW_PX, true)" class="force" />
    <path :d="arrow(block.x + 128, block.y - 4, leftLength, false)" class="later" />
    <path :d="arrow(block.x + 128, bottom + 4, leftLength, true)" class="later" />
    <text :x="block.x - 6" :y="block.y - 22" text-anchor="end">{{ first }}</text>
    <text :x="block.x - 6" :y="block.y - 8" text-anchor="end">at first</text>
    <text :x="block.x + block.width + 8" :y="block.y - 22">{{ last }}</text>
    <text :x="block.x + block.width + 8" :y="block.y - 8">{{ after }}</text>
  </svg>
</template>

<style scoped src="../../../charts/picture.css"></style>
<style scoped src="../../../charts/sketch.css"></style>
<style scoped>
.screw {
  fill: var(--rule-strong);
}
</style>
