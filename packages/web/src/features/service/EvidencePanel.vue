<script setup lang="ts">
import { yearsText } from '@hornblende/core/lib';
import {
  failureModeWords,
  groupOf,
  serviceRecord,
  UNSURE,
  type EvidenceGroup,
  type FailureMode,
  type Grouping,
  heatWords,
  loadWords,
  sunWords,
} from '@hornblende/core/service';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import ChartFrame from '../../charts/ChartFrame.vue';
import { useChartColours } from '../../charts/useCharts';
import { useLibrary } from '../../stores/library';
import { useParts } from '../../stores/parts';
import { useService } from '../../stores/service';
import { useWorking } from '../../stores/working';
import PageState from '../../ui/PageState.vue';
import Segments from '../../ui/Segments.vue';
import WorkingNumber from '../../ui/WorkingNumber.vue';
import { survivalOption } from './survival-chart';
import { useEvidence } from './useEvidence';

/** How long parts last, by what they are of or where they are: the curve, and what may be said of it. */
const colours = useChartColours();
const library = useLibrary();
const parts = useParts();
const service = useService();
const working = useWorking();
const by = ref<Grouping>('family');
const groupings: { value: Grouping; label: string }[] = [
  { value: 'family', label: 'Filament' },
  { value: 'part', label: 'Part' },
  { value: 'sun', label: 'Sun' },
  { value: 'heat', label: 'Place' },
  { value: 'load', label: 'Load' },
  { value: 'colour', label: 'Colour' },
  { value: 'all', label: 'All' },
];
const { evidence, state, load } = useEvidence(by);
const picked = ref('');
const groups = computed(() => evidence.value?.groups ?? []);
/** Groups of a single part that stands: one line for all of them, until it is opened. */
const single = computed(() => groups.value.filter(g => g.survival.parts === 1 && !g.survival.failures));
const isOpen = ref(false);
const listed = computed(() =>
  isOpen.value || single.value.length < 2
    ? groups.value
    : groups.value.filter(g => !single.value.includes(g)),
);
const group = computed(() => groups.value.find(g => g.key === picked.value) ?? groups.value[0] ?? null);
function nameOf(key: string): string {
  if (key === UNSURE) return 'one or another';
  const known: Record<string, string> = { ...sunWords, ...heatWords, ...loadWords };
  if (by.value === 'family') return library.nameOf(key);
  if (by.value === 'part') return parts.list.find(p => p.id === key)?.name ?? 'no part of the list';
  if (by.value === 'load') return loadWords[key as keyof typeof loadWords] ?? key;
  return key === 'all' ? 'all of it' : (known[key] ?? key);
}
const option = computed(() =>
  group.value ? survivalOption(group.value, nameOf(group.value.key), colours.value) : null,
);
const percent = (share: number): string => `${Math.round(100 * share)} %`;
/** What may be said of a group, in a sentence: never more than its parts bear. */
function said({ survival: s }: EvidenceGroup): string {
  if (!s.parts) return 'Nobody has looked yet.';
  const bound = s.lowerBound95;
  const few = s.parts < 5 ? ' So few are a hint, no more.' : '';
  if (!s.failures)
    return bound === null || s.atYears < 0.1
      ? `None of ${s.parts} has failed.${few}`
      : `${s.stood} of ${s.reached} have stood ${yearsText(s.atYears)}: at least ${percent(bound)} do, at 95 %.${few}`;
  const ways = Object.entries(s.incidence)
    .map(
      ([mode, steps]) =>
        `${percent(steps.at(-1)!.incidence)} ${failureModeWords[mode as FailureMode] ?? mode}`,
    )
    .join(', ');
  return `${s.failures} of ${s.parts} failed: ${ways} by ${yearsText(s.curve.at(-1)!.years)}.${few}`;
}
const spoken = computed(() => (group.value ? `${nameOf(group.value.key)}: ${said(group.value)}` : ''));
/** A distribution is shown where the parts bound its shape: of a few it would say more than they know. */
const weibull = computed(() => {
  const w = group.value?.survival.weibull;
  return w && w.shapeLow !== null && w.shapeHigh !== null ? w : null;
});
const range = (low: number | null, high: number | null): string =>
  `${low === null ? 'no bound' : low.toPrecision(2)} to ${high === null ? 'no bound' : high.toPrecision(2)}`;
