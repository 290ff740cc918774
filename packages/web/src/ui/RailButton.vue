<script setup lang="ts">
/** A button of the rail, which looks like its links. */
</script>

<template>
  <button type="button" class="rail-button"><slot /></button>
</template>

<style scoped>
.rail-button {
  font: inherit;
  color: inherit;
  display: block;
  width: 100%;
  text-align: left;
  padding: 6px 20px;
  background: none;
  border: 0;
  cursor: pointer;
}
.rail-button:hover {
  background: var(--rail-now);
}
</style>
