<script setup lang="ts">
import type { BriefLoad } from '@hornblende/core/brief';
import { computed } from 'vue';
import QuantityInput from '../../ui/QuantityInput.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { directions, type Direction } from './load-direction';
import { actKinds, placedAs, type ActKind, type PlacedLoad } from './placed-load';

/** How a load acts on the part, as part of a sentence: as what, which way, and how hard where it says so itself. */
const props = defineProps<{ load: BriefLoad; number: number }>();
const emit = defineEmits<{ place: [change: Partial<PlacedLoad>] }>();
const said = computed(() => placedAs(props.load));
const ways = (Object.keys(directions) as Direction[]).map(value => ({
  value,
  label: directions[value].label,
}));
/** A knock is what falls or is struck: only a force tells its way. */
const kinds = (Object.keys(actKinds) as ActKind[]).map(value => ({ value, label: actKinds[value] }));
const isKnock = computed(() => props.load.case === 'drop');
const NMM_A_NM = 1000;
</script>

<template>
  <template v-if="!isKnock">
    as
    <SentenceSelect
      :model-value="said.kind"
      :label="`Load ${number}, acting as`"
      :options="kinds"
      @update:model-value="kind => emit('place', { kind })"
    />
  </template>
  <template v-if="said.kind === 'force' || said.kind === 'throughout'">
    {{ isKnock ? 'struck' : 'pulling' }}
    <SentenceSelect
      :model-value="said.way"
      :label="`Load ${number}, pulling`"
      :options="ways"
      @update:model-value="way => emit('place', { way })"
    />.
  </template>
  <template v-else>
    of
    <QuantityInput
      v-if="said.kind === 'pressure'"
      inline
      :model-value="said.amount"
      :label="`Load ${number}, pressure`"
      dimension="stress"
      :digits="3"
      :min="-1000"
      :max="1000"
      :fallback="0.1"
      @update:model-value="amount => amount !== null && emit('place', { amount })"
    />
    <QuantityInput
      v-else
      inline
      :model-value="said.amount / NMM_A_NM"
      :label="`Load ${number}, torque`"
      dimension="torque"
      :min="-100000"
      :max="100000"
      :fallback="1"
      @update:model-value="nm => nm !== null && emit('place', { amount: nm * NMM_A_NM })"
    />
  </template>
</template>
