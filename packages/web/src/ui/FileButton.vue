<script setup lang="ts">
import { Upload } from './kit';

/** A button that takes one file from disk and hands it over; nothing is sent anywhere by itself. */
defineProps<{ label: string; accept: string }>();
const emit = defineEmits<{ file: [file: File] }>();
function take(file: File): false {
  emit('file', file);
  return false;
}
</script>

<template>
  <Upload :accept="accept" :show-upload-list="false" :before-upload="take">
    <!-- The kit makes the button of what is inside: another one would be nested in it. -->
    <span class="ant-btn ant-btn-text file">{{ label }}</span>
  </Upload>
</template>

<style scoped>
.file {
  display: inline-block;
  padding: 4px 8px;
  color: var(--info);
  cursor: pointer;
}
.file:hover {
  background: var(--hover);
}
</style>
