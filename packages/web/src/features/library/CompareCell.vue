<script setup lang="ts">
import type { PropertyName, Range } from '@hornblende/core/materials';
import RangeBar from './RangeBar.vue';
import { useProperties } from './useProperties';

/** One filament's value of a compared property, with its range on the scale that the row shares. */
defineProps<{
  line: { name: PropertyName; best: number | null; min: number; max: number };
  range: Range | null;
}>();
const { number } = useProperties();
</script>

<template>
  <span v-if="!range" class="soft">none</span>
  <template v-else>
    <b v-if="range.typical === line.best" class="best"
      >{{ number(line.name, range.typical) }}<span class="visually-hidden"> best</span> ◆</b
    >
    <template v-else>{{ number(line.name, range.typical) }}</template>
    <span class="soft small span"
      >{{ number(line.name, range.low) }} to {{ number(line.name, range.high) }}</span
    >
    <RangeBar :name="line.name" :range="range" :min="line.min" :max="line.max" />
  </template>
</template>

<style scoped>
.span {
  display: block;
}
.best {
  color: var(--fits);
}
</style>
