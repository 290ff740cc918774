<script setup lang="ts">
import { criterionIds, criterionLabels, type CriterionId, type Ranking } from '@hornblende/core';
import { computed } from 'vue';
import { useDraft } from '../../stores/draft';

const props = defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const own = computed(() => draft.brief?.weights ?? {});
const rows = computed(() =>
  criterionIds.map(id => ({
    id,
    label: criterionLabels[id].label,
    weight: props.ranking.weights[id],
    said: own.value[id] !== undefined,
  })),
);

function set(id: CriterionId, value: number): void {
  draft.set('weights', { ...own.value, [id]: value });
}
function reset(): void {
  draft.set('weights', {});
}
</script>

<template>
  <div class="weights">
    <label v-for="r in rows" :key="r.id" :title="criterionLabels[r.id].measure">
      <span>{{ r.label }}</span>
      <input
        type="range"
        min="0"
        max="5"
        step="0.5"
        :value="r.weight"
        :aria-label="`Weight of ${r.label}`"
        @input="set(r.id, Number(($event.target as HTMLInputElement).value))"
      />
      <span class="n" :class="{ soft: !r.said }">{{ r.weight }}</span>
    </label>
  </div>
  <button type="button" class="quiet-button" :disabled="!Object.keys(own).length" @click="reset">
    Reset to what the brief implies
  </button>
</template>

<style scoped>
.weights {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 3px 26px;
  margin: 4px 0 10px;
}
label {
  display: grid;
  grid-template-columns: 88px 1fr 28px;
  gap: 8px;
  align-items: center;
  font-size: 14px;
}
input {
  accent-color: var(--deep);
  width: 100%;
}
.n {
  text-align: right;
}
</style>
