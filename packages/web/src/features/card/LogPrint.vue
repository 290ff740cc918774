<script setup lang="ts">
import type { StoredPrint } from '@hornblende/core/api';
import type { Family } from '@hornblende/core/materials';
import { expectedGrams, printOfCard, type PrintCard } from '@hornblende/core/records';
import { Button } from '../../ui/kit';
import { computed, onMounted, ref, watch } from 'vue';
import { useLibrary } from '../../stores/library';
import { usePrints } from '../../stores/prints';
import type { ShelfRow } from '../../stores/shelf';
import { dayText } from '../../ui/day-text';
import { provideFormProblems } from '../../ui/form-problems';
import { useFeedback } from '../../ui/useFeedback';
import { useDraft } from '../part/draft';
import { usePlate } from '../shape/usePlate';
import PrintEditor from './PrintEditor.vue';
import PrintFields from './PrintFields.vue';
import { entryPart, type PrintTold } from './print-told';

/** Prints of the part that are listed at first. */
const MOST_SHOWN = 6;

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
const form = provideFormProblems();
/** The print as it is told until something is said: it went well, and took what was expected. */
const usual = (): PrintTold => ({
  outcome: 'well',
  grams: expectedGrams(props.card),
  minutes: null,
  note: '',
});
const told = ref(usual());
const busy = ref(false);
const changing = ref<StoredPrint | null>(null);
const shown = ref(MOST_SHOWN);
watch([() => props.card.part, () => props.card.material], () => {
  told.value = usual();
});
onMounted(() => {
  if (prints.state !== 'ready') prints.load().catch(() => undefined);
});
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
  if (printerId.value === null || form.focusFirst()) return;
  const entry = printOfCard(card, props.family, {
    at: new Date().toISOString(),
    partId: draft.id,
    printerId: printerId.value,
    spoolId: spool?.id ?? null,
    ...entryPart(told.value),
    placeMm: place.value ? [place.value.xMm, place.value.yMm] : null,
    sizeMm: sizeMm.value,
  });
  busy.value = true;
  await attempt(async () => {
    const saved = await prints.add(entry);
    const off = spool ? ` ${entry.grams} g came off ${spool.spool.code || spool.name}.` : '';
    offerUndo(`The print is written down.${off}`, () => prints.remove(saved));
    told.value = usual();
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
        <PrintFields v-model="told" />
        <Button :loading="busy" @click="log">{{
          spool ? `Take it off ${spool.spool.code || 'the spool'}` : 'Write it down'
        }}</Button>
      </div>
      <p v-if="place" class="soft small place">
        On {{ printerName }} it stands {{ Math.round(place.xMm) }} mm from the left and
        {{ Math.round(place.yMm) }} mm from the front: the freshest place off the cool rim.
      </p>
      <ul v-if="mine.length" class="small" data-testid="print-log">
        <li v-for="stored in mine.slice(0, shown)" :key="stored.id">
          {{ dayText(stored.print.at) }},
          {{ library.find(stored.print.material)?.name ?? stored.print.material }},
          {{ stored.print.grams }} g<template v-if="stored.print.minutes">
            in {{ stored.print.minutes }} min</template
          >:
          <span :class="stored.print.outcome === 'well' ? 'fits' : 'out'">{{
            stored.print.outcome === 'well' ? '● went well' : '○ failed'
          }}</span>
          {{ stored.print.note }}
          <RouterLink
            v-if="stored.print.outcome === 'failed'"
            :to="{ path: '/fix', query: { print: stored.id } }"
            >Find out why</RouterLink
          >
          <Button type="link" size="small" @click="changing = stored">Change it</Button>
        </li>
      </ul>
      <Button v-if="mine.length > shown" type="link" size="small" @click="shown = mine.length">
        Show the {{ mine.length - shown }} earlier ones
      </Button>
      <PrintEditor v-if="changing" :key="changing.id" :stored="changing" @close="changing = null" />
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
.place {
  margin: 8px 0 0;
}
ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
}
ul :deep(.ant-btn) {
  font-size: inherit;
}
</style>
