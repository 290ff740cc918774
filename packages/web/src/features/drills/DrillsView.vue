<script setup lang="ts">
import { calibrationWords, calibration, daysOfWeek, kindStandings } from '@hornblende/core/drills';
import { AutoComplete, Button, Input, Progress } from '../../ui/kit';
import { computed, defineAsyncComponent, onMounted, ref } from 'vue';
import { useRoute } from 'vue-router';
import { useDrills } from '../../stores/drills';
import { useParts } from '../../stores/parts';
import PageState from '../../ui/PageState.vue';
import Segments from '../../ui/Segments.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useListPointers } from '../../ui/useListPointers';
import DrillQuestion from './DrillQuestion.vue';
import KindList from './KindList.vue';
import LadderPanel from './LadderPanel.vue';
import RoundEnd from './RoundEnd.vue';
import { useRound } from './useRound';

// The chart is large, and seldom looked at.
const HowSure = defineAsyncComponent(() => import('./HowSure.vue'));

/** Five minutes that train the judgement. */
type Side = 'drill' | 'sure' | 'ladder';
const drills = useDrills();
const parts = useParts();
const round = useRound();
const { attempt } = useFeedback();
const whoField = ref<{ $el: HTMLElement } | null>(null);
const isWhoOpen = useListPointers(whoField);
const { query } = useRoute();
const side = ref<Side>(query.side === 'ladder' ? 'ladder' : 'drill');
const sides: { value: Side; label: string }[] = [
  { value: 'drill', label: 'Drill' },
  { value: 'sure', label: 'How sure' },
  { value: 'ladder', label: 'Ladder' },
];
const word = ref(typeof query.class === 'string' ? query.class : '');
const load = (): Promise<boolean> => attempt(() => drills.load());
onMounted(() => {
  void load();
  if (parts.state !== 'ready') void parts.load().catch(() => undefined);
});
const now = new Date().toISOString();
const standings = computed(() => kindStandings(drills.mine));
const due = computed(() => standings.value.filter(s => s.dueAt !== null && s.dueAt <= now).length);
const fresh = computed(() => standings.value.filter(s => s.dueAt === null).length);
const days = computed(() => daysOfWeek(drills.mine, now));
const people = computed(() => drills.people.map(value => ({ value })));
</script>

<template>
  <div class="page drills" data-testid="drills-page">
    <div class="page-head">
      <h1>Drills</h1>
      <Button v-if="round.isOn.value && side === 'drill'" type="text" @click="round.stop()">Stop here</Button>
    </div>
    <Segments v-model="side" :options="sides" label="Side of the drills" />
    <PageState :state="drills.state" what="what you answered" @retry="load">
      <template v-if="side === 'drill'">
        <div v-if="!round.isOn.value" class="begin" data-testid="drills-begin">
          <div>
            <p class="lead">
              Ten questions, five minutes. Answers are worked out by the same models as everything here, and
              open their working.
            </p>
            <p class="soft">
              {{ due ? `${due} kinds are due` : 'Nothing is due' }}{{ fresh ? `, ${fresh} are new` : '' }}.
              <template v-if="drills.mine.length"
                >You drilled on {{ days }} of the last 7 days.
                {{ calibrationWords(calibration(drills.mine)) }}</template
              >
            </p>
            <Button type="primary" size="large" @click="round.begin()">Begin</Button>
            <div class="fields">
              <div>
                <label for="drill-who" class="small soft">Who drills (optional)</label>
                <AutoComplete
                  id="drill-who"
                  ref="whoField"
                  v-model:value="drills.who"
                  :options="people"
                  placeholder="a name, where several share this"
                  :maxlength="60"
                  @dropdown-visible-change="(now: boolean) => (isWhoOpen = now)"
                />
              </div>
              <form @submit.prevent="word.trim() && round.beginClass(word)">
                <label for="drill-word" class="small soft"
                  >A word that a class shares: the same ten for all</label
                >
                <span class="row">
                  <Input
                    id="drill-word"
                    v-model:value="word"
                    placeholder="such as thursday"
                    :maxlength="40"
                  />
                  <Button :disabled="!word.trim()" html-type="submit">Begin with it</Button>
                </span>
              </form>
            </div>
          </div>
          <KindList :standings="standings" :now="now" @drill="kind => round.begin(kind)" />
        </div>
        <RoundEnd v-else-if="round.isOver.value" :round="round" />
        <template v-else>
          <Progress
            :percent="(100 * round.at.value) / round.planned.value.length"
            :show-info="false"
            size="small"
            :aria-label="`${round.at.value} of ${round.planned.value.length}`"
          />
          <DrillQuestion :key="round.at.value" :round="round" />
        </template>
      </template>
      <HowSure v-else-if="side === 'sure'" />
      <LadderPanel v-else />
    </PageState>
  </div>
</template>

<style scoped>
.begin {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 8px 48px;
}
@media (max-width: 860px) {
  .begin {
    grid-template-columns: minmax(0, 1fr);
  }
}
.lead {
  font-size: 18px;
  margin: 16px 0 4px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 16px 28px;
  margin-top: 28px;
}
.fields :deep(.ant-select) {
  width: 100%;
}
label {
  display: block;
}
.row {
  display: flex;
  gap: 8px;
}
</style>
