<script setup lang="ts">
import { useUnits } from '../../../ui/useUnits';

/** The three steps of a soak: weighed dry, held under water, wiped and weighed again. */
defineProps<{ dryG: number | null; wetG: number | null; hours: number }>();
const { show } = useUnits();
const scales = [
  { x: 20, key: 'dry' },
  { x: 280, key: 'wet' },
] as const;
</script>

<template>
  <svg
    viewBox="0 0 400 200"
    role="img"
    aria-label="Weigh it dry, hold it under water, wipe it and weigh it again"
  >
    <g v-for="s in scales" :key="s.key">
      <rect :x="s.x + 24" y="58" width="52" height="34" rx="3" class="member" />
      <rect :x="s.x + 6" y="92" width="88" height="8" class="tool" />
      <rect :x="s.x" y="104" width="100" height="40" rx="6" class="tool" />
      <text :x="s.x + 50" y="130" text-anchor="middle" class="reading">
        {{ s.key === 'dry' ? show(dryG, 'mass') : show(wetG, 'mass') }}
      </text>
    </g>
    <path d="M150 40 v104 q0 8 8 8 h84 q8 0 8 -8 v-104" class="tool" />
    <rect x="152" y="58" width="96" height="92" class="water" />
    <rect x="174" y="84" width="52" height="34" rx="3" class="member" />
    <path d="M186 60 h28 v22 h-28 z" class="tool" />
    <text x="70" y="172" text-anchor="middle">1 dry</text>
    <text x="200" y="172" text-anchor="middle">2 held under {{ hours }} h</text>
    <text x="330" y="172" text-anchor="middle">3 wiped</text>
  </svg>
</template>

<style scoped src="../../../charts/picture.css"></style>
<style scoped src="../../../charts/sketch.css"></style>
<style scoped src="./drawing.css"></style>
<style scoped>
.reading {
  font-weight: 700;
}
</style>
