<script setup lang="ts">
import type { ListedPlacement } from '@hornblende/core/api';
import { materialWords, standingWords } from '@hornblende/core/service';
import { useLibrary } from '../../../stores/library';
import { Button } from '../../../ui/kit';
import LifeLine from '../LifeLine.vue';
import { dueWords, standingMark } from '../words';

/** The part that is chosen on a map: what it is, how it stands, and the way to it. */
defineProps<{
  part: ListedPlacement;
  /** The longest life that is drawn beside it, years. */
  longest: number;
  /** Whether it was put where it is, while the map is drawn on: it can go back into the area of its place. */
  put: boolean;
}>();
const emit = defineEmits<{ back: [] }>();
const library = useLibrary();
</script>

<template>
  <article class="chosen" data-testid="map-chosen" aria-live="polite">
    <p class="what">
      <b>{{ part.placement.name }}</b>
      <span class="soft small">{{ part.placement.place.where }}</span>
    </p>
    <p :class="standingMark(part.standing).tone">
      {{ standingMark(part.standing).sign }} {{ standingWords(part.standing)
      }}<template v-if="part.due"
        >; {{ part.due.inDays < 0 ? 'was to be looked at' : 'to be looked at' }}
        {{ dueWords(part) }}</template
      >
    </p>
    <p class="soft small">{{ materialWords(part.placement, library.nameOf) }}</p>
    <LifeLine :row="part" :longest="longest" />
    <p class="acts">
      <RouterLink v-slot="{ navigate }" :to="`/service/${part.id}`" custom
        ><Button size="small" @click="navigate">Its story</Button></RouterLink
      >
      <RouterLink v-if="!part.standing.ended" v-slot="{ navigate }" :to="`/service/${part.id}/look`" custom
        ><Button size="small" type="primary" @click="navigate">Look at it</Button></RouterLink
      >
      <Button v-if="put" size="small" type="text" @click="emit('back')">Back into its place</Button>
    </p>
  </article>
</template>

<style scoped>
.chosen {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 24px;
  align-items: center;
  padding: 10px 12px;
  margin-top: 10px;
  border-left: 3px solid var(--gold);
  background: var(--panel);
}
p {
  margin: 0;
}
.what {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  align-items: baseline;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  justify-content: flex-end;
}
@media (max-width: 640px) {
  .chosen {
    grid-template-columns: minmax(0, 1fr);
  }
  .acts {
    justify-content: flex-start;
  }
}
</style>
