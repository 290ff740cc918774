<script setup lang="ts">
import type { TrialForeign } from '@hornblende/core/formats';
import { otherwise } from '@hornblende/core/advice';
import { sig } from '@hornblende/core/lib';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import NumberInput from '../../ui/NumberInput.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import TextField from '../../ui/TextField.vue';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';
import { useWorkshop } from '../../stores/workshop';

/** Something that is no filament of the library and stands in the trial all the same: what it is, costs and asks. */
const emit = defineEmits<{ add: [foreign: TrialForeign] }>();
const workshop = useWorkshop();
const name = ref('');
const priceEach = ref<number | null>(null);
const needs = ref('');
const draft = useDraft();
const { weather } = useRanking();
const ways = computed(() => (draft.brief ? otherwise(draft.brief, weather.value) : []));
const options = computed(() => [
  { value: '', label: 'something of your own' },
  ...ways.value.map(w => ({
    value: w.process.key,
    label: w.broken.length ? `${w.process.name} (${w.broken[0]})` : w.process.name,
  })),
]);
const way = ref('');
/** Fills the form in with what is usual of a way to make it; all of it can be changed. */
function begin(key: string): void {
  way.value = key;
  const chosen = ways.value.find(w => w.process.key === key);
  if (!chosen) return;
  name.value = chosen.process.name;
  priceEach.value = Number(sig(chosen.priceEach, 2));
  needs.value = chosen.process.asks;
}
function add(): void {
  if (!name.value.trim()) return;
  emit('add', { name: name.value.trim(), priceEach: priceEach.value, needs: needs.value.trim() });
  name.value = '';
  priceEach.value = null;
  needs.value = '';
  way.value = '';
}
</script>

<template>
  <form class="foreign" data-testid="foreign-form" @submit.prevent="add">
    <p class="begin">
      Begin with
      <SentenceSelect
        :model-value="way"
        label="Way to make it"
        :options="options"
        @update:model-value="begin"
      />
    </p>
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
.begin {
  flex-basis: 100%;
  margin: 0;
}
.foreign > :deep(.text-field) {
  flex: 1 1 200px;
}
.foreign > :deep(.number) {
  width: 130px;
}
</style>
