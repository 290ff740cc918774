<script setup lang="ts">
import { Button } from '../../ui/kit';
import { ref } from 'vue';
import SaidLine from '../../ui/SaidLine.vue';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';
import AnswerDrawing from './AnswerDrawing.vue';
import OfferDemo from './OfferDemo.vue';
import { useNewPart } from './useNewPart';

/** The first minute: say a part in a line, or answer five questions; what will come of it is drawn beside. */
defineProps<{ offersDemo: boolean }>();
defineEmits<{ questions: []; laidOut: [] }>();
const { attempt } = useFeedback();
const line = ref('');
const { said, called, begin } = useNewPart(line);
const busy = ref(false);
async function start(): Promise<void> {
  if (!called.value) return;
  busy.value = true;
  await attempt(() => begin({ name: called.value }));
  busy.value = false;
}
const examples = [
  'hook outside in the sun, 3 kg on a 60 mm arm, ten years, white',
  'clip for a lid that is opened a thousand times',
  'foot under a washing machine, soft, 20 kg for years',
];
</script>

<template>
  <div class="first-part" data-testid="first-part">
    <div>
      <h2>No parts yet</h2>
      <p class="lead">Say what the part must survive, and find the easiest filament that does.</p>
      <form @submit.prevent="start">
        <TextField v-model="line" label="Say it in a line" :maxlength="500" :placeholder="examples[0]!" />
        <Button type="primary" html-type="submit" :disabled="!called" :loading="busy">Begin with this</Button>
      </form>
      <SaidLine v-if="said" :said="said" />
      <p v-else class="small">
        For example:
        <Button v-for="e in examples" :key="e" type="link" size="small" class="example" @click="line = e"
          >“{{ e }}”</Button
        >
      </p>
      <p>
        Or
        <Button @click="$emit('questions')">Begin with five questions</Button>
      </p>
      <OfferDemo v-if="offersDemo" @laid-out="$emit('laidOut')" />
    </div>
    <AnswerDrawing />
  </div>
</template>

<style scoped>
.first-part {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 24px 48px;
  align-items: center;
  padding: 36px 0;
}
.lead {
  font-size: 18px;
}
form {
  display: flex;
  gap: 12px;
  align-items: end;
}
form > :deep(.text-field) {
  flex: 1;
}
.example {
  display: block;
  white-space: normal;
  height: auto;
  text-align: left;
  padding-left: 0;
}
@media (max-width: 960px) {
  .first-part {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