/** What a Weibull's shape says of how such parts go. */
const wears = computed(() => {
  if (!weibull.value) return '';
  const { shapeLow, shapeHigh } = weibull.value;
  if (shapeLow !== null && shapeLow > 1) return 'they wear out: the older, the likelier';
  if (shapeHigh !== null && shapeHigh < 1) return 'they fail early, or not at all';
  return 'whether age does it is not told yet';
});
/** The records behind the group that is shown, for its working. */
function open(): void {
  const shown = group.value;
  if (!shown || by.value === 'part') return;
  const records = service.placed
    .filter(p => p.standing.looks > 0 && groupOf(p.placement, by.value, library.familyKeyOf) === shown.key)
    .map(p => serviceRecord(p.standing, p.placement));
  working.show({ title: nameOf(shown.key), refs: [{ model: 'service.survival', inputs: { records } }] });
}
</script>

<template>
  <section aria-label="How long it lasts" data-testid="evidence">
    <Segments v-model="by" :options="groupings" label="Grouped by" />
    <PageState :state="state" what="what the parts tell" @retry="load">
      <div v-if="group && option" class="both">
        <ul class="groups">
          <li v-for="g in listed" :key="g.key" data-testid="evidence-group">
            <Button
              type="text"
              block
              class="group"
              :class="{ now: g.key === group.key }"
              :aria-pressed="g.key === group.key"
              @click="picked = g.key"
            >
              <b>{{ nameOf(g.key) }}</b>
              <span class="small">{{ said(g) }}</span>
              <span v-if="g.unseen" class="soft small">{{ g.unseen }} not looked at yet</span>
            </Button>
          </li>
          <li v-if="single.length > 1">
            <Button
              type="text"
              block
              class="group"
              :aria-expanded="isOpen"
              data-testid="single-groups"
              @click="isOpen = !isOpen"
            >
              <b>{{ single.length }} of one part each</b>
              <span class="small">{{
                isOpen
                  ? 'Fold them.'
                  : `${single.map(g => nameOf(g.key)).join(', ')}: none has failed; one part proves next to nothing.`
              }}</span>
            </Button>
          </li>
        </ul>
        <div class="curve">
          <h2>{{ nameOf(group.key) }}</h2>
          <ChartFrame class="chart" :option="option" :label="spoken" />
          <p class="small">
            <WorkingNumber v-if="by !== 'part'" @click="open">{{ said(group) }}</WorkingNumber><template
              v-else
              >{{ said(group) }}</template
            >
          </p>
          <p v-if="weibull" class="small soft">
            Weibull: half life {{ yearsText(weibull.scale * Math.log(2) ** (1 / weibull.shape)) }}, shape
            {{ weibull.shape.toPrecision(2) }} ({{ range(weibull.shapeLow, weibull.shapeHigh) }}), scale
            {{ weibull.scale.toPrecision(2) }} years ({{ range(weibull.scaleLow, weibull.scaleHigh) }});
            {{ wears }}.
          </p>
          <p class="small soft">
            The band is what so many parts bear (95 %). What was lost or taken away sound counts until then. A
            part counts until it was last seen.
          </p>
        </div>
      </div>
      <p v-else class="soft">Nothing was looked at yet.</p>
    </PageState>
  </section>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: minmax(220px, 1fr) minmax(0, 1.7fr);
  gap: 24px;
  margin-top: 12px;
}
.groups {
  list-style: none;
  margin: 0;
  padding: 0;
}
.group.group.group {
  display: grid;
  gap: 2px;
  height: auto;
  padding: 8px 10px;
  text-align: left;
  white-space: normal;
  color: var(--ink);
  border: 0;
  border-bottom: 1px solid var(--rule);
  border-left: 3px solid transparent;
  border-radius: 0;
}
.group.group.now {
  border-left-color: var(--gold);
}
h2 {
  margin: 0;
  font-size: 16px;
}
.chart {
  height: 320px;
}
p {
  margin: 4px 0;
}
@media (max-width: 760px) {
  .both {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
