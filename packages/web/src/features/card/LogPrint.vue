<script setup lang="ts">
import type { Family, PrintCard, PrintEntry } from '@hornblende/core';
import { Button, Radio, RadioGroup } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { useLibrary } from '../../stores/library';
import { usePrints } from '../../stores/prints';
import type { ShelfRow } from '../../stores/shelf';
import { dayText } from '../../ui/day-text';
import NumberInput from '../../ui/NumberInput.vue';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useDraft } from '../part/draft';
import { usePlate } from '../shape/usePlate';

/**
 * A print written down: what it took comes off the spool, the next one is given a fresh place on the plate, and how it
 * went counts in this printer's record.
 */
const props = defineProps<{ card: PrintCard; family: Family; spool: ShelfRow | null }>();
const draft = useDraft();
const prints = usePrints();
const library = useLibrary();
const { placeFor, printerName } = usePlate(() => props.family);
const { attempt, offerUndo } = useFeedback();
const grams = ref<number | null>(null);
const minutes = ref<number | null>(null);
const went = ref<'well' | 'failed'>('well');
const what = ref('');
const busy = ref(false);
watch(
  [() => props.card.part, () => props.card.material],
  () => {
    grams.value = Math.round(props.card.massG + props.card.supportG);
    minutes.value = null;
  },
  { immediate: true },
);
const sizeMm = computed<[number, number]>(() => {
  const g = draft.brief?.geometry;
  return [g?.xMm ?? 10, g?.yMm ?? 10];
});
const place = computed(() => placeFor(sizeMm.value));
const printerId = computed(() => draft.content?.printerId ?? null);
const mine = computed(() =>
  prints.list.filter(p => p.print.partId === draft.id && p.print.outcome !== 'timed'),
);

async function log(): Promise<void> {
  const { card, spool } = props;
  if (printerId.value === null || grams.value === null) return;
  const entry: PrintEntry = {
    format: 'hornblende-print',
    version: 1,
    outcome: went.value,
    at: new Date().toISOString(),
    part: card.part,
    partId: draft.id,
    printerId: printerId.value,
    material: card.material,
    family: props.family.grade?.family ?? props.family.key,
    spoolId: spool?.id ?? null,
    grams: grams.value,
    minutes: minutes.value,
    expectedMinutes: Math.max(0.1, 60 * card.hours),
    note: went.value === 'failed' ? what.value.trim() : '',
    plate: card.plate,
    placeMm: place.value ? [place.value.xMm, place.value.yMm] : null,
    sizeMm: sizeMm.value,
  };
  busy.value = true;
  await attempt(async () => {
    const saved = await prints.add(entry);
    const off = spool ? ` ${entry.grams} g came off ${spool.spool.code || spool.name}.` : '';
    offerUndo(`The print is written down.${off}`, () => prints.remove(saved));
    what.value = '';
    minutes.value = null;
  });
  busy.value = false;
}
</script>

<template>
  <section class="log" aria-label="Write this print down">
    <h2>Write this print down</h2>
    <p v-if="printerId === null" class="soft small">
      Say in the brief which printer it is for, and its prints can be written down.
    </p>
    <template v-else>
      <p v-if="!spool" class="soft small">
        Choose a spool above, and what the print took comes off it. Spools are kept under
        <RouterLink to="/workshop/spools">Workshop</RouterLink>.
      </p>
      <div class="field-row">
        <RadioGroup v-model:value="went" aria-label="How it went">
          <Radio value="well">It went well</Radio>
          <Radio value="failed">It failed</Radio>
        </RadioGroup>
        <NumberInput v-model="grams" label="Grams that went in" :min="0" :max="20000" />
        <NumberInput v-model="minutes" label="Minutes it took" :min="0.1" :max="100000" nullable />
        <TextField v-if="went === 'failed'" v-model="what" label="What went wrong" :maxlength="120" />
        <Button :loading="busy" :disabled="grams === null" @click="log">{{
          spool ? `Take it off ${spool.spool.code || 'the spool'}` : 'Write it down'
        }}</Button>
      </div>
      <p v-if="place" class="soft small">
        On {{ printerName }} it stands {{ Math.round(place.xMm) }} mm from the left and
        {{ Math.round(place.yMm) }} mm from the front: the freshest place off the cool rim.
      </p>
      <ul v-if="mine.length" class="small" data-testid="print-log">
        <li v-for="{ id, print } in mine.slice(0, 6)" :key="id">
          {{ dayText(print.at) }}, {{ library.find(print.material)?.name ?? print.material }},
          {{ print.grams }} g<template v-if="print.minutes"> in {{ print.minutes }} min</template>:
          <span :class="print.outcome === 'well' ? 'fits' : 'out'">{{
            print.outcome === 'well' ? '● went well' : '○ failed'
          }}</span>
          {{ print.note }}
          <RouterLink v-if="print.outcome === 'failed'" :to="{ path: '/fix', query: { print: id } }"
            >Find out why</RouterLink
          >
        </li>
      </ul>
    </template>
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
ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
}
</style>
