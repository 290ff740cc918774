<script setup lang="ts">
import type { Xyz } from '@hornblende/core/geometry';
import { useElementSize } from '@vueuse/core';
import { onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue';
import { useSettings } from '../../stores/settings';
import LineDrawing from './LineDrawing.vue';
import { Stage, type StageColours, type StageContent } from './three-stage';

/**
 * The part on its plate: turned by mouse, touch and keys. Where the browser cannot draw in three dimensions a plain
 * drawing stands in, and everything else works as well.
 */
const props = defineProps<{ content: StageContent; label: string }>();
const emit = defineEmits<{ pick: [at: Xyz]; shown: [] }>();
const settings = useSettings();
const canvas = ref<HTMLCanvasElement | null>(null);
const frame = ref<HTMLElement | null>(null);
const stage = shallowRef<Stage | null>(null);
const flat = ref(false);
const { width, height } = useElementSize(frame);

function colours(): StageColours {
  const style = getComputedStyle(document.documentElement);
  const of = (name: string): string => style.getPropertyValue(name).trim() || '#888';
  return {
    ground: of('--well'),
    part: of('--s-stiffness'),
    inside: of('--s-heat'),
    line: of('--ink'),
    plate: of('--panel-soft'),
    rule: of('--rule'),
    corner: of('--out'),
    overhang: of('--marginal-fill'),
    thin: of('--info'),
    load: of('--gold'),
    disc: of('--deep'),
    nothing: of('--panel-soft'),
    all: of('--s-heat'),
    more: of('--ink'),
  };
}
onMounted(() => {
  if (!canvas.value) return;
  try {
    stage.value = new Stage(canvas.value);
  } catch {
    // No WebGL here: the plain drawing stands in.
    flat.value = true;
  }
});
onBeforeUnmount(() => stage.value?.dispose());
watch(
  [stage, () => props.content, () => settings.theme],
  () => {
    stage.value?.show(props.content, colours());
    emit('shown');
  },
  { flush: 'post', immediate: true },
);
watch([stage, width, height], () => stage.value?.resize(width.value, height.value), { flush: 'post' });

function onKey(e: KeyboardEvent): void {
  if (!e.ctrlKey && !e.metaKey && !e.altKey && stage.value?.key(e.key)) e.preventDefault();
}
let pressed: { x: number; y: number } | null = null;
function press(e: PointerEvent): void {
  pressed = { x: e.clientX, y: e.clientY };
}
/** A press that did not turn the view picks a place. */
function release(e: PointerEvent): void {
  if (!pressed || Math.hypot(e.clientX - pressed.x, e.clientY - pressed.y) > 4 || !canvas.value) return;
  const box = canvas.value.getBoundingClientRect();
  const at = stage.value?.pick(
    (2 * (e.clientX - box.left)) / box.width - 1,
    1 - (2 * (e.clientY - box.top)) / box.height,
  );
  if (at) emit('pick', at);
}
const still = (): boolean => window.matchMedia('(prefers-reduced-motion: reduce)').matches;
defineExpose({
  flyTo: (at: Xyz) => stage.value?.flyTo(at, still()),
  overview: () => stage.value?.overview(),
});
</script>

<template>
  <div ref="frame" class="frame" :data-drawn="flat ? 'lines' : 'space'" data-testid="stage">
    <LineDrawing v-if="flat" :edges="content.edges" :turn="content.turn" :label="label" />
    <canvas
      v-else
      ref="canvas"
      tabindex="0"
      role="img"
      :aria-label="`${label}. Arrow keys turn it, + and − come nearer, Home shows all of it.`"
      @keydown="onKey"
      @pointerdown="press"
      @pointerup="release"
    />
  </div>
</template>

<style scoped>
.frame {
  position: relative;
  background: var(--well);
  height: 100%;
  min-height: 260px;
  overflow: hidden;
}
canvas {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  touch-action: none;
}
</style>
