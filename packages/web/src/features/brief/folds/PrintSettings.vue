<script setup lang="ts">
import { newBrief } from '@hornblende/core/brief';
import { computed } from 'vue';
import NumberInput from '../../../ui/NumberInput.vue';
import QuantityInput from '../../../ui/QuantityInput.vue';
import SentenceSelect from '../../../ui/SentenceSelect.vue';
import { useDraft } from '../../part/draft';
import PrintAids from '../../part/PrintAids.vue';
import { useRanking } from '../../part/useRanking';
import { words } from '../words';

/** How the part is to be printed: walls, skins and infill decide what a section carries. */
const draft = useDraft();
const b = computed(() => draft.brief!);
const defaults = newBrief('defaults').print;
const { first, candidates } = useRanking();
/** What the aids are told of: the first choice. */
const family = computed(() => candidates.value.find(f => f.key === first.value?.material) ?? null);
</script>

<template>
  <p class="soft small">Walls carry, infill holds them apart: strength, stiffness, mass and time follow.</p>
  <div class="field-row">
    <NumberInput
      label="Walls"
      integer
      :fallback="defaults.walls"
      :min="0"
      :max="50"
      :model-value="b.print.walls"
      @update:model-value="v => draft.set('print.walls', v)"
    />
    <QuantityInput
      label="Line width"
      dimension="length"
      :digits="3"
      :fallback="defaults.lineMm"
      :min="0.1"
      :max="2"
      :model-value="b.print.lineMm"
      @update:model-value="v => draft.set('print.lineMm', v)"
    />
    <NumberInput
      label="Layers on top"
      integer
      :fallback="defaults.topLayers"
      :min="0"
      :max="500"
      :model-value="b.print.topLayers"
      @update:model-value="v => draft.set('print.topLayers', v)"
    />
    <NumberInput
      label="Layers at the bottom"
      integer
      :fallback="defaults.bottomLayers"
      :min="0"
      :max="500"
      :model-value="b.print.bottomLayers"
      @update:model-value="v => draft.set('print.bottomLayers', v)"
    />
    <QuantityInput
      label="Layer height"
      dimension="length"
      :digits="3"
      :fallback="defaults.layerMm"
      :min="0.04"
      :max="1"
      :model-value="b.print.layerMm"
      @update:model-value="v => draft.set('print.layerMm', v)"
    />
    <NumberInput
      v-if="b.print.pattern !== 'solid'"
      label="Infill"
      percent
      :fallback="defaults.infill"
      :min="0"
      :max="1"
      :model-value="b.print.infill"
      @update:model-value="v => draft.set('print.infill', v)"
    />
  </div>
  <p class="sentence">
    Its inside is
    <SentenceSelect
      :model-value="b.print.pattern"
      label="Infill pattern"
      :options="words.pattern"
      @update:model-value="v => draft.set('print.pattern', v)"
    />; after printing it
    <SentenceSelect
      :model-value="b.print.bake"
      label="Baking"
      :options="words.bake"
      @update:model-value="v => draft.set('print.bake', v)"
    />.
  </p>
  <PrintAids :family="family" />
</template>

<style scoped>
.sentence {
  margin: 14px 0 0;
}
</style>
