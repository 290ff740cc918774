<script setup lang="ts">
import { Button } from '../../ui/kit';
import { ref } from 'vue';
import TextField from '../../ui/TextField.vue';

/** A sentence about something in a trial, such as why it leaves; its readings stay on record. */
const props = defineProps<{
  label: string;
  /** What is done with the sentence, and how one leaves without. */
  deed: string;
  stay: string;
  /** What stands already. */
  words?: string;
  /** Whether nothing may be said as well: what stands is taken away. */
  mayBeEmpty?: boolean;
}>();
const emit = defineEmits<{ said: [words: string]; stay: [] }>();
const typed = ref(props.words ?? '');
function say(): void {
  if (props.mayBeEmpty || typed.value.trim()) emit('said', typed.value.trim());
}
</script>

<template>
  <form class="entrant-words" @submit.prevent="say">
    <TextField v-model="typed" :label="label" :maxlength="300" />
    <Button html-type="submit" :disabled="!mayBeEmpty && !typed.trim()">{{ deed }}</Button>
    <Button type="text" @click="emit('stay')">{{ stay }}</Button>
  </form>
</template>

<style scoped>
.entrant-words {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: end;
  padding-left: 8px;
}
.entrant-words > :deep(.text-field) {
  flex: 1 1 160px;
}
</style>
