<script setup lang="ts">
import type { SurfaceWish } from '@hornblende/core';
import { computed } from 'vue';
import { Checkbox } from '../../../ui/kit';
import SentenceSelect from '../../../ui/SentenceSelect.vue';
import { useDraft } from '../../part/draft';
import { words } from '../words';

/** How the part is to look: its colour, how fair its surface is, and what else is wished of it. */
const draft = useDraft();
const b = computed(() => draft.brief!);
function wish(one: SurfaceWish, on: boolean): void {
  const now = b.value.looks.wishes;
  draft.set('looks.wishes', on ? [...now, one] : now.filter(w => w !== one));
}
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
  <fieldset>
    <legend class="soft small">The surface is to be</legend>
    <Checkbox
      v-for="w in words.wishes"
      :key="w.value"
      :checked="b.looks.wishes.includes(w.value)"
      @update:checked="v => wish(w.value, v)"
      >{{ w.label }}</Checkbox
    >
  </fieldset>
</template>
