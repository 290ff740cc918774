<script setup lang="ts">
/** A group of fields of a part that goes out, under its name. */
defineProps<{ title: string }>();
</script>

<template>
  <fieldset>
    <legend>{{ title }}</legend>
    <slot />
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  border-top: 1px solid var(--rule);
  padding: 8px 0 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 10px 18px;
  align-items: start;
}
legend {
  font-size: 15px;
  margin-bottom: 2px;
  font-weight: 700;
  padding: 0 12px 0 0;
}
</style>
