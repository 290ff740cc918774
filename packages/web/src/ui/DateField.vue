<script setup lang="ts">
import { DatePicker } from 'ant-design-vue';
import { useId } from 'vue';

/** A date (or a moment), as ISO text in local time; empty where it may be. */
const model = defineModel<string>({ required: true });
defineProps<{ label: string; time?: boolean; placeholder?: string }>();
const id = useId();
</script>

<template>
  <div class="date-field">
    <label :for="id">{{ label }}</label>
    <DatePicker
      :id="id"
      :value="model || undefined"
      :show-time="time ? { format: 'HH:mm' } : false"
      :format="time ? 'D MMM YYYY, HH:mm' : 'D MMM YYYY'"
      :value-format="time ? 'YYYY-MM-DDTHH:mm' : 'YYYY-MM-DD'"
      :placeholder="placeholder ?? 'day'"
      :allow-clear="!time"
      @update:value="v => (model = typeof v === 'string' ? v : '')"
    />
  </div>
</template>

<style scoped>
.date-field {
  display: grid;
  gap: 2px;
  min-width: 0;
}
label {
  font-size: 13px;
  color: var(--soft);
}
</style>
