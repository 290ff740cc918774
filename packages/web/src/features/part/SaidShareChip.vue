<script setup lang="ts">
import { solidFractionOf } from '@hornblende/core/brief';
import { Button, Tooltip } from '../../ui/kit';
import { computed } from 'vue';
import { useDraft } from './draft';

/** Says that the share of plastic was typed, so that walls and infill change no mass; a press undoes it. */
const draft = useDraft();
const geometry = computed(() => draft.brief?.geometry ?? null);
const byWalls = computed(() => {
  const b = draft.brief;
  return b ? solidFractionOf({ ...b, geometry: { ...b.geometry, solidFraction: null } }) : 0;
});
const percent = (share: number): string => `${Math.round(100 * share)} %`;
</script>

<template>
  <Tooltip
    v-if="geometry && geometry.solidFraction !== null"
    :title="`Walls and infill would make it ${percent(byWalls)}. Press to let them.`"
  >
    <Button
      size="small"
      class="said-share"
      data-testid="said-share"
      @click="draft.set('geometry.solidFraction', null)"
    >
      Share that is plastic: {{ percent(geometry.solidFraction) }}, as you said
    </Button>
  </Tooltip>
</template>

<style scoped>
.said-share {
  font-size: 13px;
  height: auto;
  max-width: 100%;
  white-space: normal;
}
</style>
