<script setup lang="ts">
/** A number that opens its working: underlined with dots, a button to keys and screen readers. */
</script>

<template>
  <button type="button" class="working-number"><slot /></button>
</template>

<style scoped>
.working-number {
  font: inherit;
  color: inherit;
  text-align: inherit;
  background: none;
  border: 0;
  border-bottom: 1px dotted var(--info);
  padding: 0;
  cursor: pointer;
}
.working-number:hover {
  border-bottom-style: solid;
}
</style>
