<script setup lang="ts">
import { typical, type Family } from '@hornblende/core/materials';
import { expectedMinutes, printOfCard, type PrintCard } from '@hornblende/core/records';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import { usePrints } from '../../stores/prints';
import FileButton from '../../ui/FileButton.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useJob } from '../../workers/useJob';
import { useDraft } from '../part/draft';

/** The file that goes to the printer beside what is expected here; how they differ is kept for this printer. */
const props = defineProps<{ card: PrintCard; family: Family }>();
const draft = useDraft();
const prints = usePrints();
const { attempt, offerUndo } = useFeedback();
const job = useJob('gcode');
const name = ref('');
const kept = ref(false);
async function read(file: File): Promise<void> {
  name.value = file.name;
  kept.value = false;
  job.ask({ bytes: new Uint8Array(await file.arrayBuffer()) });
}
const compared = computed(() => {
  const r = job.answer.value;
  if (!r || job.failed.value) return null;
  const grams = r.filamentCm3 * typical(props.family, 'densityGcm3');
  const ours = props.card.massG + props.card.supportG;
  const minutes = r.timeS / 60;
  return {
    grams,
    ours,
    minutes,
    factor: minutes / expectedMinutes(props.card),
    mass: grams / ours,
    layers: r.layers,
  };
});
async function keep(): Promise<void> {
  const printerId = draft.content?.printerId;
  if (!compared.value || !printerId) return;
  const entry = printOfCard(props.card, props.family, {
    outcome: 'timed',
    at: new Date().toISOString(),
    partId: draft.id,
    printerId,
    spoolId: null,
    grams: compared.value.grams,
    minutes: compared.value.minutes,
    note: name.value.slice(0, 200),
    placeMm: null,
    sizeMm: null,
  });
  await attempt(async () => {
    const saved = await prints.add(entry);
    kept.value = true;
    offerUndo('Its time counts for this printer now.', async () => {
      await prints.remove(saved);
      kept.value = false;
    });
  });
}
</script>

<template>
  <section class="gcode" aria-label="Beside the file for the printer" data-testid="gcode">
    <h2>Beside the file for the printer</h2>
    <p class="small">
      <FileButton label="Read a G-code file" accept=".gcode,.gco,.g,.nc" @file="read" />
      <span v-if="job.progress.value !== null" role="status">Reading {{ name }}…</span>
    </p>
    <p v-if="job.failed.value" class="out small" role="alert">
      {{ name }} cannot be used: {{ job.failed.value.replace('(file): null ', 'it ') }}.
    </p>
    <template v-else-if="compared">
      <p class="small">
        <b>{{ name }}</b> takes {{ Math.round(compared.minutes) }} min and {{ compared.grams.toFixed(1) }} g
        in {{ compared.layers }} layers; here {{ Math.round(expectedMinutes(card)) }} min and
        {{ compared.ours.toFixed(1) }} g are expected: {{ compared.factor.toFixed(2) }} times the time,
        {{ compared.mass.toFixed(2) }} times the filament.
        <span v-if="Math.abs(Math.log(compared.mass)) > 0.25" class="marginal">
          So far apart, it is most likely sliced with other walls or infill, or is another part.
        </span>
      </p>
      <Button v-if="!kept && draft.content?.printerId" size="small" @click="keep">
        Let its time count for this printer
      </Button>
      <p v-else-if="kept" class="soft small">
        It counts for this printer, at half the weight of a timed print.
      </p>
    </template>
  </section>
</template>

<style scoped>
.gcode {
  border-top: 1px solid var(--rule);
  padding-top: 10px;
  margin-top: 12px;
}
p {
  margin: 4px 0;
}
</style>
