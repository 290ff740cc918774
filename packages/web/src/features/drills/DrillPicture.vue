<script setup lang="ts">
import type { Drill } from '@hornblende/core/drills';
import { computed } from 'vue';
import DurometerDrawing from '../bench/drawings/DurometerDrawing.vue';
import SlicedSection from './SlicedSection.vue';

/** What is asked about, drawn from the very inputs that the answer is worked out from; nothing where words do. */
const props = defineProps<{ drill: Drill }>();
type Inputs = Record<string, unknown>;
const inputs = computed(() => (props.drill.refs[0]?.inputs ?? {}) as Inputs);
const numberOf = (name: string): number => Number(inputs.value[name]);
</script>

<template>
  <DurometerDrawing
    v-if="drill.kind === 'durometer'"
    class="picture"
    untold
    :layers="numberOf('layers')"
    :layer-mm="numberOf('layerMm')"
    :hardness="null"
  />
  <DurometerDrawing
    v-else-if="drill.kind === 'half-depth'"
    class="picture"
    untold
    :layers="1"
    :layer-mm="6"
    :hardness="numberOf('hardness')"
  />
  <SlicedSection
    v-else-if="drill.kind === 'walls-or-infill'"
    class="picture"
    :width-mm="numberOf('widthMm')"
    :height-mm="numberOf('heightMm')"
    :walls="numberOf('walls')"
    :infill="numberOf('infill')"
  />
</template>

<style scoped>
.picture {
  width: 100%;
  max-width: 360px;
  margin: 4px 0 10px;
}
</style>
