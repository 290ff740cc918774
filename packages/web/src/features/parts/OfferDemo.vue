<script setup lang="ts">
import { Button } from '../../ui/kit';
import { ref } from 'vue';
import { api } from '../../api/client';
import { useTour } from '../../stores/tour';
import { useFeedback } from '../../ui/useFeedback';

/** Where nothing stands yet: a look round in somebody else's workshop first. */
const emit = defineEmits<{ laidOut: [] }>();
const tour = useTour();
const { attempt } = useFeedback();
const busy = ref(false);
async function layOut(): Promise<boolean> {
  busy.value = true;
  const done = await attempt(() => api.layOutDemo());
  busy.value = false;
  if (done) emit('laidOut');
  return done;
}
async function layOutAndTour(): Promise<void> {
  if (await layOut()) tour.start();
}
</script>

<template>
  <div class="offer">
    <p>
      Or look round first in an invented hill apiary with ten parts, two printers and years of inspections.
    </p>
    <p class="deeds">
      <Button :loading="busy" @click="layOut">Lay the demo out here</Button>
      <Button type="link" :disabled="busy" @click="layOutAndTour"
        >Lay it out, and show me round (two minutes)</Button
      >
    </p>
  </div>
</template>

<style scoped>
.offer {
  margin-top: 18px;
  border-top: 1px solid var(--rule);
  padding-top: 12px;
}
.deeds {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
}
</style>
