<script setup lang="ts">
import { rulers as rulersOf, type Ruler } from '@hornblende/core/advice';
import type { CriterionId } from '@hornblende/core/lib';
import { acceptedScales } from '@hornblende/core/service';
import { useSessionStorage } from '@vueuse/core';
import { Button, Checkbox, TabPane, Tabs } from '../../ui/kit';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import Segments from '../../ui/Segments.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { scaleText, strengthText } from '../../ui/scale-words';
import { useUnits } from '../../ui/useUnits';
import WeightSliders from '../brief/WeightSliders.vue';
import { words } from '../brief/words';
import { useDraft } from '../part/draft';
import { useContenders } from '../part/useContenders';
import { useRanking } from '../part/useRanking';
import CandidateDetail from './CandidateDetail.vue';
import EqualsLine from './EqualsLine.vue';
import MarginRulers from './MarginRulers.vue';
import NothingFits from './NothingFits.vue';
import OtherWays from './OtherWays.vue';
import { useWorkshop } from '../../stores/workshop';
import FavouriteLine from './FavouriteLine.vue';
import SchoolsLine from './SchoolsLine.vue';
import StrataChart from './StrataChart.vue';
import TrialWord from './TrialWord.vue';
import { useRankFilters } from './useRankFilters';
import { useShowWorking } from './useShowWorking';

// Panels and dialogs that are opened on demand.
const ComparePanel = defineAsyncComponent(() => import('./ComparePanel.vue'));
const PointsPanel = defineAsyncComponent(() => import('./PointsPanel.vue'));
const RankTable = defineAsyncComponent(() => import('./RankTable.vue'));
const SurePanel = defineAsyncComponent(() => import('./SurePanel.vue'));
const TipsPanel = defineAsyncComponent(() => import('./TipsPanel.vue'));
const TradeQuestions = defineAsyncComponent(() => import('./TradeQuestions.vue'));

const draft = useDraft();
const { ranking, candidates, printer, weather, first } = useRanking();
const { grades, left: gradesLeft, picking } = useContenders();
const { onlyShelf, onlyPrinter, colour, maker, colours, makers, shown, best, shelfWords, clear } =
  useRankFilters();
const anyOr = (any: string, names: readonly string[]): { value: string; label: string }[] => [
  { value: '', label: any },
  ...names.map(value => ({ value, label: value })),
];
const working = useShowWorking(() => ranking.value);

type Panel = 'margins' | 'sure' | 'tips' | 'compare' | 'points';
const panel = useSessionStorage<Panel>('hornblende-rank-panel', 'margins');
const panels: { key: Panel; label: string }[] = [
  { key: 'margins', label: 'Margins' },
  { key: 'sure', label: 'How sure' },
  { key: 'tips', label: 'What would change this?' },
  { key: 'compare', label: 'Compare two' },
  { key: 'points', label: 'Scoring' },
];
const asTable = ref(false);
const weighing = ref(false);
const asking = ref(false);

const selected = ref<string | null>(null);
const candidate = computed(() => ranking.value?.candidates.find(c => c.material === selected.value) ?? null);
watch(
  [ranking, first],
  () => {
    if (!candidate.value)
      selected.value = first.value?.material ?? ranking.value?.candidates[0]?.material ?? null;
  },
  { immediate: true },
);
watch(
  () => first.value?.material,
  key => {
    if (key) selected.value = key;
  },
);
watch(best, now => {
  if (now && !shown.value.some(c => c.material === selected.value)) selected.value = now.material;
});

/** How many of the leading candidates stand on the rulers, beside the one that is selected. */
const ON_RULERS = 5;
const rulerList = computed(() => {
  const { brief } = draft;
  if (!brief || !ranking.value) return [];
  const running = shown.value.filter(c => c.rank !== null);
  const list = (running.length ? running : shown.value).slice(0, ON_RULERS).map(c => c.material);
  if (selected.value && !list.includes(selected.value)) list.push(selected.value);
  const options = { printer: printer.value, weather: weather.value, families: candidates.value };
  return rulersOf(brief, options, list);
});
function showRuler(r: Ruler, material: string): void {
  const c = ranking.value?.candidates.find(x => x.material === material);
  const k = c?.criteria.find(x => x.id === r.id);
  if (!c || !k) return;
  selected.value = material;
  working.criterion(c, k);
}
function weigh(id: CriterionId, weight: number): void {
  draft.set('weights', { ...draft.brief?.weights, [id]: weight });
}
/** Whether the workshop keeps to some filaments. */
const workshop = useWorkshop();
const allowed = computed(() => workshop.settings.allowed.length > 0);
const { show } = useUnits();
const moved = computed(() =>
  [
    ...acceptedScales(workshop.settings.scales).map(s => scaleText(s, show)),
    ...workshop.settings.scales.strengths.map(strengthText),
  ].join(', '),
);
const school = computed({
  get: () => ranking.value?.school ?? 'weighted',
  set: s => draft.set('school', s),
});
</script>

