<script setup lang="ts">
import { Button, Progress } from '../../ui/kit';
import type { FieldsByLay } from './useFieldsByLay';

/** For how many ways to lay the part its loads are worked out on the shape, and the rest at a press. */
const props = defineProps<{ fields: FieldsByLay }>();
</script>

<template>
  <div v-if="props.fields.known.value" class="fields small" data-testid="lay-fields">
    <span v-if="fields.known.value!.ways === fields.known.value!.of" class="soft"
      >Its loads are worked out on its own shape for each way.</span
    >
    <template v-else>
      <span class="soft"
        >Its loads are worked out on its own shape for {{ fields.known.value!.ways }} of
        {{ fields.known.value!.of }} ways; for the others a bar stands.</span
      >
      <Button v-if="fields.progress.value === null" size="small" @click="fields.work"
        >Work the others out too</Button
      >
    </template>
    <template v-if="fields.progress.value !== null">
      <Progress
        class="bar"
        role="status"
        :percent="Math.round(100 * fields.progress.value)"
        size="small"
        aria-label="Working out each way"
      />
      <Button type="text" size="small" @click="fields.stop">Stop</Button>
    </template>
    <span v-if="fields.failed.value" class="out" role="alert"
      >It cannot be worked out: {{ fields.failed.value }}</span
    >
  </div>
</template>

<style scoped>
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
  margin-bottom: 8px;
}
.bar {
  flex: 0 1 240px;
}
</style>
