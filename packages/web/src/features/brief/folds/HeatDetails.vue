<script setup lang="ts">
import { glassOf, hoursADayOf } from '@hornblende/core/brief';
import type { Glass } from '@hornblende/core/models';
import type { Ranking } from '@hornblende/core/score';
import { computed } from 'vue';
import NumberInput from '../../../ui/NumberInput.vue';
import QuantityInput from '../../../ui/QuantityInput.vue';
import SentenceSelect from '../../../ui/SentenceSelect.vue';
import { useUnits } from '../../../ui/useUnits';
import { useDraft } from '../../part/draft';
import { words } from '../words';

/** How long it is hot, how cold it gets, what glass the sun comes through, and how often it is steamed. */
const props = defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const { show } = useUnits();
const heat = computed(() => draft.brief!.heat);
const glass = computed({
  get: (): Glass | 'auto' => heat.value.glass ?? 'auto',
  set: v => draft.set('heat.glass', v === 'auto' ? null : v),
});
/** "as its place has it" says what that is. */
const glassOptions = computed(() => {
  const own = words.glass.find(o => o.value === glassOf(draft.brief!))?.label ?? '';
  return words.glass.map(o => (o.value === 'auto' ? { ...o, label: `${own}, as its place has it` } : o));
});
const coldest = computed(() => show(props.ranking.conditions.partMinC, 'temperature'));
</script>

<template>
  <div class="field-row">
    <NumberInput
      label="Hours a day at its hottest"
      nullable
      :placeholder="String(hoursADayOf({ heat: { ...heat, hoursADay: null } }))"
      :min="0"
      :max="24"
      :model-value="heat.hoursADay"
      @update:model-value="v => draft.set('heat.hoursADay', v)"
    />
    <QuantityInput
      label="Coldest the part itself gets"
      dimension="temperature"
      nullable
      :placeholder="coldest"
      :min="-60"
      :max="400"
      :model-value="heat.partMinC"
      @update:model-value="v => draft.set('heat.partMinC', v)"
    />
    <span v-if="draft.brief!.sun !== 'none'"
      >Before the sun: <SentenceSelect v-model="glass" label="Glass before the sun" :options="glassOptions"
    /></span>
    <NumberInput
      label="Times it is steamed in its life"
      nullable
      placeholder="never"
      integer
      :min="0"
      :max="1e5"
      :model-value="heat.steamCycles || null"
      @update:model-value="v => draft.set('heat.steamCycles', v ?? 0)"
    />
    <QuantityInput
      v-if="heat.steamCycles > 0"
      label="Steam"
      dimension="temperature"
      :min="100"
      :max="150"
      :model-value="heat.steamC"
      @update:model-value="v => draft.set('heat.steamC', v)"
    />
  </div>
  <p v-if="heat.setting === 'closed-vehicle'">
    Rubber in a hot car
    <SentenceSelect
      :model-value="heat.rubber"
      label="Rubber in a hot car"
      :options="words.rubber"
      @update:model-value="v => draft.set('heat.rubber', v)"
    />. Practitioners disagree; one’s own log decides better than either.
  </p>
</template>

<style scoped>
.field-row {
  margin: 12px 0;
}
</style>
