<script setup lang="ts">
import { Button } from '../../ui/kit';
import { ref } from 'vue';
import TextField from '../../ui/TextField.vue';

/** Why something leaves a trial: it stays on record, with its readings. */
defineProps<{ name: string }>();
const emit = defineEmits<{ out: [reason: string]; stay: [] }>();
const reason = ref('');
function putOut(): void {
  if (reason.value.trim()) emit('out', reason.value.trim());
}
</script>

<template>
  <form class="out-form" @submit.prevent="putOut">
    <TextField v-model="reason" :label="`Why ${name} is out`" :maxlength="300" />
    <Button html-type="submit" :disabled="!reason.trim()">Put it out</Button>
    <Button type="text" @click="emit('stay')">Leave it in</Button>
  </form>
</template>

<style scoped>
.out-form {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: end;
  padding-left: 8px;
}
.out-form > :deep(.text-field) {
  flex: 1 1 160px;
}
</style>
