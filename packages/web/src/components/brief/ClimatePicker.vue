<script setup lang="ts">
import { climateKeys, climateName, type ClimateChoice } from '@hornblende/core';
import { onMounted, onUnmounted, ref } from 'vue';
import { useDraft } from '../../stores/draft';
import { useWeathers } from '../../stores/weathers';
import WeatherWorker from '../../workers/weather.worker?worker';
import type { WeatherAnswer } from '../../workers/weather.worker';

/** Chooses a year of weather: none, a shipped climate, or hourly weather from a file. */
const draft = useDraft();
const weathers = useWeathers();
const file = ref<HTMLInputElement | null>(null);
const busy = ref('');
const problems = ref<string[]>([]);
const notes = ref<string[]>([]);
let worker: Worker | null = null;
const LIMIT_MB = 20;
onMounted(() => {
  void weathers.load().catch(() => undefined);
});
onUnmounted(() => worker?.terminate());

function choose(e: Event): void {
  const value = (e.target as HTMLSelectElement).value;
  if (value === 'file') {
    (e.target as HTMLSelectElement).value = current();
    file.value?.click();
    return;
  }
  if (value.startsWith('own:')) draft.setWeather(value.slice(4));
  else draft.set('heat.climate', (value || null) as ClimateChoice | null);
}
function current(): string {
  const c = draft.brief?.heat.climate ?? null;
  return c === 'own' ? `own:${draft.content?.weatherId ?? ''}` : (c ?? '');
}
function read(e: Event): void {
  const input = e.target as HTMLInputElement;
  const chosen = input.files?.[0];
  input.value = '';
  if (!chosen) return;
  problems.value = [];
  notes.value = [];
  // Told before it is read: a file of this size would only fill the memory.
  if (chosen.size > LIMIT_MB * 1e6) {
    problems.value = [
      `${chosen.name} has ${Math.round(chosen.size / 1e6)} MB; a year of hourly weather is under ${LIMIT_MB} MB.`,
    ];
    return;
  }
  busy.value = chosen.name;
  worker?.terminate();
  worker = new WeatherWorker();
  worker.onmessage = async (answer: MessageEvent<WeatherAnswer>) => {
    if ('problems' in answer.data) problems.value = answer.data.problems;
    else {
      try {
        draft.setWeather(await weathers.add(answer.data.read.weather));
        notes.value = answer.data.read.notes;
      } catch (err) {
        problems.value = [(err as Error).message];
      }
    }
    busy.value = '';
  };
  worker.postMessage(chosen);
}
function cancel(): void {
  worker?.terminate();
  busy.value = '';
}
</script>

<template>
  <div class="climate">
    <label
      >Weather
      <select aria-label="Weather" :value="current()" @change="choose">
        <option value="">one hot, clear day</option>
        <option v-for="k in climateKeys" :key="k" :value="k">a year: {{ climateName(k) }}</option>
        <option v-for="w in weathers.list" :key="w.id" :value="`own:${w.id}`">
          a year: {{ w.name }} (read from a file)
        </option>
        <option value="file">read a file (EPW or hourly CSV)…</option>
      </select>
    </label>
    <input
      ref="file"
      type="file"
      accept=".epw,.csv,.txt"
      class="visually-hidden"
      aria-label="Weather file"
      tabindex="-1"
      @change="read"
    />
    <button type="button" class="quiet-button" @click="file?.click()">Read a weather file</button>
    <span v-if="busy" class="soft small" role="status"
      >Reading {{ busy }}… <button type="button" class="quiet-button" @click="cancel">Cancel</button></span
    >
    <ul v-if="problems.length" class="out small" role="alert" data-testid="weather-problems">
      <li v-for="p in problems.slice(0, 8)" :key="p">{{ p }}</li>
      <li v-if="problems.length > 8">and {{ problems.length - 8 }} more</li>
    </ul>
    <p v-for="n in notes" :key="n" class="soft small">{{ n }}</p>
  </div>
</template>

<style scoped>
.climate {
  margin-bottom: 12px;
}
label {
  display: inline-grid;
  gap: 2px;
  font-size: 13px;
  color: var(--soft);
  margin-right: 10px;
}
select {
  font: inherit;
  font-size: 15px;
  color: var(--ink);
  background: var(--panel);
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  padding: 4px 9px;
}
ul {
  margin: 6px 0 0;
  padding-left: 18px;
}
p {
  margin: 4px 0 0;
}
</style>
