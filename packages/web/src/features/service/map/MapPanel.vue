<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { useHealth } from '../../../stores/health';
import { useMaps } from '../../../stores/maps';
import { useService } from '../../../stores/service';
import { Button } from '../../../ui/kit';
import OptionSelect from '../../../ui/OptionSelect.vue';
import PageState from '../../../ui/PageState.vue';
import { useFeedback } from '../../../ui/useFeedback';
import MapBoard from './MapBoard.vue';
import { mapOfPlaces } from './map-areas';
import { placesOf } from './places-of';

/** Parts in service where they are: on maps of the garden, the shop or the shelf, drawn by hand. */
const maps = useMaps();
const service = useService();
const health = useHealth();
const { attempt } = useFeedback();
const picked = ref('');
const shown = computed(() => maps.list.find(m => m.id === picked.value) ?? maps.list[0] ?? null);
const options = computed(() => maps.list.map(m => ({ value: m.id, label: m.map.name })));
/** The map that was made just now: it opens to be drawn on. */
const fresh = ref('');
const load = (): Promise<boolean> => attempt(() => maps.load());
onMounted(() => void load());

function pick(id: string): void {
  fresh.value = '';
  picked.value = id;
}
function begin(): void {
  void attempt(async () => {
    const name = maps.list.length ? `Map ${maps.list.length + 1}` : 'All places';
    const wheres = maps.list.length ? [] : placesOf(service.list);
    const id = crypto.randomUUID();
    fresh.value = picked.value = id;
    await maps.add(id, mapOfPlaces(name, wheres));
  });
}
</script>

<template>
  <section aria-label="Map" data-testid="map-panel">
    <PageState :state="maps.state" what="the maps" @retry="load">
      <div v-if="!shown" class="empty">
        <h2>No map is drawn yet</h2>
        <p>
          A map shows at a glance where parts are, how they stand and what is due: a garden, a shop or a
          shelf, on a blank sheet or over a photograph. The places that your parts are said to be at are laid
          out on it; you move them where they belong.
        </p>
        <Button v-if="!health.isPhone" type="primary" @click="begin">Begin a map</Button>
        <p v-else class="soft small">It is drawn at the desk.</p>
      </div>
      <MapBoard v-else :key="shown.id" :stored="shown" :begin-drawing="fresh === shown.id">
        <OptionSelect
          v-if="maps.list.length > 1"
          :model-value="shown.id"
          label="Map"
          bare
          :options="options"
          @update:model-value="pick"
        />
        <b v-else>{{ shown.map.name }}</b>
        <Button v-if="!health.isPhone" type="text" @click="begin">Another map</Button>
      </MapBoard>
    </PageState>
  </section>
</template>
