<script setup lang="ts">
import { printAids, printAidWords, type PrintAid } from '@hornblende/core/brief';
import type { Family } from '@hornblende/core/materials';
import { aidSentence } from '@hornblende/core/print';
import { CheckboxGroup, Checkbox, Tooltip } from '../../ui/kit';
import { computed } from 'vue';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from './draft';
import { useRanking } from './useRanking';

/** What is done so that the print holds: what is ticked counts in lifting, success, grams, minutes and price. */
const props = defineProps<{ family: Family | null }>();
const draft = useDraft();
const { printer } = useRanking();
const { say } = useUnits();
const ticked = computed(() => draft.brief?.print.aids ?? []);
const effect = computed(() =>
  draft.brief && props.family ? aidSentence(draft.brief, props.family, printer.value) : '',
);
function tick(aids: unknown): void {
  const on = aids as PrintAid[];
  draft.set(
    'print.aids',
    printAids.filter(aid => on.includes(aid)),
  );
}
</script>

<template>
  <div role="group" aria-label="Done so that it holds" data-testid="print-aids">
    <p class="soft small lead">What is ticked counts: in lifting, success, grams, minutes and price.</p>
    <CheckboxGroup :value="[...ticked]" class="aids" @change="tick">
      <Tooltip v-for="aid in printAids" :key="aid" :title="say(printAidWords[aid].how)">
        <Checkbox :value="aid">{{ say(printAidWords[aid].label) }}</Checkbox>
      </Tooltip>
    </CheckboxGroup>
    <p v-if="effect" class="small effect" aria-live="polite" data-testid="aid-effect">{{ effect }}</p>
  </div>
</template>

<style scoped>
.lead {
  margin: 10px 0 4px;
}
.effect {
  margin: 6px 0 0;
}
.aids {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
</style>
