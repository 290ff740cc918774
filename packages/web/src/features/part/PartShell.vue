<script lang="ts">
/** Once the stores have come, another part is shown at once: they are renewed beside it. */
let settledBefore = false;
</script>

<script setup lang="ts">
import { Button, Skeleton, message } from '../../ui/kit';
import { computed, onMounted, ref, watch } from 'vue';
import { useLibrary } from '../../stores/library';
import { useRecentParts } from '../../stores/recent-parts';
import { usePrinters } from '../../stores/printers';
import { useShelf } from '../../stores/shelf';
import { useWeathers } from '../../stores/weathers';
import { useWorkshop } from '../../stores/workshop';
import BrokenPage from '../../ui/BrokenPage.vue';
import { useKeys } from '../../ui/keys';
import ConflictDialog from './ConflictDialog.vue';
import { useDraft } from './draft';
import { useAutosave } from './useAutosave';
import { useRanking } from './useRanking';
import { retryYears } from './useYears';
import VerdictBar from './VerdictBar.vue';

const props = defineProps<{ id: string }>();
const draft = useDraft();
const weathers = useWeathers();
const { ranking, first, second, stale } = useRanking();
watch(
  () => props.id,
  id => void draft.open(id),
  { immediate: true },
);
// A part that opens is remembered, one that cannot be shown is not led back to.
const recent = useRecentParts();
watch([() => draft.brief?.name, () => draft.loadError], ([name, failed]) => {
  if (failed) recent.forget(props.id);
  else if (name && draft.id === props.id) recent.remember(props.id, name);
});
/** Whether the part's year of weather is here, or cannot be had. */
const weatherSettled = ref(false);
watch(
  () => draft.content?.weatherId,
  async id => {
    // Another part is being opened. Another year in the same part comes in while the page goes on.
    weatherSettled.value &&= id !== undefined;
    if (id === undefined) return;
    await weathers.ensure(id).catch(() => undefined);
    weatherSettled.value = true;
  },
  { immediate: true },
);
// What a ranking rests on beside the brief; a page that cannot do without says so when it is missing.
const stores = [usePrinters(), useLibrary(), useWorkshop(), useShelf()];
/** Whether all of that has come, or cannot: a ranking without it would be another one a moment later. */
const settled = ref(settledBefore);
onMounted(async () => {
  await Promise.allSettled(stores.map(store => store.load()));
  settledBefore = settled.value = true;
});
const ready = computed(() => draft.content !== null && settled.value && weatherSettled.value);
useKeys({ '$mod+z': () => draft.undo(), '$mod+Shift+z': () => draft.redo() });
useAutosave(() => {
  void message.info('Another tab saved this part; this one now shows it.');
});
</script>

<template>
  <div v-if="draft.loadError" class="page" role="alert">
    <h1>This part cannot be shown</h1>
    <p>{{ draft.loadError }}</p>
    <p><RouterLink to="/parts">Back to the parts</RouterLink></p>
  </div>
  <div v-else-if="ready && !ranking && stale" class="page" role="alert">
    <h1>There is no ranking</h1>
    <p>The year of weather could not be worked out: {{ stale }}.</p>
    <p><Button @click="retryYears">Try again</Button></p>
  </div>
  <div v-else-if="!ready || !ranking" class="page" role="status">
    <span class="visually-hidden">Opening the part…</span>
    <Skeleton active />
  </div>
  <template v-else>
    <VerdictBar :ranking="ranking" :first="first" :second="second" :part-id="id" />
    <p v-if="draft.saveState === 'failed'" class="unsaved" role="alert">
      {{ draft.saveError }}. It is tried again by itself.
    </p>
    <p v-if="stale" class="unsaved" role="alert">
      The ranking is that of before your last change: the year of weather could not be worked out ({{
        stale
      }}).
      <Button size="small" @click="retryYears">Try again</Button>
    </p>
    <BrokenPage><RouterView /></BrokenPage>
    <ConflictDialog />
  </template>
</template>

<style scoped>
.unsaved {
  margin: 0;
  padding: 6px 20px;
  border-bottom: 1px solid var(--rule);
  border-left: 4px solid var(--out);
}
</style>
