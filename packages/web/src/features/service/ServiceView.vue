<script setup lang="ts">
import { Button } from '../../ui/kit';
import { useSessionStorage } from '@vueuse/core';
import { computed, defineAsyncComponent, onMounted, ref } from 'vue';
import { useLibrary } from '../../stores/library';
import { useHealth } from '../../stores/health';
import { useLooksQueue } from '../../stores/looks-queue';
import { usePhoneKeeps } from '../../stores/phone-keeps';
import { useService } from '../../stores/service';
import PageState from '../../ui/PageState.vue';
import Segments from '../../ui/Segments.vue';
import { useFeedback } from '../../ui/useFeedback';
import DueList from './DueList.vue';
import EvidencePanel from './EvidencePanel.vue';
import HappenedPanel from './HappenedPanel.vue';
import PlacedTable from './PlacedTable.vue';
import { dayText } from '../../ui/day-text';

/** What is out there, what is due, and what it teaches. */
const service = useService();
const queue = useLooksQueue();
const library = useLibrary();
const health = useHealth();
const phoneKeeps = usePhoneKeeps();
const { attempt } = useFeedback();
const MapPanel = defineAsyncComponent(() => import('./map/MapPanel.vue'));
const PlacedImport = defineAsyncComponent(() => import('./PlacedImport.vue'));
const isImporting = ref(false);
type Side = 'due' | 'all' | 'map' | 'lives' | 'happened';
const side = useSessionStorage<Side>('hornblende-service-side', 'due');
const sides: { value: Side; label: string }[] = [
  { value: 'due', label: 'To look at' },
  { value: 'all', label: 'All of it' },
  { value: 'map', label: 'Map' },
  { value: 'lives', label: 'How long it lasts' },
  { value: 'happened', label: 'Predictions checked' },
];
/** What is worked out at the desk is left there by a phone. */
const AT_THE_DESK: readonly Side[] = ['lives', 'happened'];
const shown = computed(() => (health.isPhone ? sides.filter(s => !AT_THE_DESK.includes(s.value)) : sides));
/** What it means whether the browser keeps these pages. */
const keepsWords = {
  keeps:
    'This phone keeps these pages: where there is no network they open as they were last seen, and looks wait ' +
    'to be sent.',
  untrusted:
    'These pages open with the network alone, for this browser does not trust the connection. The guide says what ' +
    'helps. A look that is under way is kept all the same.',
};
const fetchAll = (): Promise<unknown> =>
  attempt(() => Promise.all([service.load(), library.load().catch(() => undefined)]));
onMounted(() => void fetchAll());
</script>

<template>
  <div class="page service" data-testid="service-page">
    <div class="page-head" data-tour="service">
      <h1>Service</h1>
      <div class="right">
        <RouterLink v-if="health.isPhone" to="/service/bench">Read a trial</RouterLink>
        <RouterLink v-if="!health.isPhone" v-slot="{ navigate }" to="/service/phones" custom
          ><Button type="text" @click="navigate">Phones</Button></RouterLink
        >
        <RouterLink v-if="!health.isPhone" v-slot="{ navigate }" to="/service/labels" custom
          ><Button type="text" @click="navigate">Labels</Button></RouterLink
        >
        <Button v-if="!health.isPhone" type="text" @click="isImporting = true">Place many</Button>
        <RouterLink v-if="!health.isPhone" v-slot="{ navigate }" to="/service/new" custom
          ><Button type="primary" @click="navigate">Place a part</Button></RouterLink
        >
      </div>
      <PlacedImport v-if="isImporting" @close="isImporting = false" />
    </div>
    <div v-if="queue.waiting.length" class="notice" role="status" data-testid="looks-waiting">
      <p>
        {{ queue.waiting.length === 1 ? 'A look waits' : `${queue.waiting.length} looks wait` }} here to be
        sent{{ queue.isAway ? ': the workshop cannot be reached' : '' }}.
      </p>
      <Button size="small" @click="queue.flush">Try now</Button>
    </div>
    <div v-for="w in queue.refused" :key="w.look.id" class="notice" role="alert">
      <p>A look of {{ dayText(w.look.at) }} was refused: {{ w.problem }}</p>
      <Button size="small" @click="queue.retry(w.look.id)">Try again</Button>
      <Button v-if="w.look.photos.length" size="small" @click="queue.sendWithout(w.look.id)"
        >Send it without what is missing</Button
      >
      <Button size="small" type="text" danger @click="queue.forget(w.look.id)">Give it up</Button>
    </div>
    <p v-if="health.isPhone && service.state === 'failed'" class="notice">
      Is this phone paired? <RouterLink to="/pair">Pair it with the code on the desk’s screen</RouterLink>
    </p>
    <PageState :state="service.state" what="what is out there" @retry="fetchAll">
      <div v-if="!service.list.length" class="empty">
        <h2>Nothing is out there yet</h2>
        <p>
          A part that goes out is placed here, with what it is made of and where it is. A look of a minute now
          and then becomes the evidence for the next choice: what stood, for how long, and what gave way.
        </p>
        <RouterLink v-slot="{ navigate }" to="/service/new" custom
          ><Button type="primary" @click="navigate">Place the first part</Button></RouterLink
        >
      </div>
      <template v-else>
        <Segments v-model="side" :options="shown" label="Side of the service" />
        <DueList v-if="side === 'due'" />
        <PlacedTable v-else-if="side === 'all'" />
        <MapPanel v-else-if="side === 'map'" />
        <EvidencePanel v-else-if="side === 'lives'" />
        <HappenedPanel v-else />
      </template>
    </PageState>
    <p v-if="health.isPhone && phoneKeeps.state !== 'asking'" class="soft small" data-testid="phone-keeps">
      {{ keepsWords[phoneKeeps.state] }}
    </p>
  </div>
</template>

<style scoped>
.service > :deep(.segments) {
  margin-bottom: 14px;
}
.right {
  display: flex;
  gap: 8px;
}
@media (max-width: 640px) {
  .service :deep(.segments) {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(110px, 1fr));
  }
  .service :deep(.segments .ant-radio-button-wrapper) {
    display: grid;
    place-items: center;
    min-height: 44px;
    text-align: center;
  }
}
</style>
