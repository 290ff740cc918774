<script setup lang="ts">
import { computed } from 'vue';
import QuantityInput from '../../../ui/QuantityInput.vue';
import SentenceSelect from '../../../ui/SentenceSelect.vue';
import { useDraft } from '../../part/draft';
import { words } from '../words';

/** What rubs on the part, and what electricity it meets. */
const draft = useDraft();
const b = computed(() => draft.brief!);
</script>

<template>
  <p>
    On it,
    <SentenceSelect
      :model-value="b.wear"
      label="What rubs on it"
      :options="words.wear"
      @update:model-value="v => draft.set('wear', v)"
    />; it meets
    <SentenceSelect
      :model-value="b.electrical"
      label="Electricity"
      :options="words.electrical"
      @update:model-value="v => draft.set('electrical', v)"
    />.
  </p>
  <div v-if="b.wear !== 'none'" class="field-row">
    <QuantityInput
      label="Pressure where it rubs"
      dimension="stress"
      nullable
      placeholder="by its loads"
      :model-value="b.wearPressureMPa"
      :min="0"
      :max="100"
      @update:model-value="v => draft.set('wearPressureMPa', v)"
    />
    <QuantityInput
      label="Speed at which it rubs"
      dimension="speed"
      nullable
      placeholder="slow"
      :model-value="b.wearSpeedMs"
      :min="0"
      :max="20"
      @update:model-value="v => draft.set('wearSpeedMs', v)"
    />
  </div>
  <p v-if="b.electrical === 'static-safe'" class="notice small">
    What a print conducts follows from how it is printed: measure its resistance to ground.
  </p>
  <p v-else-if="b.electrical === 'mains' || b.electrical === 'low-voltage'" class="notice small">
    A flame class is for moulded plaques of a grade, and no filament here is judged for tracking: ask for its
    data sheet.<template v-if="b.electrical === 'mains'">
      Enclosures of mains parts need certified flammability, ingress and earthing: use a certified one, to
      local code, by a qualified person.</template
    >
  </p>
</template>
