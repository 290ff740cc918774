<script setup lang="ts">
import { Button } from '../../ui/kit';
import { ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { api } from '../../api/client';
import { ApiError } from '../../api/request';
import TextField from '../../ui/TextField.vue';

/** This phone paired with the workshop, by the code on the desk's screen. */
const route = useRoute();
const router = useRouter();
// Behind a # the code is in no server's log.
const [given = '', fingerprint = ''] = route.hash.replace(/^#/, '').split('.');
const code = ref(given);
const isEncrypted = window.location.protocol === 'https:';
const name = ref('');
const problem = ref('');
const busy = ref(false);
async function pair(): Promise<void> {
  problem.value = '';
  busy.value = true;
  try {
    await api.pair(code.value.trim(), name.value.trim() || 'a phone');
    await router.replace('/service');
  } catch (e) {
    problem.value = e instanceof ApiError ? e.message : 'It did not work.';
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <div class="page pair" data-testid="pair-page">
    <h1>Pair this phone</h1>
    <p>
      With it, this phone sees the parts that are out there, and writes down looks at them with photographs.
      Nothing else of the workshop.
      <template v-if="!isEncrypted">What it sends over this network is not encrypted.</template>
    </p>
    <p v-if="isEncrypted && fingerprint" class="small" data-testid="fingerprint">
      The desk showed this certificate: <code>{{ fingerprint }}</code> Where this phone names another one (at
      the lock beside the address), somebody stands between: do not pair it.
    </p>
    <form @submit.prevent="pair">
      <TextField v-model="code" label="Code on the desk’s screen" :maxlength="12" inputmode="numeric" />
      <TextField v-model="name" label="What this phone is called" :maxlength="60" placeholder="Una’s" />
      <p v-if="problem" class="out" role="alert">{{ problem }}</p>
      <Button type="primary" size="large" html-type="submit" :disabled="!code.trim() || busy">Pair it</Button>
    </form>
  </div>
</template>

<style scoped>
.pair {
  max-width: 460px;
}
code {
  overflow-wrap: anywhere;
}
form {
  display: grid;
  gap: 14px;
}
</style>
