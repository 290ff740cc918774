<script setup lang="ts">
import { OwnPlate } from '@hornblende/core/workshop';
import NumberInput from '../../ui/NumberInput.vue';
import { limitsOf } from '../../ui/limits-of';
import OptionSelect from '../../ui/OptionSelect.vue';
import RowList from '../../ui/RowList.vue';
import TextField from '../../ui/TextField.vue';
import PeelTest from './PeelTest.vue';
import { printerChoices } from './printer-words';

/** Plates and films of one's own, each like one that is known, with how it holds beside it. */
const model = defineModel<OwnPlate[]>({ required: true });
const limits = limitsOf(OwnPlate);
function put(at: number, change: Partial<OwnPlate>): void {
  model.value = model.value.map((p, i) => (i === at ? { ...p, ...change } : p));
}
</script>

<template>
  <div>
    <h3 class="small">Plates and films of your own</h3>
    <RowList
      v-slot="{ row, at }"
      :rows="model"
      add="Add a plate"
      :removing="p => `Remove ${p.name || 'this plate'}`"
      @add="model = [...model, { name: '', like: 'smooth-pei', hold: 1 }]"
      @remove="at => (model = model.filter((_, i) => i !== at))"
    >
      <TextField
        label="Called"
        :model-value="row.name"
        v-bind="limits.text('name')"
        :problem="row.name.trim() ? '' : 'A plate needs a name.'"
        @update:model-value="name => put(at, { name })"
      />
      <OptionSelect
        label="Like"
        :options="printerChoices.plates"
        :model-value="row.like"
        @update:model-value="like => put(at, { like })"
      />
      <NumberInput
        label="Holds, % of a new one"
        percent
        v-bind="limits.number('hold')"
        :model-value="row.hold"
        @update:model-value="hold => hold !== null && put(at, { hold })"
      />
      <PeelTest
        :like="row.like"
        :least="limits.number('hold').min"
        :most="limits.number('hold').max"
        @hold="hold => put(at, { hold })"
      />
    </RowList>
  </div>
</template>
