<script setup lang="ts">
import type { Placement } from '@hornblende/core/formats';
import { Button } from '../../ui/kit';
import DateField from '../../ui/DateField.vue';

/** When a part was taken in, such as for the winter: that time does not count as time out there. */
type Pauses = Placement['pauses'];
const props = defineProps<{ pauses: Pauses; problems: ReadonlyMap<string, string> }>();
const emit = defineEmits<{ change: [pauses: Pauses] }>();
const today = (): string => new Date().toISOString().slice(0, 10);
function put(n: number, change: Partial<Pauses[number]>): void {
  emit(
    'change',
    props.pauses.map((p, i) => (i === n ? { ...p, ...change } : p)),
  );
}
const problemOf = (n: number): string =>
  props.problems.get(`pauses[${n}].from`) ?? props.problems.get(`pauses[${n}].to`) ?? '';
</script>

<template>
  <div class="pauses" role="group" aria-label="Taken in" data-testid="pauses">
    <div v-for="(p, n) in pauses" :key="n" class="pause">
      <DateField
        :model-value="p.from"
        :label="`Taken in, ${n + 1}`"
        @update:model-value="v => put(n, { from: v })"
      />
      <DateField
        :model-value="p.to ?? ''"
        :label="`Out again, ${n + 1}`"
        @update:model-value="v => put(n, { to: v || null })"
      />
      <Button
        type="text"
        @click="
          emit(
            'change',
            pauses.filter((_, i) => i !== n),
          )
        "
        >Leave it out</Button
      >
      <span v-if="problemOf(n)" class="out small" role="alert">{{ problemOf(n) }}</span>
    </div>
    <p class="small soft">
      <Button size="small" @click="emit('change', [...pauses, { from: today(), to: null }])"
        >It was taken in for a while</Button
      >
      That time does not count as time out there.
    </p>
  </div>
</template>

<style scoped>
.pauses {
  display: grid;
  gap: 8px;
}
.pause {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}
p {
  margin: 0;
}
</style>
