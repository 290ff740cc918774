<script setup lang="ts">
import { warpSentence } from '@hornblende/core/advice';
import { calculate } from '@hornblende/core/registry';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import NumberInput from '../../ui/NumberInput.vue';
import Segments from '../../ui/Segments.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import WorkingNumber from '../../ui/WorkingNumber.vue';
import { useUnits } from '../../ui/useUnits';
import { useWorking } from '../../stores/working';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';
import AirsCompared from './AirsCompared.vue';
import BarBench from './BarBench.vue';
import BowDrawing from './BowDrawing.vue';
import GaugeBench from './GaugeBench.vue';
import OwnWarp from './OwnWarp.vue';
import RemedyList from './RemedyList.vue';
import WarpSweep from './WarpSweep.vue';
import { inHundred } from './in-hundred';
import { useWarp } from './useWarp';

/** Will it warp? Predicted, changed, measured: nothing tried here changes the brief. */
const draft = useDraft();
const { printer } = useRanking();
const { show, say } = useUnits();
const working = useWorking();
const {
  material,
  materials,
  family,
  whatIf,
  trying,
  setup,
  outcome,
  remedies,
  cheapest,
  calibration,
  sideBySide,
  airs,
  liftsFrom,
  reset,
} = useWarp();
const magnified = ref<'1' | '5' | '20'>('5');
const magnifications = [
  { value: '1', label: 'to scale' },
  { value: '5', label: '× 5' },
  { value: '20', label: '× 20' },
] as const;
const lengthMm = computed(() => {
  const g = setup.value?.brief.geometry;
  return g ? Math.max(g.xMm, g.yMm) : 0;
});
/** The naive bound: all of the contraction from where it sets to the air. */
const naiveMm = computed(() => {
  const i = outcome.value?.bowInput;
  if (!i) return 0;
  const { alphaPerK, solidificationC: fromC, chamberC: toC, lengthMm: long } = i;
  const answer = calculate('warp.free', { alphaPerK, fromC, toC, lengthMm: long });
  return (answer.result as { contractionMm: number }).contractionMm;
});
function open(title: string, model: string, inputs: object): void {
  working.show({ title, refs: [{ model, inputs }] });
}
const plateLift = computed(() => outcome.value?.plateLift ?? null);
const most = computed(() => Math.max(0.05, ...sideBySide.value.map(s => s.outcome.bowMm)));
</script>

