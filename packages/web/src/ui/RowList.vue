<script setup lang="ts" generic="T">
import { DeleteOutlined, PlusOutlined } from '@ant-design/icons-vue';
import { Button } from './kit';

/** Rows of a form that one adds and takes away; the fields of a row stand in the slot. */
defineProps<{
  rows: readonly T[];
  /** What the button that adds one says. */
  add: string;
  /** What the button that takes a row away is called. */
  removing: (row: T) => string;
}>();
const emit = defineEmits<{ add: []; remove: [at: number] }>();
</script>

<template>
  <div v-for="(row, i) in rows" :key="i" class="row">
    <slot :row="row" :at="i" />
    <Button :aria-label="removing(row)" @click="emit('remove', i)"><DeleteOutlined /></Button>
  </div>
  <Button @click="emit('add')"><PlusOutlined /> {{ add }}</Button>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr) 128px auto;
  gap: 10px;
  align-items: end;
  margin-bottom: 8px;
}
@media (max-width: 500px) {
  .row {
    grid-template-columns: minmax(0, 1fr) auto;
  }
}
</style>
