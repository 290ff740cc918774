<script setup lang="ts">
import { Button, Upload } from 'ant-design-vue';

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
    <Button type="text">{{ label }}</Button>
  </Upload>
</template>
