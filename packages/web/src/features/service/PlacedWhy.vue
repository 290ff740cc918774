<script setup lang="ts">
import { gateLabel } from '@hornblende/core/score';
import { failureModeWords, type Happened } from '@hornblende/core/service';
import { computed, shallowRef, watch } from 'vue';
import { api } from '../../api/client';
import { useService } from '../../stores/service';

/** Why a part failed, or stands: what the models say of it where it was, for the years that it stood. */
const props = defineProps<{ id: string }>();
const service = useService();
const mine = shallowRef<Happened | null>(null);
watch(
  [() => props.id, () => service.list],
  async ([id]) => {
    const found = await api.happenedToPart(id).catch(() => null);
    if (id === props.id) mine.value = found;
  },
  { immediate: true },
);
const words = computed(() => {
  const h = mine.value;
  if (!h) return '';
  const happened = h.failed ? `it is ${failureModeWords[h.mode ?? 'other']}` : 'it stands';
  const said = {
    foreseen: 'as the models say it would',
    right: 'as the models say it would',
    missed: 'and the models do not say why',
    'too dark': 'though the models say it would not',
    'no claim': 'and the models say that it would hold only just',
    'too soon': 'which is not long enough to tell',
  }[h.verdict];
  return `For the time that it stood, where it was: ${happened}, ${said}.`;
});
</script>

<template>
  <section v-if="mine" aria-label="Why" data-testid="placed-why">
    <h2>Why</h2>
    <p>{{ words }}</p>
    <ul v-if="mine.by.length" class="small">
      <li v-for="b in mine.by" :key="b.id">
        <b>{{ gateLabel(b.id) }}.</b> {{ b.why }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  font-size: 16px;
  margin: 16px 0 2px;
}
p,
ul {
  margin: 2px 0;
}
ul {
  padding-left: 18px;
}
</style>
