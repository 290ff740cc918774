<script setup lang="ts">
import type { ListedPlacement } from '@hornblende/core/api';
import type { PlaceMap } from '@hornblende/core/formats';
import { mapMarks, standingWords, type MapMark } from '@hornblende/core/service';
import { computed, ref, shallowRef } from 'vue';
import { dueWords, standingMark } from '../words';
import { between, moved, onMap, resized, type Area, type Box } from './map-areas';
import { forMap } from './places-of';
import { useSheetDrag } from './useSheetDrag';

/** A map with its places and the parts in them; while it is drawn on, all of them can be moved by hand or by arrow. */
const props = defineProps<{
  map: PlaceMap;
  parts: readonly ListedPlacement[];
  /** Whether it is drawn on. */
  drawing: boolean;
  /** The part or the place that is chosen. */
  chosenPart: string | null;
  chosenArea: number | null;
}>();
const emit = defineEmits<{
  part: [id: string | null];
  area: [index: number | null];
  change: [part: Partial<PlaceMap>];
  drawn: [box: Box];
}>();
const sheet = ref<HTMLElement | null>(null);
const { follow } = useSheetDrag(sheet);
/** What stands otherwise while the hand is on it. */
const held = shallowRef<Partial<PlaceMap>>({});
const shown = computed(() => ({ ...props.map, ...held.value }));
/** A place as it is being drawn. */
const rubber = shallowRef<Box | null>(null);

const byId = computed(() => new Map(props.parts.map(p => [p.id, p])));
const marks = computed(() =>
  mapMarks(shown.value, forMap(props.parts)).marks.map(mark => ({
    ...mark,
    part: byId.value.get(mark.id)!,
  })),
);
const isOver = (p: ListedPlacement): boolean => p.due !== null && p.due.inDays < 0;
function told(p: ListedPlacement): string {
  const due = p.due ? `, ${isOver(p) ? 'was to be looked at' : 'to be looked at'} ${dueWords(p)}` : '';
  return `${p.placement.name}: ${standingWords(p.standing)}${due}`;
}
const percent = (share: number): string => `${(100 * share).toFixed(2)}%`;

function withArea(index: number, area: Area): Partial<PlaceMap> {
  return { areas: props.map.areas.map((a, n) => (n === index ? area : a)) };
}
function withSpot(id: string, at: { x: number; y: number }): Partial<PlaceMap> {
  return { spots: [...props.map.spots.filter(s => s.placementId !== id), { placementId: id, ...at }] };
}
/** Follows a press to where it is let go: shown on the way, and a change at its end. */
function carry(press: PointerEvent, at: (dx: number, dy: number) => Partial<PlaceMap>): void {
  const by = (from: { x: number; y: number }, to: { x: number; y: number }): Partial<PlaceMap> =>
    at(to.x - from.x, to.y - from.y);
  follow(
    press,
    (from, to) => (held.value = by(from, to)),
    (from, to) => {
      held.value = {};
      emit('change', by(from, to));
    },
  );
}
function pressSheet(press: PointerEvent): void {
  emit('area', null);
  // While it is drawn on the part stays chosen: what is told of it must not go, and the sheet with it, under the hand.
  if (!props.drawing) {
    emit('part', null);
    return;
  }
  follow(
    press,
    (from, to) => (rubber.value = between(onMap(from.x, from.y), onMap(to.x, to.y))),
    () => {
      if (rubber.value) emit('drawn', rubber.value);
      rubber.value = null;
    },
  );
}
function pressArea(press: PointerEvent, index: number): void {
  emit('area', index);
  const area = props.map.areas[index]!;
  carry(press, (dx, dy) => withArea(index, moved(area, dx, dy)));
}
function pressCorner(press: PointerEvent, index: number): void {
  emit('area', index);
  const area = props.map.areas[index]!;
  carry(press, (dx, dy) => withArea(index, resized(area, dx, dy)));
}
function pressMark(press: PointerEvent, mark: MapMark): void {
  emit('part', mark.id);
  if (props.drawing) carry(press, (dx, dy) => withSpot(mark.id, onMap(mark.x + dx, mark.y + dy)));
}
/** How far an arrow moves what has the focus, in shares of the map. */
const STEP = 0.01;
const arrows: Record<string, [number, number]> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};
function areaKey(event: KeyboardEvent, index: number): void {
  const by = arrows[event.key];
  const area = props.map.areas[index]!;
  if (by) {
    event.preventDefault();
    emit('change', withArea(index, (event.shiftKey ? resized : moved)(area, ...by)));
  } else if (event.key === 'Delete') emit('change', { areas: props.map.areas.filter((_, n) => n !== index) });
}
function markKey(event: KeyboardEvent, mark: MapMark): void {
  const by = arrows[event.key];
  if (!props.drawing || !by) return;
  event.preventDefault();
  emit('change', withSpot(mark.id, onMap(mark.x + by[0], mark.y + by[1])));
}
</script>

