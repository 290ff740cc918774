<script setup lang="ts">
import { fitCheck, type CheckPrint } from '@hornblende/core/advice';
import { fitCheckOf, isFitCheck } from '@hornblende/core/brief';
import { sig, timesIn100 } from '@hornblende/core/lib';
import { families, type Family } from '@hornblende/core/materials';
import { rank } from '@hornblende/core/score';
import { Button } from '../../ui/kit';
import { computed } from 'vue';
import { useWorkshop } from '../../stores/workshop';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';

/** A fit-check in a cheap filament before the final part: what it proves, what it does not, and what both take. */
const props = defineProps<{ family: Family }>();
const emit = defineEmits<{ card: [material: string] }>();
const draft = useDraft();
const workshop = useWorkshop();
const { candidates, first, printer, weather } = useRanking();
const { say } = useUnits();
const NONE = '';
/** What the part is made in: the card's filament, or on the card of the check itself the first choice. */
const final = computed(() => {
  const { brief } = draft;
  if (!brief || !isFitCheck(brief, props.family.key)) return props.family;
  return candidates.value.find(f => f.key === first.value?.material) ?? null;
});
const options = computed(() => [
  { value: NONE, label: 'none' },
  ...candidates.value.filter(f => f.key !== final.value?.key).map(f => ({ value: f.key, label: f.name })),
]);
const standIn = computed(() => candidates.value.find(f => f.key === draft.brief?.checkIn) ?? null);
/** What a fit-check would be printed in here, were it the only print. */
const usual = computed(() => {
  if (!draft.brief || standIn.value) return null;
  const first = rank(fitCheckOf(draft.brief), {
    printer: printer.value,
    families: candidates.value,
  }).firstChoice;
  const found = families.find(f => f.key === first) ?? candidates.value.find(f => f.key === first);
  return found && found.key !== final.value?.key ? found : null;
});
const found = computed(() =>
  draft.brief && standIn.value
    ? fitCheck(draft.brief, standIn.value, final.value, { printer: printer.value, weather: weather.value })
    : null,
);
function words(p: CheckPrint): string {
  const sizes = p.sizes ? `; ${p.sizes}` : '';
  return (
    `${p.name}: ${sig(p.grams, 3)} g, ${sig(p.hours, 2)} h, ${workshop.currency}${p.costEach.toFixed(2)}, ` +
    `succeeds ${timesIn100(p.success)}${sizes}.`
  );
}
</script>

<template>
  <section class="fit" aria-label="Fit-check, then final" data-testid="fit-check">
    <h2>Fit-check, then final</h2>
    <p>
      First a fit-check in
      <SentenceSelect
        :model-value="draft.brief?.checkIn ?? NONE"
        label="Stand-in filament"
        :options="options"
        @update:model-value="v => draft.set('checkIn', v || null)"
      />.
      <Button v-if="usual" type="text" @click="draft.set('checkIn', usual.key)">
        {{ usual.name }} is the easiest here
      </Button>
    </p>
    <template v-if="found">
      <p class="small">
        The check in {{ say(words(found.check)) }}
        <Button
          v-if="family.key !== found.check.material"
          type="text"
          size="small"
          @click="emit('card', found.check.material)"
          >Its card</Button
        >
      </p>
      <p v-if="found.final" class="small">
        Then the final in {{ say(words(found.final)) }}
        <Button
          v-if="family.key !== found.final.material"
          type="text"
          size="small"
          @click="emit('card', found.final.material)"
          >Its card</Button
        >
      </p>
      <p class="small"><b>It proves</b> {{ found.proves.join('; ') }}.</p>
      <p v-if="found.provesNot.length" class="small">
        <b>It does not prove</b> {{ say(found.provesNot.join('; ')) }}.
      </p>
    </template>
  </section>
</template>

<style scoped>
.fit h2 {
  font-size: 16px;
  margin: 14px 0 2px;
}
.fit p {
  margin: 2px 0;
}
</style>
