<script setup lang="ts">
import type { ClimateChoice } from '@hornblende/core/brief';
import { climateKeys, climateName } from '@hornblende/core/climate';
import { Button } from '../../ui/kit';
import { computed, onMounted, ref, watch } from 'vue';
import { useWeathers } from '../../stores/weathers';
import FileButton from '../../ui/FileButton.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import { useJob } from '../../workers/useJob';
import { useDraft } from '../part/draft';

/** Chooses a year of weather: none, a shipped climate, or hourly weather from a file. */
const draft = useDraft();
const weathers = useWeathers();
const job = useJob('weather');
const busy = ref('');
const problems = ref<string[]>([]);
const notes = ref<string[]>([]);
const LIMIT_MB = 20;
const MOST_PROBLEMS_LISTED = 8;
onMounted(() => void weathers.load().catch(() => undefined));

const options = computed(() => [
  { value: '', label: 'one hot, clear day' },
  ...climateKeys.map(k => ({ value: k as string, label: `a year: ${climateName(k)}` })),
  ...weathers.list.map(w => ({ value: `own:${w.id}`, label: `a year: ${w.name} (read from a file)` })),
]);
const chosen = computed({
  get: () => {
    const climate = draft.brief?.heat.climate ?? null;
    return climate === 'own' ? `own:${draft.content?.weatherId ?? ''}` : (climate ?? '');
  },
  set: value => {
    if (value.startsWith('own:')) draft.setWeather(value.slice(4));
    else draft.set('heat.climate', (value || null) as ClimateChoice | null);
  },
});

function read(file: File): void {
  problems.value = [];
  notes.value = [];
  // Told before it is read: a file of this size would only fill the memory.
  if (file.size > LIMIT_MB * 1e6) {
    const size = `${file.name} has ${Math.round(file.size / 1e6)} MB`;
    problems.value = [`${size}; a year of hourly weather is under ${LIMIT_MB} MB.`];
    return;
  }
  busy.value = file.name;
  job.ask(file);
}
watch(job.answer, async answer => {
  if (!answer) return;
  if ('problems' in answer) problems.value = answer.problems;
  else {
    try {
      draft.setWeather(await weathers.add(answer.read.weather));
      notes.value = answer.read.notes;
    } catch (e) {
      problems.value = [(e as Error).message];
    }
  }
  busy.value = '';
});
watch(job.failed, message => {
  if (!message) return;
  problems.value = [`${busy.value} could not be read: ${message}`];
  busy.value = '';
});
function cancel(): void {
  job.cancel();
  busy.value = '';
}
</script>

<template>
  <div class="climate">
    <div class="choice">
      <OptionSelect v-model="chosen" label="Weather" :options="options" />
      <FileButton label="Read a weather file (EPW or hourly CSV)" accept=".epw,.csv,.txt" @file="read" />
    </div>
    <p v-if="busy" class="soft small" role="status">
      Reading {{ busy }}… <Button type="text" size="small" @click="cancel">Cancel</Button>
    </p>
    <ul v-if="problems.length" class="out small" role="alert" data-testid="weather-problems">
      <li v-for="p in problems.slice(0, MOST_PROBLEMS_LISTED)" :key="p">{{ p }}</li>
      <li v-if="problems.length > MOST_PROBLEMS_LISTED">
        and {{ problems.length - MOST_PROBLEMS_LISTED }} more
      </li>
    </ul>
    <p v-for="n in notes" :key="n" class="soft small">{{ n }}</p>
  </div>
</template>

<style scoped>
.climate {
  margin-bottom: 12px;
}
.choice {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
}
</style>
