<script setup lang="ts">
import type { Decision, DecisionSummary } from '@hornblende/core/api';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import { api } from '../../api/client';
import { useSettings } from '../../stores/settings';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';

/** Says of a decision that it no longer stands, and why. The record is kept as it was taken. */
const props = defineProps<{ decision: DecisionSummary }>();
const emit = defineEmits<{ close: []; withdrawn: [decision: Decision] }>();
const settings = useSettings();
const { attempt } = useFeedback();
const reason = ref('');
const tried = ref(false);
const noReason = computed(() =>
  tried.value && !reason.value.trim() ? 'Say in a few words why it no longer stands.' : '',
);
const noName = computed(() => (tried.value && !settings.who.trim() ? 'Say who withdraws it.' : ''));

async function withdraw(): Promise<void> {
  tried.value = true;
  if (noReason.value || noName.value) return;
  const { partId, id } = props.decision;
  await attempt(async () => {
    emit('withdrawn', await api.withdraw(partId, id, reason.value.trim(), settings.who.trim()));
  });
}
</script>

<template>
  <form class="withdraw" data-testid="withdraw-form" @submit.prevent="withdraw">
    <p class="small soft">The record stays as it is, marked as withdrawn; nothing is deleted.</p>
    <TextField
      v-model="reason"
      label="Why it no longer stands"
      :rows="2"
      :maxlength="4000"
      :problem="noReason"
    />
    <TextField v-model="settings.who" label="Who withdraws it" :maxlength="120" :problem="noName" />
    <div>
      <Button danger html-type="submit">Withdraw the decision</Button>
      <Button type="text" @click="emit('close')">Leave it standing</Button>
    </div>
  </form>
</template>

<style scoped>
.withdraw {
  display: grid;
  gap: 10px;
  border-left: 3px solid var(--out);
  padding: 6px 14px;
  margin: 8px 0;
}
.withdraw p {
  margin: 0;
}
</style>
