<script setup lang="ts">
import {
  criterionLabels,
  rulers as rulersOf,
  scoreWorking,
  sig,
  successWorking,
  type Candidate,
  type Criterion,
  type CriterionId,
  type Ruler,
  type School,
} from '@hornblende/core';
import { useSessionStorage } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { words } from '../components/brief/words';
import WeightSliders from '../components/brief/WeightSliders.vue';
import GateList from '../components/GateList.vue';
import MarginRulers from '../components/MarginRulers.vue';
import NothingFits from '../components/NothingFits.vue';
import ComparePanel from '../components/rank/ComparePanel.vue';
import PointsPanel from '../components/rank/PointsPanel.vue';
import SchoolsLine from '../components/rank/SchoolsLine.vue';
import SurePanel from '../components/rank/SurePanel.vue';
import TipsPanel from '../components/rank/TipsPanel.vue';
import TradeQuestions from '../components/rank/TradeQuestions.vue';
import RankTable from '../components/RankTable.vue';
import StatusMark from '../components/StatusMark.vue';
import StrataChart from '../components/StrataChart.vue';
import { useContenders } from '../composables/useContenders';
import { useRankFilters } from '../composables/useRankFilters';
import { useRanking } from '../composables/useRanking';
import { useUnits } from '../composables/useUnits';
import { useDraft } from '../stores/draft';
import { useShelf } from '../stores/shelf';
import { useWorking } from '../stores/working';
import { useWorkshop } from '../stores/workshop';

