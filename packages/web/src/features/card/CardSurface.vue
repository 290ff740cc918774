<script setup lang="ts">
import { outerSurfaceCm2, type SurfaceRouteId } from '@hornblende/core/brief';
import type { Family } from '@hornblende/core/materials';
import { routeAmounts, surfaceRoutes } from '@hornblende/core/print';
import { computed, ref } from 'vue';
import { Button } from '../../ui/kit';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import SurfaceRoutes from '../../ui/SurfaceRoutes.vue';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';

/** How the surface of this part is finished: in a sentence, and all ways with what each takes where it is asked. */
const { family } = defineProps<{ family: Family }>();
const draft = useDraft();
const { say } = useUnits();
const all = ref(false);

const areaCm2 = computed(() => (draft.brief ? outerSurfaceCm2(draft.brief) : 0));
const chosen = computed(() => draft.brief?.looks.route ?? null);
const routes = computed(() => surfaceRoutes(family, areaCm2.value));
const options = computed(() => [
  { value: '', label: 'not said' },
  ...routes.value.map(r => ({ value: r.id, label: r.label.toLowerCase() })),
  ...(chosen.value && !routes.value.some(r => r.id === chosen.value)
    ? [{ value: chosen.value, label: 'a way that this filament does not take' }]
    : []),
]);
const route = computed(() => routes.value.find(r => r.id === chosen.value) ?? null);
const choose = (id: string | null): void => draft.set('looks.route', (id || null) as SurfaceRouteId | null);
</script>

<template>
  <section class="surface" aria-label="Surface">
    <h2>Surface</h2>
    <p>
      Finished how:
      <SentenceSelect
        :model-value="chosen ?? ''"
        label="Way to the surface"
        :options="options"
        @update:model-value="choose"
      />
      <span v-if="route" class="small">{{ say(`${route.how} ${routeAmounts(route)}`) }}</span>
      <Button type="text" size="small" :aria-expanded="all" @click="all = !all">{{
        all ? 'Fewer' : 'All ways, with what each takes'
      }}</Button>
    </p>
    <template v-if="all">
      <p class="soft small">
        {{ say(`For about ${Math.round(areaCm2)} cm² of outside.`) }} The way that is chosen goes on the card.
      </p>
      <SurfaceRoutes :family="family" :area-cm2="areaCm2" :chosen="chosen" @choose="choose" />
    </template>
  </section>
</template>

<style scoped>
.surface h2 {
  font-size: 16px;
  margin: 12px 0 0;
}
.surface p {
  margin: 4px 0;
}
</style>