<template>
  <div v-if="ranking && draft.brief" class="page rank">
    <div class="bar">
      <Segments v-model="school" label="Choose by" :options="words.school" />
      <SchoolsLine :ranking="ranking" />
      <span class="right">
        <Checkbox v-model:checked="onlyShelf">on my shelf</Checkbox>
        <span v-if="onlyShelf" class="small">
          in
          <SentenceSelect v-model="colour" label="Colour" :options="anyOr('any colour', colours)" />
          by
          <SentenceSelect v-model="maker" label="Maker" :options="anyOr('anybody', makers)" />
        </span>
        <Checkbox v-if="printer" v-model:checked="onlyPrinter">this printer can</Checkbox>
        <Button type="text" :aria-expanded="weighing" @click="weighing = !weighing">Weights</Button>
        <Button type="text" @click="asTable = !asTable">{{ asTable ? 'As a chart' : 'As a table' }}</Button>
      </span>
    </div>
    <div v-if="weighing" class="weighing">
      <WeightSliders :ranking="ranking" />
      <Button type="text" @click="asking = true">Ask me questions instead</Button>
    </div>
    <TradeQuestions v-if="asking" :ranking="ranking" @close="asking = false" />
    <p v-if="shelfWords" class="shelf-words" data-testid="shelf-best" role="status">{{ shelfWords }}</p>
    <p v-if="allowed" class="soft small" data-testid="allowed-line">
      Only the filaments that are printed here take part.
      <RouterLink to="/settings">Which they are</RouterLink>
    </p>
    <p v-if="moved" class="soft small" data-testid="scales-line">
      Judged as this workshop’s own parts and measurements taught: {{ moved }}.
      <RouterLink to="/service">Where that comes from</RouterLink>
    </p>
    <EqualsLine :ranking="ranking" />
    <FavouriteLine v-if="first" :ranking="ranking" />
    <TrialWord :ranking="ranking" />
    <NothingFits v-if="!first" :ranking="ranking" />
    <OtherWays v-if="!first" />
    <div class="columns">
      <div class="left">
        <p v-if="!shown.length" class="soft">
          The filters leave nothing. <Button type="text" @click="clear">Show all</Button>
        </p>
        <RankTable
          v-else-if="asTable"
          :candidates="shown"
          :selected="selected"
          @select="selected = $event"
          @working="working.criterion"
          @score="working.score"
        />
        <StrataChart
          v-else
          :candidates="shown"
          :weights="ranking.weights"
          :selected="selected"
          @select="selected = $event"
          @working="working.criterion"
          @weigh="weigh"
        />
        <p v-if="gradesLeft" class="soft small">
          The best of {{ gradesLeft + grades.length }} own grades take part, by family;
          {{ gradesLeft }} lesser ones are left out{{ picking ? ' (picking them again…)' : '' }}.
        </p>
        <Tabs v-model:active-key="panel" class="panels" :destroy-inactive-tab-pane="true" :animated="false">
          <TabPane v-for="p in panels" :key="p.key" :tab="p.label">
            <template v-if="p.key === 'margins'">
              <p class="soft small">
                In their own units: bars run from a poor spool to a fine one; the tick is a typical one, a
                cross where it falls short.
              </p>
              <MarginRulers :rulers="rulerList" :selected="selected" @working="showRuler" />
            </template>
            <SurePanel
              v-else-if="p.key === 'sure'"
              :first="ranking.firstChoice"
              :selected="selected"
              @select="selected = $event"
            />
            <TipsPanel v-else-if="p.key === 'tips'" :ranking="ranking" />
            <ComparePanel
              v-else-if="p.key === 'compare'"
              :candidates="ranking.candidates"
              :selected="selected"
            />
            <PointsPanel v-else-if="candidate" :candidate="candidate" @working="working.criterion" />
          </TabPane>
        </Tabs>
      </div>
      <CandidateDetail
        v-if="candidate"
        :candidate="candidate"
        @score="working.score(candidate)"
        @cost="working.cost(candidate)"
      />
    </div>
  </div>
</template>

<style scoped>
.rank {
  padding-top: 14px;
  max-width: none;
}
.bar {
  display: flex;
  gap: 8px 16px;
  align-items: center;
  flex-wrap: wrap;
  font-size: 14px;
  margin-bottom: 8px;
}
.right {
  margin-left: auto;
  display: flex;
  gap: 4px 12px;
  align-items: center;
  flex-wrap: wrap;
}
.shelf-words {
  margin: 4px 0 8px;
}
.weighing {
  border-top: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
  padding: 10px 0;
  margin-bottom: 10px;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 30px;
  align-items: start;
}
.panels {
  margin-top: 10px;
}
@media (max-width: 1180px) {
  .columns {
    grid-template-columns: minmax(0, 1fr) 250px;
    gap: 18px;
  }
  .rank {
    padding-left: 20px;
    padding-right: 20px;
  }
}
@media (max-width: 860px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  .rank {
    padding-left: 14px;
    padding-right: 14px;
  }
}
</style>
