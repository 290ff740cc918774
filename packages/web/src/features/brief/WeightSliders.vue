<script setup lang="ts">
import { Button, Slider } from '../../ui/kit';
import { TOP_WEIGHT } from '@hornblende/core/brief';
import { criterionIds, type CriterionId } from '@hornblende/core/lib';
import { criterionLabels, type Ranking } from '@hornblende/core/score';
import { computed } from 'vue';
import { useDraft } from '../part/draft';

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
    <div v-for="r in rows" :key="r.id" class="weight" :title="criterionLabels[r.id].measure">
      <span>{{ r.label }}</span>
      <Slider
        :min="0"
        :max="TOP_WEIGHT"
        :step="0.5"
        :value="r.weight"
        :aria-label-for-handle="`Weight of ${r.label}`"
        :tooltip-open="false"
        @update:value="v => set(r.id, v as number)"
      />
      <span class="n" :class="{ soft: !r.said }">{{ r.weight }}</span>
    </div>
  </div>
  <Button type="text" :disabled="!Object.keys(own).length" @click="reset">
    Reset to what the brief implies
  </Button>
</template>

<style scoped>
.weights {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 3px 26px;
  margin: 4px 0 10px;
}
.weight {
  display: grid;
  grid-template-columns: 88px 1fr 28px;
  gap: 12px;
  align-items: center;
  font-size: 14px;
}
.weight :deep(.ant-slider) {
  margin: 6px 4px;
}
.n {
  text-align: right;
}
</style>
