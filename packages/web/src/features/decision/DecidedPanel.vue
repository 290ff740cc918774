<script setup lang="ts">
import type { DecisionSummary } from '@hornblende/core/api';
import { Button } from '../../ui/kit';
import { computed, onMounted } from 'vue';
import { useLibrary } from '../../stores/library';
import { useService } from '../../stores/service';
import { dayText } from '../../ui/day-text';
import { outThereWords } from './out-there-words';

/** What is decided, large, with its reason: how its parts do out there, and what is next. */
const props = defineProps<{ decision: DecisionSummary }>();
const emit = defineEmits<{ again: [] }>();
const library = useLibrary();
const service = useService();
onMounted(() => {
  if (service.state !== 'ready') void service.load().catch(() => undefined);
});
const outThere = computed(() =>
  outThereWords(service.list.filter(p => p.placement.partId === props.decision.partId)),
);
</script>

<template>
  <section class="decided" aria-label="What is decided" data-testid="decided-panel">
    <span class="soft small">Decided on {{ dayText(decision.decidedAt) }} by {{ decision.decidedBy }}</span>
    <h1>{{ library.nameOf(decision.firstChoice) }}</h1>
    <p v-if="decision.secondChoice" class="soft">Else {{ library.nameOf(decision.secondChoice) }}.</p>
    <p class="reason">{{ decision.reason }}</p>
    <p data-testid="out-there">
      {{ outThere }} <RouterLink v-if="service.list.length" to="/service">Service</RouterLink>
    </p>
    <p class="acts">
      <RouterLink v-slot="{ href, navigate }" custom :to="`/parts/${decision.partId}/card`"
        ><Button type="primary" :href="href" @click="navigate">Print it</Button></RouterLink
      >
      <RouterLink
        v-slot="{ href, navigate }"
        custom
        :to="{ path: '/service/new', query: { part: decision.partId } }"
        ><Button :href="href" @click="navigate">Place one in service</Button></RouterLink
      >
      <Button type="text" @click="emit('again')">Decide again</Button>
    </p>
  </section>
</template>

<style scoped>
.decided {
  border-left: 3px solid var(--fits);
  padding-left: 18px;
}
h1 {
  font-size: 30px;
  margin: 2px 0 4px;
}
.reason {
  font-size: 17px;
  max-width: 60ch;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
</style>
