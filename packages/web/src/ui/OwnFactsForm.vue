<script setup lang="ts">
import {
  adhesiveNames,
  adhesives,
  OwnFacts,
  OwnHold,
  plateNames,
  plates,
  statesFacts,
  type Adhesive,
} from '@hornblende/core/materials';
import { Collapse, CollapsePanel } from './kit';
import { computed, ref } from 'vue';
import NumberInput from './NumberInput.vue';
import { limitsOf } from './limits-of';
import OptionSelect from './OptionSelect.vue';
import RowList from './RowList.vue';

/** What one knows of one's own grade or spool that no property says: it beats the library. */
const model = defineModel<OwnFacts | null>({ required: true });
defineProps<{ what: string }>();
const limits = limitsOf(OwnFacts);
const holdLimits = limitsOf(OwnHold);
const facts = computed(() => model.value ?? new OwnFacts());
const open = ref(statesFacts(model.value) ? ['facts'] : []);
const LIBRARY = '';
const asTheLibrary = { value: LIBRARY, label: 'as the library says' };
const choices = {
  drive: [
    asTheLibrary,
    { value: 'any', label: 'through any drive' },
    { value: 'slow-bowden', label: 'through a remote drive, slowly' },
    { value: 'direct', label: 'only with a direct drive' },
  ],
  fumes: [
    asTheLibrary,
    { value: 'low', label: 'hardly any' },
    { value: 'moderate', label: 'some: ventilate' },
    { value: 'styrene', label: 'styrene: extract' },
  ],
  support: [
    asTheLibrary,
    { value: 'breaks', label: 'break off' },
    { value: 'clings', label: 'cling' },
    { value: 'dissolves', label: 'dissolve' },
  ],
  abrasive: [
    asTheLibrary,
    { value: 'yes', label: 'it wears brass' },
    { value: 'no', label: 'it does not wear brass' },
  ],
} as const;
const labels = { drive: 'Feeds', fumes: 'Fumes', support: 'Its supports', abrasive: 'The nozzle' } as const;
const picked = Object.keys(choices) as (keyof typeof choices)[];
const plateOptions = plates.map(value => ({ value, label: plateNames[value] }));
const adhesiveOptions = [
  { value: '' as const, label: 'bare' },
  ...adhesives.map(value => ({ value, label: adhesiveNames[value] })),
];

function put(change: Partial<OwnFacts>): void {
  const next = { ...facts.value, ...change };
  model.value = statesFacts(next) ? next : null;
}
function putHold(at: number, change: Partial<OwnHold>): void {
  put({ holds: facts.value.holds.map((h, i) => (i === at ? { ...h, ...change } : h)) });
}
function addHold(): void {
  put({ holds: [...facts.value.holds, { plate: 'smooth-pei', adhesive: null, energyJm2: 100 }] });
}
</script>

<template>
  <Collapse v-model:active-key="open" ghost class="own-facts" data-testid="own-facts">
    <CollapsePanel key="facts" :header="`What you know of this ${what} yourself`">
      <p class="soft small">What is stated here counts instead of what the library says of its family.</p>
      <div class="form-grid">
        <OptionSelect
          v-for="name in picked"
          :key="name"
          :label="labels[name]"
          :options="choices[name]"
          :model-value="facts[name] ?? LIBRARY"
          @update:model-value="v => put({ [name]: v || null })"
        />
        <NumberInput
          label="Fibres by mass, %"
          nullable
          placeholder="by the library"
          v-bind="limits.number('fibrePct')"
          :model-value="facts.fibrePct"
          @update:model-value="v => put({ fibrePct: v })"
        />
        <NumberInput
          label="Fair as printed, %"
          nullable
          percent
          placeholder="by the library"
          v-bind="limits.number('finish')"
          :model-value="facts.finish"
          @update:model-value="v => put({ finish: v })"
        />
      </div>
      <h3 class="small">Peeled off a plate</h3>
      <p class="soft small">
        Pull a printed strip up at right angles with a luggage scale: newtons over millimetres of width, times
        1000, is the energy in J/m².
      </p>
      <RowList
        v-slot="{ row, at }"
        :rows="facts.holds"
        add="Add a peeling"
        :removing="h => `Remove the peeling from ${plateNames[h.plate]}`"
        @add="addHold"
        @remove="at => put({ holds: facts.holds.filter((_, i) => i !== at) })"
      >
        <OptionSelect
          label="Plate"
          :options="plateOptions"
          :model-value="row.plate"
          @update:model-value="v => putHold(at, { plate: v })"
        />
        <OptionSelect
          label="With"
          :options="adhesiveOptions"
          :model-value="row.adhesive ?? ''"
          @update:model-value="v => putHold(at, { adhesive: (v || null) as Adhesive | null })"
        />
        <NumberInput
          label="J/m²"
          v-bind="holdLimits.number('energyJm2')"
          :model-value="row.energyJm2"
          @update:model-value="v => v !== null && putHold(at, { energyJm2: v })"
        />
      </RowList>
    </CollapsePanel>
  </Collapse>
</template>

<style scoped>
.own-facts {
  grid-column: 1 / -1;
}
</style>
