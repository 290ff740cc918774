<script setup lang="ts">
import { computed } from 'vue';
import { Checkbox } from '../../../ui/kit';
import SentenceSelect from '../../../ui/SentenceSelect.vue';
import TickList from '../../../ui/TickList.vue';
import { useDraft } from '../../part/draft';
import { words } from '../words';

/** How the part is to look: its colour, how fair its surface is, and what else is wished of it. */
const draft = useDraft();
const b = computed(() => draft.brief!);
</script>

<template>
  <div class="field-row">
    <span
      >Colour:
      <SentenceSelect
        :model-value="b.looks.colour"
        label="Colour"
        :options="words.colour"
        @update:model-value="v => draft.set('looks.colour', v)"
    /></span>
    <span
      >Surface:
      <SentenceSelect
        :model-value="b.looks.finish"
        label="Surface"
        :options="words.finish"
        @update:model-value="v => draft.set('looks.finish', v)"
    /></span>
    <Checkbox :checked="b.looks.clear" @update:checked="v => draft.set('looks.clear', v)"
      >See-through</Checkbox
    >
  </div>
  <TickList
    legend="The surface is to be"
    :options="words.wishes"
    :model-value="b.looks.wishes"
    @update:model-value="v => draft.set('looks.wishes', v)"
  />
</template>
