<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { computed, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { useParts } from '../../stores/parts';
import { useTour } from '../../stores/tour';
import { Tour } from '../../ui/kit';
import { tourStops } from './tour-stops';

/** Shows somebody round on the real pages, a stop after another; it is left at any moment. */
const tour = useTour();
const parts = useParts();
const router = useRouter();
const at = ref(0);
const shown = ref(false);
/** The part that is shown: one that is decided has most to show. */
const part = computed(() => (parts.list.find(p => p.decision) ?? parts.list[0])?.id ?? null);
/** Without a part there is none of the pages of one. */
const stops = computed(() => tourStops.filter(s => part.value !== null || !s.path.includes(':part')));
const pathOf = (path: string): string => path.replace(':part', part.value ?? '');
const pointedAt = (name: string): HTMLElement | null => document.querySelector(`[data-tour="${name}"]`);
const steps = computed(() =>
  stops.value.map(({ at: name, title, says }) => ({
    title,
    description: says,
    // The kit takes nothing for the middle of the screen, and says so in a type of its own.
    target: pointedAt.bind(null, name) as () => HTMLElement,
  })),
);
/** A page that has not come by then is told of in the middle of the screen, ms. */
const WAITS_MS = 10_000;
const LOOKS_MS = 60;

async function goTo(n: number): Promise<void> {
  const stop = stops.value[n];
  if (!stop) return tour.stop();
  shown.value = false;
  await router.push(pathOf(stop.path));
  for (let waited = 0; !pointedAt(stop.at) && waited < WAITS_MS; waited += LOOKS_MS)
    await new Promise(done => setTimeout(done, LOOKS_MS));
  at.value = n;
  shown.value = tour.running;
}
/** Keys of the tour, wherever the focus is: the page beneath it has none meanwhile. */
const keys: Record<string, () => unknown> = {
  Enter: () => goTo(at.value + 1),
  ArrowRight: () => goTo(at.value + 1),
  ArrowLeft: () => at.value > 0 && goTo(at.value - 1),
  Escape: tour.stop,
};
useEventListener(
  document,
  'keydown',
  e => {
    const act = keys[e.key];
    if (!act || !shown.value) return;
    e.preventDefault();
    e.stopPropagation();
    act();
  },
  { capture: true },
);
onMounted(async () => {
  if (!parts.list.length) await parts.load().catch(() => undefined);
  await goTo(0);
});
</script>

<template>
  <Tour
    :open="shown"
    :current="at"
    :steps="steps"
    data-testid="tour"
    @change="goTo"
    @close="tour.stop()"
    @finish="tour.stop()"
  />
</template>
