<script setup lang="ts">
import type { TrialForeign } from '@hornblende/core/formats';
import { Button } from '../../ui/kit';
import { ref } from 'vue';
import NumberInput from '../../ui/NumberInput.vue';
import TextField from '../../ui/TextField.vue';
import { useWorkshop } from '../../stores/workshop';

/** Something that is no filament of the library and stands in the trial all the same: what it is, costs and asks. */
const emit = defineEmits<{ add: [foreign: TrialForeign] }>();
const workshop = useWorkshop();
const name = ref('');
const priceEach = ref<number | null>(null);
const needs = ref('');
function add(): void {
  if (!name.value.trim()) return;
  emit('add', { name: name.value.trim(), priceEach: priceEach.value, needs: needs.value.trim() });
  name.value = '';
  priceEach.value = null;
  needs.value = '';
}
</script>

<template>
  <form class="foreign" data-testid="foreign-form" @submit.prevent="add">
    <TextField
      v-model="name"
      label="From elsewhere"
      :maxlength="80"
      placeholder="turned brass, a resin print, bought"
    />
    <NumberInput
      v-model="priceEach"
      :label="`Price each, ${workshop.currency}`"
      :min="0"
      :max="1e6"
      nullable
    />
    <TextField
      v-model="needs"
      label="What it asks besides"
      :maxlength="300"
      placeholder="gloves, washing, curing; three weeks"
    />
    <Button html-type="submit" :disabled="!name.trim()">Set it beside them</Button>
  </form>
</template>

<style scoped>
.foreign {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}
.foreign > :deep(.text-field) {
  flex: 1 1 200px;
}
.foreign > :deep(.number) {
  width: 130px;
}
</style>
