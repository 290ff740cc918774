<script setup lang="ts">
import { newBrief } from '@hornblende/core/brief';
import { requiredSafety } from '@hornblende/core/models';
import { computed } from 'vue';
import NumberInput from '../../../ui/NumberInput.vue';
import QuantityInput from '../../../ui/QuantityInput.vue';
import { useWorkshop } from '../../../stores/workshop';
import { useDraft } from '../../part/draft';

/** Mass, cost and number, and limits of one's own where the usual ones do not do. */
const draft = useDraft();
const workshop = useWorkshop();
const b = computed(() => draft.brief!);
const defaults = newBrief('defaults');
</script>

<template>
  <div class="field-row">
    <QuantityInput
      label="At most it weighs"
      dimension="mass"
      nullable
      placeholder="no limit"
      :model-value="b.maxMassG"
      :min="0.01"
      :max="1e6"
      @update:model-value="v => draft.set('maxMassG', v)"
    />
    <QuantityInput
      label="At least it weighs"
      dimension="mass"
      nullable
      placeholder="no limit"
      :model-value="b.minMassG"
      :min="0.01"
      :max="1e6"
      @update:model-value="v => draft.set('minMassG', v)"
    />
    <QuantityInput
      label="It should weigh"
      dimension="mass"
      nullable
      placeholder="nothing in particular"
      :model-value="b.targetMassG"
      :min="0.01"
      :max="1e6"
      @update:model-value="v => draft.set('targetMassG', v)"
    />
    <NumberInput
      :label="`At most one costs, ${workshop.currency}`"
      :min="0.01"
      :max="1e6"
      nullable
      placeholder="no limit"
      :model-value="b.maxCostEach"
      @update:model-value="v => draft.set('maxCostEach', v)"
    />
    <NumberInput
      label="How many"
      :fallback="defaults.quantity"
      :min="1"
      :max="1e6"
      integer
      :model-value="b.quantity"
      @update:model-value="v => draft.set('quantity', v)"
    />
    <NumberInput
      label="Factor of safety"
      nullable
      :placeholder="`${requiredSafety[b.ifItFails]}, by what a failure does`"
      :min="1"
      :max="20"
      :model-value="b.safety"
      @update:model-value="v => draft.set('safety', v)"
    />
    <NumberInput
      label="Most a load may move it, % of its span"
      nullable
      placeholder="5, where it is held"
      :min="0.01"
      :max="100"
      :model-value="b.deflectionLimitPct"
      @update:model-value="v => draft.set('deflectionLimitPct', v)"
    />
  </div>
</template>
