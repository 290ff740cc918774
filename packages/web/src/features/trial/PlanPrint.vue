<script setup lang="ts">
import type { Trial } from '@hornblende/core/formats';
import { trialPower, TrialPowerInput } from '@hornblende/core/trials';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import { useLibrary } from '../../stores/library';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import TextField from '../../ui/TextField.vue';
import TrialPieces from './TrialPieces.vue';
import type { TrialPlan } from './useTrialPlan';

/** The third step of a trial: what is printed, how many of it, what is the same for all, and the files for it. */
const props = defineProps<{ plan: TrialPlan }>();
const library = useLibrary();
const form = computed(() => props.plan.kept.form.value);
const pieces: { value: Trial['pieceIs']; label: string }[] = [
  { value: 'part', label: 'the part itself' },
  { value: 'coupon', label: 'a test piece' },
];
const odd = ref('');
const oddPct = ref(40);
const oddOptions = computed(() =>
  props.plan.offered.value.filter(
    o => props.plan.picked.value.includes(o.value) && form.value.infills[o.value] === undefined,
  ),
);
function printOtherwise(): void {
  const key = odd.value || oddOptions.value[0]?.value;
  if (key) props.plan.put({ infills: { ...form.value.infills, [key]: oddPct.value / 100 } });
  odd.value = '';
}
function printAlike(key: string): void {
  props.plan.put({
    infills: Object.fromEntries(Object.entries(form.value.infills).filter(([k]) => k !== key)),
  });
}
/** A difference that people want told, and what single readings scatter, % of them. */
const POWER_EXAMPLE = { difference: 20, sd: 10 };
const told = computed(() =>
  trialPower(
    Object.assign(new TrialPowerInput(), POWER_EXAMPLE, {
      replicates: Math.max(2, form.value.replicates),
    }),
  ),
);
const enough = computed(() => trialPower(Object.assign(new TrialPowerInput(), POWER_EXAMPLE)));
</script>

<template>
  <div class="print">
    <div class="row">
      <OptionSelect
        :model-value="form.pieceIs"
        label="What is printed"
        :options="pieces"
        @update:model-value="v => plan.put({ pieceIs: v })"
      />
      <NumberInput
        :model-value="form.replicates"
        label="Prints of each"
        :min="1"
        :max="50"
        :fallback="3"
        integer
        @update:model-value="v => plan.put({ replicates: v ?? 3 })"
      />
      <TextField
        :model-value="form.heldSame"
        label="What is held the same"
        :maxlength="400"
        placeholder="plate, walls, infill, layers…"
        @update:model-value="v => plan.put({ heldSame: v })"
      />
    </div>
    <p class="small" data-testid="trial-power">
      <template v-if="form.replicates < 2">One of each tells nothing of its scatter. </template>
      <template v-else
        >A difference of {{ POWER_EXAMPLE.difference }} % in readings that scatter by {{ POWER_EXAMPLE.sd }} %
        is told {{ Math.round(10 * told.power) }} times in 10.
      </template>
      {{ enough.replicates }} of each tell it 8 times in 10.
    </p>
    <div v-if="oddOptions.length" class="odd">
      <OptionSelect
        :model-value="odd || (oddOptions[0]?.value ?? '')"
        label="Printed otherwise than the others"
        :options="oddOptions"
        @update:model-value="v => (odd = v)"
      />
      <NumberInput v-model="oddPct" label="Infill, %" :min="0" :max="100" :fallback="40" />
      <Button @click="printOtherwise">Print it so</Button>
    </div>
    <ul v-if="Object.keys(form.infills).length" class="small" data-testid="trial-infills">
      <li v-for="(share, key) in form.infills" :key="key">
        {{ library.nameOf(key) }} is printed {{ Math.round(100 * share) }} % full: its mass and its load are
        brought to the others’ infill by its section.
        <Button type="text" size="small" @click="printAlike(String(key))">Print it alike</Button>
      </li>
    </ul>
    <TrialPieces :trial="plan.trial.value" />
    <ul v-if="plan.doubts.value.length" class="marginal small" data-testid="trial-doubts">
      <li v-for="d in plan.doubts.value" :key="d">{{ d }}</li>
    </ul>
  </div>
</template>

<style scoped>
.print {
  display: grid;
  gap: 14px;
}
.row {
  display: grid;
  grid-template-columns: 180px 130px minmax(200px, 1fr);
  gap: 14px;
  align-items: start;
}
.odd {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}
ul {
  margin: 0;
  padding-left: 18px;
}
p {
  margin: 0;
}
@media (max-width: 640px) {
  .row {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