<template>
  <div v-if="draft.brief && family && setup && outcome" class="page warp" data-testid="warp-page">
    <h1 class="visually-hidden">How it warps</h1>
    <p class="question">
      Will it warp, in <SentenceSelect v-model="material" label="Filament" :options="materials" /> on
      {{ printer?.name ?? 'no printer in particular' }}?
      <b data-testid="warp-answer">{{ say(warpSentence(outcome, lengthMm)) }}</b>
    </p>
    <div class="picture">
      <BowDrawing
        :length-mm="lengthMm"
        :height-mm="setup.brief.geometry.zMm"
        :bow-mm="outcome.bowMm"
        :times="Number(magnified)"
        :tolerance-mm="draft.brief.toleranceMm"
      />
      <p class="small figures">
        <Segments v-model="magnified" :options="magnifications" label="How large the bow is drawn" />
        <span
          >bow
          <WorkingNumber @click="open('Bow', 'warp.bow', outcome.bowInput)">{{
            show(outcome.bowMm, 'length', 2)
          }}</WorkingNumber></span
        >
        <span
          >a corner lifts
          <WorkingNumber @click="open('A corner lifts', 'warp.lift-off', outcome.liftInput)">{{
            inHundred(outcome.pLift)
          }}</WorkingNumber></span
        >
        <span v-if="plateLift"
          >pulls the plate off its magnets
          <WorkingNumber @click="open('The plate lifts off', 'warp.plate-lift', plateLift.input)">{{
            inHundred(plateLift.pPlate)
          }}</WorkingNumber>, its ends rise {{ show(plateLift.riseMm, 'length', 2) }}</span
        >
        <span v-if="liftsFrom !== null">and lets go at a height of {{ show(liftsFrom, 'length', 0) }}</span>
        <span>dashed: the tolerance, {{ show(draft.brief.toleranceMm, 'length', 2) }}</span>
        <span class="soft"
          >Free all the while, it would become {{ show(naiveMm, 'length', 2) }} shorter from
          {{ show(outcome.bowInput.solidificationC, 'temperature') }} to the air. That is a length along the
          part; the bow is how far its ends rise.</span
        >
      </p>
    </div>
    <section class="what-if" aria-label="What if">
      <h2>
        What if
        <Button v-if="trying" size="small" type="text" @click="reset">as it is</Button>
      </h2>
      <div class="field-row">
        <NumberInput
          :model-value="whatIf.chamberC ?? outcome.bowInput.chamberC"
          label="Air, °C"
          :min="-10"
          :max="150"
          @update:model-value="v => (whatIf.chamberC = v)"
        />
        <NumberInput
          :model-value="whatIf.bedC ?? outcome.bowInput.bedC"
          label="Bed, °C"
          :min="0"
          :max="200"
          @update:model-value="v => (whatIf.bedC = v)"
        />
        <NumberInput
          :model-value="whatIf.solidPct ?? Math.round(100 * setup.solidFraction)"
          label="Plastic inside, %"
          :min="1"
          :max="100"
          @update:model-value="v => (whatIf.solidPct = v)"
        />
        <NumberInput
          :model-value="whatIf.lengthMm ?? lengthMm"
          label="Length, mm"
          :min="5"
          :max="1000"
          @update:model-value="v => (whatIf.lengthMm = v)"
        />
        <NumberInput
          :model-value="whatIf.heightMm ?? setup.brief.geometry.zMm"
          label="Height, mm"
          :min="0.5"
          :max="500"
          @update:model-value="v => (whatIf.heightMm = v)"
        />
        <NumberInput
          :model-value="whatIf.sharpCorners ?? setup.brief.geometry.sharpCorners"
          label="Sharp corners"
          :min="0"
          :max="100"
          integer
          @update:model-value="v => (whatIf.sharpCorners = v)"
        />
        <NumberInput
          :model-value="whatIf.filletMm ?? 0"
          label="Their radius, mm"
          :min="0"
          :max="50"
          @update:model-value="v => (whatIf.filletMm = v)"
        />
      </div>
    </section>
    <div class="two">
      <section aria-label="What helps">
        <h2>What helps</h2>
        <RemedyList
          :outcome="outcome"
          :remedies="remedies"
          :cheapest="cheapest"
          :tolerance-mm="draft.brief.toleranceMm"
        />
      </section>
      <div>
        <section aria-label="Swept from end to end">
          <h2>Swept from end to end</h2>
          <WarpSweep :setup="setup" />
        </section>
        <section v-if="airs.length" aria-label="Door open or closed">
          <h2>Door open or closed</h2>
          <AirsCompared :airs="airs" :filament="family.name" />
        </section>
        <section aria-label="Side by side" data-testid="side-by-side">
          <h2>The same part in</h2>
          <ul class="side small">
            <li v-for="s in sideBySide" :key="s.family.key">
              <span class="name">{{ s.family.name }}</span>
              <span class="bar" aria-hidden="true"
                ><span :style="{ width: `${(100 * s.outcome.bowMm) / most}%` }"></span
              ></span>
              <span>{{ show(s.outcome.bowMm, 'length', 2) }}, {{ inHundred(s.outcome.pTrouble) }}</span>
            </li>
          </ul>
        </section>
      </div>
    </div>
    <OwnWarp :setup="setup" :outcome="outcome" />
    <BarBench :family="family" :calibration="calibration" />
    <GaugeBench :family="family" />
  </div>
</template>

<style scoped>
.question {
  font-size: 18px;
  margin: 0 0 12px;
}
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  align-items: center;
  margin: 6px 0 0;
}
section {
  margin-top: 20px;
}
h2 {
  margin-bottom: 6px;
}
.what-if .field-row {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(116px, 1fr));
  gap: 10px 14px;
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(340px, 1fr));
  gap: 0 40px;
}
.side {
  list-style: none;
  margin: 0;
  padding: 0;
}
.side li {
  display: grid;
  grid-template-columns: 110px minmax(40px, 1fr) auto;
  gap: 10px;
  align-items: center;
  border-top: 1px solid var(--rule);
  padding: 3px 0;
}
.bar {
  height: 9px;
  background: var(--well);
}
.bar span {
  display: block;
  height: 100%;
  background: var(--s-warp);
}
@media (max-width: 760px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
