<script setup lang="ts" generic="T extends string">
/** A choice that reads as part of a sentence. A native select, so that keyboard, screen reader and phone each do what they always do. */
const model = defineModel<T>({ required: true });
defineProps<{ options: readonly { value: T; label: string }[]; label: string }>();
</script>

<template>
  <select v-model="model" class="sentence" :aria-label="label">
    <option v-for="o in options" :key="o.value" :value="o.value">{{ o.label }}</option>
  </select>
</template>

<style scoped>
.sentence {
  font: inherit;
  font-weight: 700;
  color: var(--ink);
  background-color: transparent;
  border: 0;
  border-bottom: 1.5px solid var(--deep);
  padding: 1px 20px 1px 2px;
  margin: 0 2px;
  cursor: pointer;
  appearance: none;
  max-width: 100%;
  background-image:
    linear-gradient(45deg, transparent 50%, var(--deep) 50%),
    linear-gradient(-45deg, transparent 50%, var(--deep) 50%);
  background-size: 5px 5px;
  background-position:
    right 9px center,
    right 4px center;
  background-repeat: no-repeat;
  field-sizing: content;
}
.sentence:hover {
  background-color: var(--hover);
}
.sentence option {
  background: var(--panel);
  color: var(--ink);
  font-weight: 400;
}
</style>
