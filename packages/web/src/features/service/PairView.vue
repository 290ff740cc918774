<script setup lang="ts">
import { Button } from '../../ui/kit';
import { ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { api, ApiError } from '../../api/client';
import TextField from '../../ui/TextField.vue';

/** This phone paired with the workshop, by the code on the desk's screen. */
const route = useRoute();
const router = useRouter();
// Behind a # the code is in no server's log.
const code = ref(route.hash.replace(/^#/, ''));
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
      Nothing else of the workshop. What it sends over this network is not encrypted.
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
form {
  display: grid;
  gap: 14px;
}
</style>
