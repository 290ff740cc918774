<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { onMounted, ref } from 'vue';
import { api } from '../api/client';
import { problemLines } from '../api/problem-lines';
import { Button } from '../ui/kit';
import TextField from '../ui/TextField.vue';

/** The desk is locked: nothing is shown until its pass phrase is given. What was typed stays in the browser. */
const emit = defineEmits<{ opened: [] }>();
const phrase = ref('');
const problem = ref('');
const asking = ref(false);
const form = ref<HTMLFormElement | null>(null);
onMounted(() => form.value?.querySelector('input')?.focus());

async function open(): Promise<void> {
  if (!phrase.value || asking.value) return;
  asking.value = true;
  try {
    await api.openDesk(phrase.value);
    emit('opened');
  } catch (e) {
    problem.value = `${problemLines(e).join('; ')}.`;
    phrase.value = '';
  } finally {
    asking.value = false;
  }
}
// Let in meanwhile, in another tab or because the pass phrase was taken away.
useEventListener(window, 'focus', async () => {
  const { open: isOpen } = await api.desk().catch(() => ({ open: false }));
  if (isOpen) emit('opened');
});
</script>

<template>
  <main class="locked" data-testid="locked-desk">
    <form ref="form" @submit.prevent="open">
      <h1>This desk is locked</h1>
      <p>Give its pass phrase to go on. What you were writing is kept in this browser.</p>
      <TextField
        v-model="phrase"
        label="Pass phrase"
        type="password"
        autocomplete="current-password"
        :maxlength="200"
        :problem="problem"
      />
      <Button type="primary" html-type="submit" :loading="asking" :disabled="!phrase">Open the desk</Button>
      <p class="soft small">
        If it is forgotten: <code>hornblende unlock</code>, by whoever owns the workshop’s folder, takes it
        away.
      </p>
    </form>
  </main>
</template>

<style scoped>
.locked {
  display: grid;
  place-items: center;
  height: 100vh;
  padding: 20px;
  background: var(--ground);
  color: var(--ink);
}
form {
  display: grid;
  gap: 12px;
  width: min(420px, 100%);
  border-left: 3px solid var(--gold);
  padding: 20px 24px;
  background: var(--panel);
}
h1,
p {
  margin: 0;
}
</style>
