<script setup lang="ts">
import type { StoredMap } from '@hornblende/core/api';
import { computed, ref, useId, watch } from 'vue';
import { api } from '../../../api/client';
import { useMaps } from '../../../stores/maps';
import FileButton from '../../../ui/FileButton.vue';
import { AutoComplete, Button } from '../../../ui/kit';
import { shrunk } from '../../../ui/photo';
import TextField from '../../../ui/TextField.vue';
import { useFeedback } from '../../../ui/useFeedback';
import { useListPointers } from '../../../ui/useListPointers';
import type { MapSheetState } from './useMapSheet';

/** What a map is drawn with: its name, the picture beneath it, the places on it, and steps back. */
const props = defineProps<{
  sheet: MapSheetState;
  stored: StoredMap;
  /** What parts in service say of where they are. */
  wheres: readonly string[];
  /** The place that is chosen. */
  chosen: number | null;
}>();
const emit = defineEmits<{ done: []; choose: [index: number | null] }>();
const maps = useMaps();
const { ask, attempt, tell } = useFeedback();
const map = computed(() => props.sheet.map.value);
const area = computed(() => (props.chosen === null ? null : (map.value.areas[props.chosen] ?? null)));
const options = computed(() =>
  props.wheres.filter(w => !map.value.areas.some(a => a.name === w)).map(value => ({ value })),
);
const saved = computed(
  () =>
    ({ saved: 'Saved', waiting: 'Saving …', failed: 'Not saved yet: it is tried again' })[
      props.sheet.saveState.value
    ],
);

/** Names as they are typed: taken over when the field is left. */
const mapName = ref(map.value.name);
const areaName = ref('');
const nameId = useId();
const nameField = ref<{ $el: HTMLElement } | null>(null);
const isNameOpen = useListPointers(nameField);
watch(
  () => map.value.name,
  name => (mapName.value = name),
);
watch(
  () => area.value?.name ?? '',
  name => (areaName.value = name),
  { immediate: true },
);
const nameProblem = computed(() => (mapName.value.trim() ? '' : 'must not be empty'));
const areaProblem = computed(() => {
  if (!areaName.value.trim()) return 'must not be empty';
  const isTaken = map.value.areas.some((a, n) => a.name === areaName.value.trim() && n !== props.chosen);
  return isTaken ? 'stands on this map already' : '';
});
function rename(): void {
  const name = mapName.value.trim();
  if (!nameProblem.value && name !== map.value.name) props.sheet.change({ name });
}
function nameArea(): void {
  const name = areaName.value.trim();
  if (areaProblem.value || !area.value || name === area.value.name) return;
  props.sheet.change({ areas: map.value.areas.map((a, n) => (n === props.chosen ? { ...a, name } : a)) });
}
function dropArea(): void {
  props.sheet.change({ areas: map.value.areas.filter((_, n) => n !== props.chosen) });
  emit('choose', null);
}
/** Of the pictures that a map takes the narrowest, its width as a multiple of its height. */
const NARROWEST = 0.25;
/** And the widest. */
const WIDEST = 4;
async function takePicture(file: File): Promise<void> {
  await attempt(async () => {
    const blob = await shrunk(file);
    const picture = await createImageBitmap(blob);
    const proportion = Math.min(WIDEST, Math.max(NARROWEST, picture.width / picture.height));
    picture.close();
    const { sha256 } = await api.sendPhoto(blob);
    props.sheet.change({ photo: { sha256, caption: '' }, proportion });
  });
}
function remove(): void {
  ask({
    title: `Remove the map ${map.value.name} for good?`,
    content: 'The parts on it stay as they are.',
    deed: 'Remove it',
    danger: true,
    act: async () => {
      await props.sheet.flush();
      await maps.remove(props.stored.id);
      tell('The map is removed.');
    },
  });
}
</script>

<template>
  <div class="tools" data-testid="map-tools">
    <div class="line">
      <TextField
        v-model="mapName"
        label="What the map is called"
        :maxlength="120"
        :problem="nameProblem"
        @blur="rename"
      />
      <FileButton
        :label="map.photo ? 'Another picture beneath' : 'Picture beneath'"
        accept="image/*"
        @file="takePicture"
      />
      <Button v-if="map.photo" type="text" @click="sheet.change({ photo: null })">Without it</Button>
      <Button :disabled="!sheet.canUndo.value" @click="sheet.undo">Undo</Button>
      <Button :disabled="!sheet.canRedo.value" @click="sheet.redo">Redo</Button>
      <Button type="text" danger @click="remove">Remove the map</Button>
      <Button type="primary" @click="emit('done')">Done</Button>
    </div>
    <!-- Always as high, so that the sheet does not move under the hand that presses a place. -->
    <div class="line place" data-testid="map-area-tools">
      <template v-if="area">
        <span class="named">
          <label :for="nameId" class="soft small">This place is called</label>
          <AutoComplete
            :id="nameId"
            ref="nameField"
            v-model:value="areaName"
            :options="options"
            @dropdown-visible-change="(now: boolean) => (isNameOpen = now)"
            @select="nameArea"
            @blur="nameArea"
          />
        </span>
        <Button type="text" danger @click="dropArea">Remove the place</Button>
        <span v-if="areaProblem" class="out small" role="status">{{ areaProblem }}</span>
      </template>
      <span v-else class="soft small">
        Drag over a free spot to draw a place; drag places and parts where they are, or move them by arrow
        keys.
      </span>
      <span class="soft small saved" role="status">{{ saved }}.</span>
    </div>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: end;
}
.named {
  display: grid;
  gap: 2px;
  min-width: 240px;
}
.place {
  min-height: 56px;
  margin: 4px 0;
}
.saved {
  margin-left: auto;
}
</style>
