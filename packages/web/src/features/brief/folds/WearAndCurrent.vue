<script setup lang="ts">
import { computed } from 'vue';
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
  <p v-if="b.electrical !== 'none'" class="notice small">
    No filament here is judged for flame or tracking: ask for a grade with a flame class on its data
    sheet.<template v-if="b.electrical === 'mains'">
      Enclosures of mains parts need certified flammability, ingress and earthing: use a certified one, to
      local code, by a qualified person.</template
    >
  </p>
</template>
