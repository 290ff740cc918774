<script setup lang="ts" generic="T extends string">
import { RadioButton, RadioGroup } from '../../ui/kit';

/** One of a few, in targets that a gloved thumb hits. */
const model = defineModel<T>({ required: true });
defineProps<{
  options: readonly { value: Exclude<T, ''>; label: string }[];
  label: string;
  why?: string;
}>();
</script>

<template>
  <div class="big">
    <p class="ask">
      <b>{{ label }}</b>
      <span v-if="why" class="soft small">{{ why }}</span>
    </p>
    <RadioGroup
      v-model:value="model"
      class="choices"
      button-style="solid"
      role="radiogroup"
      :aria-label="label"
    >
      <RadioButton v-for="o in options" :key="o.value" :value="o.value">{{ o.label }}</RadioButton>
    </RadioGroup>
  </div>
</template>

<style scoped>
.ask {
  margin: 0 0 6px;
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  align-items: baseline;
  font-size: 17px;
}
.choices {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(80px, 1fr));
  gap: 8px;
}
.choices :deep(.ant-radio-button-wrapper) {
  height: auto;
  min-height: 56px;
  display: flex;
  align-items: center;
  justify-content: center;
  text-align: center;
  line-height: 1.2;
  font-size: 16px;
  padding: 8px;
  border-radius: 4px;
  border-inline-start-width: 1px;
}
.choices :deep(.ant-radio-button-wrapper::before) {
  display: none;
}
</style>
