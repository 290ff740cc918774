<script setup lang="ts">
import type { Family } from '@hornblende/core/materials';
import { changerSentence, movingGapSentence, printPair, purgeSentences } from '@hornblende/core/print';
import { computed, ref, watch } from 'vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';

/** A second filament in the same print: whether it bonds, what the seam carries, what changing it costs. */
const props = defineProps<{ family: Family; candidates: readonly Family[] }>();
const draft = useDraft();
const { printer } = useRanking();
const { say } = useUnits();
const second = ref('');
watch(
  () => props.family.key,
  () => (second.value = ''),
);
const options = computed(() => [
  { value: '', label: 'no second filament' },
  ...props.candidates
    .filter(f => f.key !== props.family.key)
    .map(f => ({ value: f.key, label: f.flags.soluble ? `${f.name}, washes away` : f.name })),
]);
const other = computed(() => props.candidates.find(f => f.key === second.value) ?? null);
const pair = computed(() => {
  const g = draft.brief?.geometry;
  return other.value ? printPair(props.family, other.value, g ? Math.max(g.xMm, g.yMm) : 50) : null;
});
const purging = computed(() =>
  other.value && draft.brief ? purgeSentences(props.family, other.value, printer.value, draft.brief) : '',
);
const changing = computed(() =>
  other.value ? changerSentence([props.family, other.value], printer.value) : '',
);
const gaps = computed(() =>
  draft.brief ? movingGapSentence(props.family, printer.value, draft.brief.print.layerMm) : '',
);
const verdicts = {
  good: { mark: '●', words: 'goes together', tone: 'fits' },
  'with care': { mark: '◐', words: 'goes together with care', tone: 'marginal' },
  no: { mark: '○', words: 'does not go together', tone: 'out' },
} as const;
</script>

<template>
  <section class="pair" aria-label="Two filaments in one print" data-testid="pair">
    <h2>Two filaments in one print</h2>
    <p>
      Together with <SentenceSelect v-model="second" label="Second filament" :options="options" />
      <template v-if="pair && other">
        it
        <b :class="verdicts[pair.verdict].tone">
          <span aria-hidden="true">{{ verdicts[pair.verdict].mark }}</span>
          {{ verdicts[pair.verdict].words }}</b
        >.
      </template>
    </p>
    <ul v-if="pair" class="small">
      <li v-for="r in pair.reasons" :key="r">{{ say(r) }}</li>
      <li v-if="pair.verdict !== 'no'">{{ say(purging) }}</li>
      <li v-if="pair.verdict !== 'no' && changing" data-testid="changer">{{ changing }}</li>
    </ul>
    <h2>Parts that are printed in their places and move</h2>
    <p class="small" data-testid="moving-gap">{{ say(gaps) }}</p>
  </section>
</template>

<style scoped>
.pair {
  border-top: 1px solid var(--rule);
  padding-top: 10px;
  margin-top: 12px;
}
ul {
  margin: 2px 0 6px;
  padding-left: 18px;
}
</style>
