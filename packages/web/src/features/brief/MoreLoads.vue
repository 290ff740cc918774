<script setup lang="ts">
import { Button } from '../../ui/kit';
import type { Ranking } from '@hornblende/core/score';
import { computed } from 'vue';
import { useDraft } from '../part/draft';
import NumberInput from '../../ui/NumberInput.vue';
import QuantityInput from '../../ui/QuantityInput.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { loadOf } from '@hornblende/core/brief';
import LoadSentence from './LoadSentence.vue';
import LoadPicture from './pictures/LoadPicture.vue';
import { words } from './words';

defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const b = computed(() => draft.brief!);
const add = (): void => draft.set('loads', [...b.value.loads, loadOf('cantilever', 'short')]);
const remove = (i: number): void =>
  draft.set(
    'loads',
    b.value.loads.filter((_, j) => j !== i),
  );
</script>

<template>
  <div v-for="(load, i) in b.loads" :key="i" class="load">
    <div class="head">
      <b>Load {{ i + 1 }}</b
      ><Button type="text" @click="remove(i)">Remove</Button>
    </div>
    <p>
      <SentenceSelect
        :model-value="load.kind"
        label="Kind of load"
        :options="words.kind"
        @update:model-value="k => draft.set(`loads.${i}`, { ...load, kind: k, hours: null, cycles: null })"
      />: <LoadSentence :load="load" :index="i" />.
    </p>
    <div class="field-row">
      <QuantityInput
        v-if="load.kind === 'sustained'"
        label="Held in all"
        dimension="time"
        nullable
        placeholder="the whole life"
        :model-value="load.hours"
        :min="0"
        :max="1e6"
        @update:model-value="v => draft.set(`loads.${i}.hours`, v)"
      />
      <NumberInput
        v-if="load.kind === 'cyclic'"
        label="Cycles"
        :min="1"
        :max="1e10"
        nullable
        placeholder="10000"
        :model-value="load.cycles"
        @update:model-value="v => draft.set(`loads.${i}.cycles`, v)"
      />
    </div>
    <LoadPicture :ranking="ranking" :index="i" />
  </div>
  <p v-if="!b.loads.length" class="soft">No load. A part that only sits there needs none.</p>
  <Button type="text" :disabled="b.loads.length >= 20" @click="add">Add a load</Button>
</template>

<style scoped>
.load {
  border-top: 1px solid var(--rule);
  padding: 8px 0;
}
.load p {
  line-height: 2;
  font-size: 16px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
</style>
