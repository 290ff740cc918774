<script setup lang="ts" generic="T extends string">
import { RadioButton, RadioGroup } from './kit';

/** One of a few, all in sight. */
const model = defineModel<T>({ required: true });
defineProps<{ options: readonly { value: T; label: string }[]; label: string }>();
</script>

<template>
  <RadioGroup
    v-model:value="model"
    class="segments"
    button-style="solid"
    role="radiogroup"
    :aria-label="label"
  >
    <RadioButton v-for="o in options" :key="o.value" :value="o.value">{{ o.label }}</RadioButton>
  </RadioGroup>
</template>

<style scoped>
.segments {
  flex: none;
  white-space: nowrap;
}
.segments :deep(.ant-radio-button-wrapper) {
  padding-inline: 12px;
}
@media (max-width: 640px) {
  .segments {
    white-space: normal;
  }
  /* A label of two lines stands within its button. */
  .segments :deep(.ant-radio-button-wrapper) {
    height: auto;
    padding-block: 6px;
    line-height: 1.3;
  }
}
</style>
