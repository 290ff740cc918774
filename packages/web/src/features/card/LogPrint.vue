<script setup lang="ts">
import type { PrintCard } from '@hornblende/core';
import { Button, Radio, RadioGroup } from 'ant-design-vue';
import { ref, watch } from 'vue';
import { useShelf, type ShelfRow } from '../../stores/shelf';
import NumberInput from '../../ui/NumberInput.vue';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';

/** A print written down: what it took comes off the spool, and how it went stands in its ledger. */
const props = defineProps<{ card: PrintCard; spool: ShelfRow | null }>();
const shelf = useShelf();
const { attempt, offerUndo } = useFeedback();
const grams = ref<number | null>(null);
const went = ref<'well' | 'failed'>('well');
const what = ref('');
const busy = ref(false);
watch(
  [() => props.card.part, () => props.card.material],
  () => (grams.value = Math.round(props.card.massG)),
  { immediate: true },
);

async function log(): Promise<void> {
  const { spool } = props;
  if (!spool || grams.value === null) return;
  const outcome =
    went.value === 'well' ? 'went well' : `failed${what.value.trim() ? `: ${what.value.trim()}` : ''}`;
  const note = `${props.card.part}, ${outcome}`.slice(0, 200);
  const event = {
    kind: 'printed' as const,
    at: new Date().toISOString(),
    grams: grams.value,
    note,
    dryingC: null,
    hours: null,
  };
  busy.value = true;
  await attempt(async () => {
    const before = spool.spool;
    const saved = await shelf.save({ ...before, events: [...before.events, event] }, spool);
    offerUndo(`${grams.value} g came off ${before.code || spool.name}.`, () => shelf.save(before, saved));
    what.value = '';
  });
  busy.value = false;
}
</script>

<template>
  <section class="log" aria-label="Write this print down">
    <h2>Write this print down</h2>
    <p v-if="!spool" class="soft small">
      Choose a spool above, and what the print took comes off it. Spools are kept under
      <RouterLink to="/workshop/spools">Workshop</RouterLink>.
    </p>
    <div v-else class="field-row">
      <RadioGroup v-model:value="went" aria-label="How it went">
        <Radio value="well">It went well</Radio>
        <Radio value="failed">It failed</Radio>
      </RadioGroup>
      <NumberInput v-model="grams" label="Grams that went in" :min="0" :max="20000" />
      <TextField v-if="went === 'failed'" v-model="what" label="What went wrong" :maxlength="120" />
      <Button :loading="busy" :disabled="grams === null" @click="log"
        >Take it off {{ spool.spool.code || 'the spool' }}</Button
      >
    </div>
  </section>
</template>

<style scoped>
.log {
  border-top: 1px solid var(--rule);
  padding-top: 10px;
  margin: 12px 0 14px;
}
h2 {
  font-size: 16px;
  margin: 0 0 6px;
}
</style>
