<script setup lang="ts">
import WorkingNumber from '../../ui/WorkingNumber.vue';

/** The one result of a tool, large, with what it is beneath; a press opens its working. */
defineProps<{ value: string; of: string }>();
defineEmits<{ open: [] }>();
</script>

<template>
  <div class="result">
    <WorkingNumber class="value" @click="$emit('open')">{{ value }}</WorkingNumber>
    <p>{{ of }}</p>
  </div>
</template>

<style scoped>
.value {
  font-size: 34px;
  line-height: 1.2;
  font-weight: 700;
}
p {
  margin: 4px 0 0;
}
</style>
