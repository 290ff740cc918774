<script setup lang="ts">
import { calibration, calibrationWords } from '@hornblende/core/drills';
import { Button } from '../../ui/kit';
import { computed } from 'vue';
import ChartFrame from '../../charts/ChartFrame.vue';
import { useChartColours } from '../../charts/useChartColours';
import { useDrills } from '../../stores/drills';
import { useFeedback } from '../../ui/useFeedback';
import { calibrationOption } from '../../charts/calibration-chart';

/** How well one knows how well one knows. */
const drills = useDrills();
const colours = useChartColours();
const { ask } = useFeedback();
const known = computed(() => calibration(drills.mine));
const axes = { said: 'held to be right', came: 'were right' };
const option = computed(() => calibrationOption(known.value, colours.value, axes));
function forget(): void {
  ask({
    title: 'Forget all your answers?',
    content: `${drills.mine.length} answers go, and with them how sure you were.`,
    deed: 'Forget them',
    danger: true,
    act: () => drills.forget(),
  });
}
</script>

<template>
  <section class="sure" aria-label="How sure you are">
    <h2>How sure, and how right</h2>
    <p data-testid="calibration">{{ calibrationWords(known) }}</p>
    <ChartFrame v-if="known.points.length" :option="option" class="curve" label="Calibration curve" />
    <p v-if="known.points.length" class="soft small">
      A dot on the dashed line is as sure as it should be; the bars hold the truth in 95 of 100. Under the
      line is too sure.
    </p>
    <Button v-if="drills.mine.length" type="text" danger @click="forget">Forget my answers</Button>
  </section>
</template>

<style scoped>
.sure {
  max-width: 620px;
}
.curve {
  height: 340px;
}
h2 {
  font-size: 16px;
  margin: 14px 0 4px;
}
</style>
