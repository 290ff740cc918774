<script setup lang="ts">
import { symptomWords } from '@hornblende/core/triage';
import { Button } from '../../ui/kit';
import { computed } from 'vue';
import { useFaults } from '../../stores/faults';
import { dayText } from '../../ui/day-text';
import { useFeedback } from '../../ui/useFeedback';
import type { LiveFix } from './useFix';

/** Faults that were begun and not found yet, at this desk or another: any of them is gone on with. */
const props = defineProps<{ fix: LiveFix; canRemove: boolean }>();
const faults = useFaults();
const { attempt, offerUndo } = useFeedback();
const others = computed(() => faults.open.filter(f => f.id !== props.fix.sheet.value.id));
function remove(id: string): void {
  void attempt(async () => {
    const gone = faults.list.find(f => f.id === id)!.fault;
    await faults.remove(id);
    offerUndo('The open fault is removed.', () => faults.add(gone));
  });
}
</script>

<template>
  <section v-if="others.length" aria-label="Faults that are open" data-testid="fix-open">
    <h2>Open faults</h2>
    <ul class="small">
      <li v-for="{ id, fault, ...rest } in others" :key="id">
        <span>
          <b>{{ fault.of.name || 'A print' }}</b>
          <span v-if="fault.at" class="soft">, {{ dayText(fault.at) }}</span>
          <br />{{
            fault.symptoms.map(s => symptomWords[s].toLowerCase()).join(', ') || 'nothing is seen yet'
          }}
        </span>
        <Button size="small" @click="fix.goOn({ id, fault, ...rest })">Go on with it</Button>
        <Button
          v-if="canRemove"
          type="text"
          size="small"
          :aria-label="`Remove the open fault of ${fault.of.name || 'a print'}`"
          @click="remove(id)"
          >Remove</Button
        >
      </li>
    </ul>
  </section>
</template>

<style scoped src="./fault-list.css"></style>
<style scoped>
li {
  display: flex;
  gap: 8px 12px;
  align-items: baseline;
  border-top: 1px solid var(--rule);
  padding: 6px 0;
}
li > span {
  flex: 1;
}
</style>