const draft = useDraft();
const working = useWorking();
const workshop = useWorkshop();
const { convert, say, show } = useUnits();
const { ranking, candidates, printer, weather, first } = useRanking();
const selected = ref<string | null>(null);
const shelf = useShelf();
const { grades, left: gradesLeft, picking } = useContenders();
const gradesTaking = computed(() => grades.value.length);
const asTable = ref(false);
const { onlyShelf, onlyPrinter, shown, best, shelfWords, clear } = useRankFilters();
const weighing = ref(false);
const asking = ref(false);
type Panel = 'margins' | 'sure' | 'tips' | 'compare' | 'points';
const panel = useSessionStorage<Panel>('hornblende-rank-panel', 'margins');
const panels: { key: Panel; label: string }[] = [
  { key: 'margins', label: 'Margins' },
  { key: 'sure', label: 'How sure' },
  { key: 'tips', label: 'What would change this?' },
  { key: 'compare', label: 'Compare two' },
  { key: 'points', label: 'Scoring' },
];
watch(
  [ranking, first],
  () => {
    if (!ranking.value?.candidates.some(c => c.material === selected.value))
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
const candidate = computed(() => ranking.value?.candidates.find(c => c.material === selected.value) ?? null);
const rulerList = computed(() => {
  const brief = draft.brief;
  if (!brief || !ranking.value) return [];
  const running = shown.value
    .filter(c => c.rank !== null)
    .slice(0, 5)
    .map(c => c.material);
  const list = running.length ? running : shown.value.slice(0, 5).map(c => c.material);
  if (selected.value && !list.includes(selected.value)) list.push(selected.value);
  return rulersOf(
    brief,
    { printer: printer.value, weather: weather.value, families: candidates.value },
    list,
  );
});

function showCriterion(c: Candidate, k: Criterion): void {
  selected.value = c.material;
  const label = criterionLabels[k.id];
  working.show({
    title: `${label.label}, ${c.name}`,
    note:
      `${label.measure}: ${sig(convert(k.value, k.unit).value, 3)} ${convert(k.value, k.unit).unit}; ` +
      `unacceptable at ${sig(convert(k.unacceptable, k.unit).value, 3)}, comfortable at ` +
      `${sig(convert(k.comfortable, k.unit).value, 3)}.`,
    ...(k.id === 'printability' ? { steps: successWorking(c) } : {}),
    refs: [
      ...(k.working ? [k.working] : []),
      ...(Number.isFinite(k.value)
        ? [
            {
              model: 'score.desirability',
              inputs: { value: k.value, unacceptable: k.unacceptable, comfortable: k.comfortable },
            },
          ]
        : []),
    ],
  });
}
function showRuler(r: Ruler, material: string): void {
  const c = ranking.value?.candidates.find(x => x.material === material);
  const k = c?.criteria.find(x => x.id === r.id);
  if (c && k) showCriterion(c, k);
}
function showScore(c: Candidate): void {
  if (ranking.value)
    working.show({ title: `Score of ${c.name}`, steps: scoreWorking(c, ranking.value.school) });
}
function showCost(c: Candidate): void {
  const k = c.criteria.find(x => x.id === 'cost');
  if (k?.working) working.show({ title: `Mass, time and cost in ${c.name}`, refs: [k.working] });
}
function weigh(id: CriterionId, weight: number): void {
  draft.set('weights', { ...draft.brief?.weights, [id]: weight });
}
function choose(s: School): void {
  draft.set('school', s);
}
</script>

<template>
  <div v-if="ranking && draft.brief" class="page rank">
    <div class="bar">
      <span class="segments" role="radiogroup" aria-label="Choose by"
        ><button
          v-for="s in words.school"
          :key="s.value"
          type="button"
          role="radio"
          :aria-checked="ranking.school === s.value"
          :class="{ on: ranking.school === s.value }"
          @click="choose(s.value)"
        >
          {{ s.label }}
        </button></span
      >
      <SchoolsLine :ranking="ranking" />
      <span class="right">
        <label class="tick"><input v-model="onlyShelf" type="checkbox" /> on my shelf</label>
        <label v-if="printer" class="tick"
          ><input v-model="onlyPrinter" type="checkbox" /> this printer can</label
        >
        <button type="button" class="quiet-button" :aria-expanded="weighing" @click="weighing = !weighing">
          Weights
        </button>
        <button type="button" class="quiet-button" @click="asTable = !asTable">
          {{ asTable ? 'As a chart' : 'As a table' }}
        </button>
      </span>
    </div>
    <div v-if="weighing" class="weighing">
      <WeightSliders :ranking="ranking" /><button type="button" class="quiet-button" @click="asking = true">
        Ask me questions instead
      </button>
    </div>
    <TradeQuestions v-model:open="asking" :ranking="ranking" />
    <p v-if="shelfWords" class="shelf-words" data-testid="shelf-best" role="status">{{ shelfWords }}</p>
    <NothingFits v-if="!first" :ranking="ranking" />
    <div class="columns">
      <div class="left">
        <p v-if="!shown.length" class="soft">
          The filters leave nothing.
          <button type="button" class="quiet-button" @click="clear">Show all</button>
        </p>
        <RankTable
          v-else-if="asTable"
          :candidates="shown"
          :selected="selected"
          @select="selected = $event"
          @working="showCriterion"
          @score="showScore"
        />
        <StrataChart
          v-else
          :candidates="shown"
          :weights="ranking.weights"
          :selected="selected"
          @select="selected = $event"
          @working="showCriterion"
          @weigh="weigh"
        />
        <p v-if="gradesLeft" class="soft small">
          The best of {{ gradesLeft + gradesTaking }} own grades take part, by family; {{ gradesLeft }} lesser
          ones are left out{{ picking ? ' (picking them again…)' : '' }}.
        </p>
        <p class="panels leaves" role="tablist" aria-label="More about the ranking">
          <button
            v-for="p in panels"
            :key="p.key"
            type="button"
            role="tab"
            :aria-selected="panel === p.key"
            :class="{ on: panel === p.key }"
            @click="panel = p.key"
          >
            {{ p.label }}
          </button>
        </p>
        <template v-if="panel === 'margins'"
          ><p class="soft small">
            In their own units: bars run from a poor spool to a fine one; the tick is a typical one, a cross
            where it falls short.
          </p>
          <MarginRulers :rulers="rulerList" :selected="selected" @working="showRuler"
        /></template>
        <SurePanel
          v-else-if="panel === 'sure'"
          :first="ranking.firstChoice"
          :selected="selected"
          @select="selected = $event"
        />
        <TipsPanel v-else-if="panel === 'tips'" :ranking="ranking" />
        <ComparePanel v-else-if="panel === 'compare'" :candidates="ranking.candidates" :selected="selected" />
        <PointsPanel v-else-if="candidate" :candidate="candidate" @working="showCriterion" />
      </div>
      <aside v-if="candidate" class="detail" :aria-label="candidate.name">
        <div class="head">
          <h2>{{ candidate.name }}</h2>
          <StatusMark :status="candidate.status" /><button
            type="button"
            class="num score"
            @click="showScore(candidate)"
          >
            {{ candidate.score.toFixed(2) }}
          </button>
        </div>
        <template v-if="candidate.for.length"
          ><p v-for="f in candidate.for" :key="f">{{ say(f) }}</p></template
        >
        <p v-for="a in candidate.against.slice(0, 3)" :key="a"><b>Against:</b> {{ say(a) }}</p>
        <p v-for="c in candidate.cautions" :key="c" class="caution small">{{ say(c) }}</p>
        <p class="soft small">
          One weighs {{ show(candidate.printing.massG, 'mass', 1) }}, takes
          {{ sig(candidate.printing.hours, 2) }} h and
          <button type="button" class="num" @click="showCost(candidate)">
            costs {{ workshop.currency }}{{ candidate.printing.costEach.toFixed(2) }}</button
          >.<template v-if="shelf.stock.has(candidate.material)">
            <RouterLink to="/workshop/spools"
              >{{ show(shelf.stock.get(candidate.material), 'mass') }} on the shelf</RouterLink
            >.</template
          >
        </p>
        <h3>Gates</h3>
        <GateList :candidate="candidate" />
      </aside>
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
  gap: 16px;
  align-items: center;
  flex-wrap: wrap;
  font-size: 14px;
  margin-bottom: 8px;
}
.right {
  margin-left: auto;
  display: flex;
  gap: 8px;
  align-items: center;
}
.tick {
  display: inline-flex;
  gap: 6px;
  align-items: baseline;
  color: var(--soft);
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
  margin: 14px 0 8px;
  border-bottom: 1px solid var(--rule);
}
.detail {
  border-left: 1px solid var(--rule);
  padding-left: 22px;
  font-size: 14.5px;
}
.detail p {
  margin-bottom: 7px;
}
.head {
  display: flex;
  gap: 10px;
  align-items: baseline;
  margin-bottom: 8px;
}
.score {
  margin-left: auto;
}
.caution {
  border-left: 3px solid var(--marginal-fill);
  padding-left: 10px;
}
h3 {
  margin: 12px 0 4px;
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
  .detail {
    padding-left: 16px;
  }
}
</style>