<template>
  <div class="scroll">
    <div
      ref="sheet"
      class="sheet"
      :class="{ drawing }"
      :style="{ aspectRatio: String(map.proportion) }"
      data-testid="map-sheet"
      @pointerdown.self="pressSheet"
    >
      <img v-if="map.photo" :src="`/api/photos/${map.photo.sha256}`" alt="" draggable="false" />
      <component
        :is="drawing ? 'button' : 'div'"
        v-for="(a, n) in shown.areas"
        :key="`area ${n}`"
        class="area"
        :class="{ chosen: drawing && n === chosenArea }"
        :style="{
          left: percent(a.x),
          top: percent(a.y),
          width: percent(a.width),
          height: percent(a.height),
        }"
        :aria-label="drawing ? `Place: ${a.name}. Arrows move it, with Shift they size it.` : undefined"
        :type="drawing ? 'button' : undefined"
        data-testid="map-area"
        @pointerdown="drawing && pressArea($event, n)"
        @focus="drawing && emit('area', n)"
        @keydown="drawing && areaKey($event, n)"
      >
        <span class="area-name">{{ a.name }}</span>
        <span
          v-if="drawing"
          class="corner"
          data-testid="map-corner"
          @pointerdown.stop="pressCorner($event, n)"
        ></span>
      </component>
      <div
        v-if="rubber"
        class="area rubber"
        :style="{
          left: percent(rubber.x),
          top: percent(rubber.y),
          width: percent(rubber.width),
          height: percent(rubber.height),
        }"
      ></div>
      <button
        v-for="m in marks"
        :key="m.id"
        type="button"
        class="mark"
        :class="[standingMark(m.part.standing).tone, { over: isOver(m.part), chosen: m.id === chosenPart }]"
        :style="{ left: percent(m.x), top: percent(m.y) }"
        :aria-label="told(m.part)"
        :title="told(m.part)"
        :aria-pressed="m.id === chosenPart"
        data-testid="map-mark"
        @pointerdown="pressMark($event, m)"
        @focus="emit('part', m.id)"
        @click="emit('part', m.id)"
        @keydown="markKey($event, m)"
      >
        {{ standingMark(m.part.standing).sign }}
        <span class="mark-name" aria-hidden="true" :style="{ '--room': m.room }">{{
          m.part.placement.name
        }}</span>
      </button>
    </div>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
.sheet {
  position: relative;
  min-width: 640px;
  container-type: inline-size;
  max-height: 72vh;
  max-width: 100%;
  margin-inline: auto;
  border: 1px solid var(--rule-strong);
  border-radius: 6px;
  background: var(--panel);
  overflow: hidden;
}
.sheet.drawing {
  cursor: crosshair;
  touch-action: none;
}
img {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  opacity: 0.75;
  pointer-events: none;
}
.area {
  position: absolute;
  padding: 0;
  font: inherit;
  color: var(--ink);
  text-align: left;
  border: 1.5px solid var(--rule-strong);
  border-radius: 4px;
  background: color-mix(in srgb, var(--ground) 62%, transparent);
}
/* What is not drawn on lets a press through to the sheet. */
.sheet:not(.drawing) .area {
  pointer-events: none;
}
.drawing .area {
  cursor: move;
}
.area.chosen,
.area.rubber {
  border-color: var(--gold);
  border-style: dashed;
}
.area-name {
  position: absolute;
  left: 6px;
  right: 6px;
  top: 3px;
  font-size: 13px;
  line-height: 1.25;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  overflow: hidden;
}
.corner {
  position: absolute;
  right: -1px;
  bottom: -1px;
  width: 16px;
  height: 16px;
  border: solid var(--gold);
  border-width: 0 3px 3px 0;
  cursor: nwse-resize;
}
.mark {
  position: absolute;
  width: 28px;
  height: 28px;
  margin: -14px 0 0 -14px;
  padding: 0;
  font: inherit;
  font-size: 16px;
  line-height: 1;
  border: 1px solid var(--rule-strong);
  border-radius: 50%;
  background: var(--ground);
  cursor: pointer;
}
/* A share of the sheet's width, less a little between neighbours. */
.mark-name {
  position: absolute;
  top: 27px;
  left: 50%;
  width: max-content;
  max-width: calc(100cqw * var(--room) - 8px);
  transform: translateX(-50%);
  font-size: 11px;
  line-height: 1.25;
  color: var(--ink);
  text-align: center;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 3;
  overflow: hidden;
  overflow-wrap: break-word;
  pointer-events: none;
}
.mark.over {
  border: 2.5px dashed var(--gold);
}
.mark.chosen {
  outline: 3px solid var(--gold);
  outline-offset: 1px;
}
</style>
