<script setup lang="ts">
import { Button } from '../../ui/kit';
import { ref } from 'vue';
import { api } from '../../api/client';
import { useFeedback } from '../../ui/useFeedback';

/** Where nothing stands yet: a look round in somebody else's workshop first. */
const emit = defineEmits<{ laidOut: [] }>();
const { attempt } = useFeedback();
const busy = ref(false);
async function layOut(): Promise<void> {
  busy.value = true;
  const done = await attempt(() => api.layOutDemo());
  busy.value = false;
  if (done) emit('laidOut');
}
</script>

<template>
  <p class="offer">
    Or look round first in an invented hill apiary with ten parts, two printers and years of inspections.
    <Button :loading="busy" @click="layOut">Lay the demo out here</Button>
  </p>
</template>

<style scoped>
.offer {
  margin-top: 18px;
}
</style>
