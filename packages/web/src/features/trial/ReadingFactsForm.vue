<script setup lang="ts">
import { doors, pieceStates, type TrialCriterion } from '@hornblende/core/formats';
import { breakManners, breakMannerWords } from '@hornblende/core/trials';
import { computed } from 'vue';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import { doorWords, stateWords } from './answer-words';
import type { ReadingFacts } from './reading-facts';

/** What is said of a piece beside its figure: how it broke, how the door stood, how thick it is. */
const facts = defineModel<ReadingFacts>({ required: true });
const props = defineProps<{ criterion: TrialCriterion }>();
const id = computed(() => props.criterion.id);
const breaks = computed(() => ['break', 'drop', 'bend'].includes(id.value));
const orNone = <T extends string>(
  values: readonly T[],
  words: Record<T, string>,
): { value: T | ''; label: string }[] => [
  { value: '', label: 'not said' },
  ...values.map(value => ({ value, label: words[value] })),
];
const put = (change: Partial<ReadingFacts>): void => {
  facts.value = { ...facts.value, ...change };
};
</script>

<template>
  <div v-if="breaks || id === 'lift' || id === 'movement'" class="facts">
    <OptionSelect
      v-if="breaks"
      :model-value="facts.broke ?? ''"
      label="How it gave way"
      :options="orNone(breakManners, breakMannerWords)"
      @update:model-value="v => put({ broke: v || null })"
    />
    <template v-if="id === 'lift'">
      <OptionSelect
        :model-value="facts.door ?? ''"
        label="Printer’s door"
        :options="orNone(doors, doorWords)"
        @update:model-value="v => put({ door: v || null })"
      />
      <OptionSelect
        :model-value="facts.state ?? ''"
        label="The piece is"
        :options="orNone(pieceStates, stateWords)"
        @update:model-value="v => put({ state: v || null })"
      />
    </template>
    <NumberInput
      v-if="id === 'movement'"
      :model-value="facts.thicknessMm"
      label="Strip’s thickness, mm"
      :min="0.1"
      :max="100"
      nullable
      @update:model-value="v => put({ thicknessMm: v })"
    />
  </div>
</template>

<style scoped>
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}
.facts > :deep(.option-select) {
  width: 220px;
}
.facts > :deep(.number) {
  width: 170px;
}
</style>
