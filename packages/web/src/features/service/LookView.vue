<script setup lang="ts">
import { failureModeWords } from '@hornblende/core/service';
import { Button } from '../../ui/kit';
import { computed, onMounted } from 'vue';
import { useRouter } from 'vue-router';
import { asKeptAt } from '../../api/as-kept';
import { useLooksQueue } from '../../stores/looks-queue';
import { useService } from '../../stores/service';
import PageState from '../../ui/PageState.vue';
import { useFeedback } from '../../ui/useFeedback';
import LookForm from './LookForm.vue';
import { noSuchPlaced } from './words';

/** A look at a part out there, written on a phone in a garden. */
const props = defineProps<{ id: string }>();
const service = useService();
const queue = useLooksQueue();
const router = useRouter();
const { attempt, tell } = useFeedback();
const placed = computed(() => service.byId(props.id));
const fetchAll = (): Promise<unknown> => attempt(() => service.load());
onMounted(() => {
  if (!placed.value) void fetchAll();
});
/** The next part at the same place that is due: one walks from one to the other. */
const next = computed(() =>
  service.list.find(
    p =>
      p.id !== props.id &&
      p.due !== null &&
      p.due.inDays <= 7 &&
      p.placement.place.where === placed.value?.placement.place.where &&
      !queue.of(p.id).length,
  ),
);
function taken(): void {
  tell(
    queue.isAway || asKeptAt.value !== null
      ? 'Kept here; it is sent when the workshop can be reached.'
      : 'The look is taken.',
  );
  void router.push(next.value ? `/service/${next.value.id}/look` : '/service');
}
const ended = computed(() => placed.value?.standing.ended ?? false);
const how = computed(() => {
  const { mode, verdict } = placed.value?.standing ?? { mode: null, verdict: null };
  return mode ? failureModeWords[mode] : (verdict ?? '');
});
</script>

<template>
  <div class="page look" data-testid="look-page">
    <PageState
      :state="placed ? 'ready' : service.state === 'ready' ? 'missing' : service.state"
      what="the part"
      :missing="noSuchPlaced"
      @retry="fetchAll"
    >
      <template v-if="placed">
        <p class="soft small where">
          <RouterLink to="/service">Service</RouterLink>, {{ placed.placement.place.where
          }}<template v-if="placed.placement.code">, tag {{ placed.placement.code }}</template>
        </p>
        <h1>{{ placed.placement.name }}</h1>
        <p v-if="ended" class="out">
          ○ Its service has ended: {{ how }}. <RouterLink :to="`/service/${id}`">See its story</RouterLink>
        </p>
        <LookForm v-else :key="id" :placed="placed" @taken="taken" />
        <p v-if="queue.of(id).length" class="soft" role="status">
          A look at it waits here to be sent.
          <Button size="small" @click="queue.flush">Try now</Button>
        </p>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.look {
  max-width: 620px;
}
h1 {
  margin: 0 0 12px;
}
.where {
  margin: 0;
}
</style>
