<script setup lang="ts">
import type { StoredMap } from '@hornblende/core/api';
import { mapMarks } from '@hornblende/core/service';
import { computed, ref, watch } from 'vue';
import { useHealth } from '../../../stores/health';
import { useService } from '../../../stores/service';
import { Button } from '../../../ui/kit';
import { freshName, type Box } from './map-areas';
import MapChosen from './MapChosen.vue';
import MapSheet from './MapSheet.vue';
import MapTools from './MapTools.vue';
import { forMap, placesOf } from './places-of';
import { useMapSheet } from './useMapSheet';

/** One map: to find parts on and, at the desk, to be drawn on. */
const props = defineProps<{ stored: StoredMap; beginDrawing?: boolean }>();
const service = useService();
const health = useHealth();
const sheet = useMapSheet(props.stored);
const { map } = sheet;
const drawing = ref(props.beginDrawing ?? false);
const chosenPart = ref<string | null>(null);
const chosenArea = ref<number | null>(null);
// What was saved elsewhere, or renamed, is followed as long as nothing is being drawn here.
watch(
  () => props.stored,
  stored => {
    if (!drawing.value) sheet.follow(stored.map);
  },
);
const wheres = computed(() => placesOf(service.list));
const chosen = computed(() => service.list.find(p => p.id === chosenPart.value) ?? null);
const longest = computed(() => Math.max(0, ...service.list.map(p => p.standing.years)));
const off = computed(() => {
  const ids = new Set(mapMarks(map.value, forMap(service.list)).off);
  return service.list.filter(p => ids.has(p.id));
});
/** Parts that are named as not being on the map. */
const MOST_NAMED = 12;
const spotless = (id: string): { spots: typeof map.value.spots } => ({
  spots: map.value.spots.filter(s => s.placementId !== id),
});
/** Puts a part in the middle of the map, to be moved from there. */
function putOn(id: string): void {
  sheet.change({ spots: [...spotless(id).spots, { placementId: id, x: 0.5, y: 0.5 }] });
  chosenPart.value = id;
}
function addArea(box: Box): void {
  chosenArea.value = map.value.areas.length;
  sheet.change({ areas: [...map.value.areas, { name: freshName(wheres.value, map.value.areas), ...box }] });
}
function stopDrawing(): void {
  drawing.value = false;
  chosenArea.value = null;
  void sheet.flush();
}
</script>

<template>
  <div class="board">
    <MapTools
      v-if="drawing"
      :sheet="sheet"
      :stored="stored"
      :wheres="wheres"
      :chosen="chosenArea"
      @choose="n => (chosenArea = n)"
      @done="stopDrawing"
    />
    <div v-else class="acts">
      <slot />
      <span class="soft small">A dashed ring: it was to be looked at.</span>
      <Button v-if="!health.isPhone" class="draw" @click="drawing = true">Draw on it</Button>
    </div>
    <MapSheet
      :map="map"
      :parts="service.list"
      :drawing="drawing"
      :chosen-part="chosenPart"
      :chosen-area="chosenArea"
      @part="id => (chosenPart = id)"
      @area="n => (chosenArea = n)"
      @change="sheet.change"
      @drawn="addArea"
    />
    <MapChosen
      v-if="chosen"
      :part="chosen"
      :longest="longest"
      :put="drawing && map.spots.some(s => s.placementId === chosenPart)"
      @back="sheet.change(spotless(chosen.id))"
    />
    <p v-if="off.length" class="small" data-testid="map-off">
      Not on this map:
      <template v-for="(p, n) in off.slice(0, MOST_NAMED)" :key="p.id"
        >{{ n ? ', ' : ''
        }}<Button v-if="drawing" type="link" size="small" @click="putOn(p.id)">{{ p.placement.name }}</Button
        ><RouterLink v-else :to="`/service/${p.id}`">{{ p.placement.name }}</RouterLink></template
      ><template v-if="off.length > MOST_NAMED"> and {{ off.length - MOST_NAMED }} more</template>.
      <span v-if="drawing" class="soft">Press one to put it on, or draw its place.</span>
    </p>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  margin: 0 0 8px;
}
.draw {
  margin-left: auto;
}
</style>
