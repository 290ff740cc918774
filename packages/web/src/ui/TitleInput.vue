<script setup lang="ts">
import { Textarea } from 'ant-design-vue';

/** A heading that can be typed over. It wraps rather than hide its end. */
const model = defineModel<string>({ required: true });
defineProps<{ label: string }>();
</script>

<template>
  <Textarea
    v-model:value="model"
    class="title-input"
    :bordered="false"
    :aria-label="label"
    :maxlength="120"
    :auto-size="{ minRows: 1, maxRows: 3 }"
    @keydown.enter.prevent
  />
</template>

<style scoped>
.title-input {
  flex: 1 1 340px;
  font-size: 24px;
  font-weight: 700;
  line-height: 1.25;
  padding: 0;
  border-bottom: 1px solid transparent;
  border-radius: 0;
}
.title-input:hover,
.title-input:focus {
  border-bottom-color: var(--rule-strong);
}
</style>
