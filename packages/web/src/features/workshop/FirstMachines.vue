<script setup lang="ts">
import type { ListedPart } from '@hornblende/core/api';
import { familiesHere } from '@hornblende/core/workshop';
import { watch } from 'vue';
import { useLibrary } from '../../stores/library';
import { useWeathers } from '../../stores/weathers';
import { useWorkshop } from '../../stores/workshop';
import { useJob } from '../../workers/useJob';

/** Where there is no printer yet: which kinds of machine print what the open parts need. */
const props = defineProps<{ parts: readonly ListedPart[] }>();
const library = useLibrary();
const weathers = useWeathers();
const workshop = useWorkshop();
const task = useJob('firstMachines');
watch(
  () => [props.parts, library.everything, workshop.settings],
  () => {
    if (!props.parts.length) return;
    task.ask({
      parts: props.parts.map(p => ({ name: p.name, brief: p.brief, weather: weathers.byId(p.weatherId) })),
      families: familiesHere(library.everything, workshop.settings),
      prices: workshop.settings.machinePrices,
    });
  },
  { immediate: true },
);
</script>

<template>
  <section data-testid="first-machines">
    <h2>No printer yet</h2>
    <p v-if="!parts.length" class="soft">
      Write a part's brief, and here stands which kind of machine prints what it needs.
    </p>
    <p v-else class="soft">
      The open parts are ranked by their needs alone. These kinds of machine print the first choices; the
      prices are made up, and yours replace them.
    </p>
    <p v-if="task.progress.value !== null" role="status">Asking every kind of machine…</p>
    <p v-if="task.failed.value" class="out" role="alert">
      It could not be worked out: {{ task.failed.value }}
    </p>
    <ol v-if="parts.length && task.answer.value" class="machines">
      <li v-for="m in task.answer.value" :key="m.kind">
        <b>{{ m.name }}</b>, {{ workshop.currency }}{{ m.price }}: prints {{ m.prints.length }} of
        {{ m.prints.length + m.otherwise.length }} first choices<template v-if="m.prints.length"
          >: {{ m.prints.map(p => `${p.part} in ${p.material}`).join(', ') }}</template
        >.
        <span v-for="o in m.otherwise" :key="o.part" class="soft small">
          {{ o.part }} {{ o.instead ? `in ${o.instead} instead of ${o.material}` : 'not at all' }}.
        </span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.machines li {
  margin: 8px 0;
}
</style>
