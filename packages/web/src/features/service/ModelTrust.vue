<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import { gateLabel } from '@hornblende/core/score';
import {
  acceptedScales,
  proposedScale,
  type ModelBias,
  type ModelCalibration,
} from '@hornblende/core/service';
import { ModelScales, type ScaleName } from '@hornblende/core/workshop';
import { Button } from '../../ui/kit';
import { computed } from 'vue';
import ChartFrame from '../../charts/ChartFrame.vue';
import { calibrationOption } from '../../charts/calibration-chart';
import { useChartColours } from '../../charts/useChartColours';
import { useWorkshop } from '../../stores/workshop';
import { useFeedback } from '../../ui/useFeedback';
import { useUnits } from '../../ui/useUnits';
import { scaleText } from '../../ui/scale-words';

/** How far the models can be trusted: how sure they were against what held, and which of them is off, by how much. */
const props = defineProps<{ calibration: ModelCalibration }>();
const colours = useChartColours();
const { show } = useUnits();
const axes = { said: 'said to hold', came: 'held' };
const option = computed(() => calibrationOption(props.calibration.holds, colours.value, axes));
const lead = computed(() => {
  const { answers, brier, brierOfShare, overconfidence } = props.calibration.holds;
  if (brier === null || brierOfShare === null || overconfidence === null)
    return 'No part tells of the models yet.';
  const off = Math.round(100 * Math.abs(overconfidence));
  const bias =
    off < 3
      ? 'about as many held as was said'
      : `${off} in 100 ${overconfidence > 0 ? 'fewer' : 'more'} held than was said`;
  const skill = brier < brierOfShare ? 'better than' : 'no better than';
  return (
    `Of ${Number(answers.toFixed(1))} parts that tell, ${bias}. The models tell them apart ${skill} ` +
    'always saying the same ' +
    `(Brier score ${brier.toFixed(2)}, against ${brierOfShare.toFixed(2)}; nought is perfect).`
  );
});
function said({ model, promises, shift, low, high, factor }: ModelBias): string {
  const ends = range(model, low, high);
  if (promises === 'what came') return `fits what happened; it may be off by ${ends}`;
  const by =
    factor === null
      ? show(Math.abs(shift), 'temperatureStep')
      : `a factor of ${sig(Math.max(factor, 1 / factor), 2)}`;
  return `promises ${promises}, by about ${by} (${ends})`;
}
function range(model: ModelBias['model'], low: number, high: number): string {
  if (model === 'heat') return `${show(low, 'temperatureStep')} to ${show(high, 'temperatureStep')}`;
  return `× ${sig(Math.exp(low), 2)} to × ${sig(Math.exp(high), 2)}`;
}
const workshop = useWorkshop();
const { attempt } = useFeedback();
const scales = computed(() => workshop.settings.scales);
const accepted = computed(() => acceptedScales(scales.value));
/** What a bias proposes that does not stand already. */
function proposed(bias: ModelBias): { change: Partial<ModelScales>; words: string } | null {
  const change = proposedScale(bias);
  if (!change) return null;
  const [name, value] = Object.entries(change)[0] as [ScaleName, number];
  return scales.value[name] === value ? null : { change, words: scaleText({ name, value }, show) };
}
const put = (change: Partial<ModelScales>): Promise<unknown> =>
  attempt(() => workshop.set({ scales: { ...scales.value, ...change } }));
const takeBack = (name: ScaleName): Promise<unknown> => put({ [name]: new ModelScales()[name] });
const partsWords = (n: number): string => (n === 1 ? '1 part' : `${n} parts`);
const tone = ({ promises }: ModelBias): string => (promises === 'what came' ? 'soft' : 'marginal');
</script>

<template>
  <section aria-label="How far the models can be trusted" data-testid="model-trust">
    <h2>How far the models can be trusted</h2>
    <p>{{ lead }}</p>
    <ChartFrame
      v-if="calibration.holds.points.length"
      class="curve"
      :option="option"
      :label="`Said to hold, against what held. ${lead}`"
    />
    <ul v-if="calibration.biases.length">
      <li v-for="b in calibration.biases" :key="b.model" data-testid="model-bias">
        <b>{{ gateLabel(b.model) }}</b>
        <span :class="tone(b)">{{ said(b) }}</span>
        <span class="soft small">{{ partsWords(b.parts) }}, {{ b.failures }} failed that way</span>
        <Button v-if="proposed(b)" size="small" @click="put(proposed(b)!.change)"
          >Judge so here: {{ proposed(b)!.words }}</Button
        >
      </li>
    </ul>
    <p v-if="calibration.biases.length" class="small soft">
      What a model has over what it needs would have to be moved by so much to fit what happened; few parts
      move it little, and the ends hold the truth in 95 of 100. Nothing is changed until you say so. This page
      goes on checking the library’s own predictions, so that they can be held against what comes.
    </p>
    <ul v-if="accepted.length" data-testid="accepted-scales" aria-label="Judged otherwise here">
      <li v-for="s in accepted" :key="s.name">
        <b>Judged otherwise in this workshop:</b>
        <span>{{ scaleText(s, show) }}, in every ranking</span>
        <Button type="text" size="small" @click="takeBack(s.name)">Take it back</Button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.curve {
  height: 300px;
  max-width: 560px;
}
ul {
  list-style: none;
  margin: 8px 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
  border-top: 1px solid var(--rule);
  padding: 5px 0;
}
h2 {
  font-size: 16px;
  margin: 24px 0 2px;
}
</style>
