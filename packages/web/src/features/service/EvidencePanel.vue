<script setup lang="ts">
import { yearsText } from '@hornblende/core/lib';
import {
  groupOf,
  serviceRecord,
  UNSURE,
  type Grouping,
  heatWords,
  loadWords,
  sunWords,
} from '@hornblende/core/service';
import { computed, ref } from 'vue';
import ChartFrame from '../../charts/ChartFrame.vue';
import { useChartColours } from '../../charts/useChartColours';
import { useLibrary } from '../../stores/library';
import { useService } from '../../stores/service';
import { useWorking } from '../../stores/working';
import PageState from '../../ui/PageState.vue';
import Segments from '../../ui/Segments.vue';
import WorkingNumber from '../../ui/WorkingNumber.vue';
import EvidenceGroups from './EvidenceGroups.vue';
import { groupSaid } from './group-said';
import { survivalOption } from './survival-chart';
import { useEvidence } from './useEvidence';

/** How long parts last, by what they are of or where they are: all groups in one chart, and the curve of one. */
const colours = useChartColours();
const library = useLibrary();
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
const group = computed(() => groups.value.find(g => g.key === picked.value) ?? groups.value[0] ?? null);
function nameOf(key: string): string {
  if (key === UNSURE) return 'not known which';
  const known: Record<string, string> = { ...sunWords, ...heatWords, ...loadWords };
  if (by.value === 'family') return library.nameOf(key);
  if (by.value === 'part') return evidence.value?.parts[key] ?? 'no part of the list';
  if (by.value === 'load') return loadWords[key as keyof typeof loadWords] ?? key;
  return key === 'all' ? 'all of it' : (known[key] ?? key);
}
const option = computed(() =>
  group.value ? survivalOption(group.value, nameOf(group.value.key), colours.value) : null,
);
const spoken = computed(() => (group.value ? `${nameOf(group.value.key)}: ${groupSaid(group.value)}` : ''));
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
        <EvidenceGroups
          :groups="groups"
          :name-of="nameOf"
          :picked="group.key"
          @pick="key => (picked = key)"
        />
        <div class="curve">
          <h2>{{ nameOf(group.key) }}</h2>
          <ChartFrame class="chart" :option="option" :label="spoken" />
          <p class="small">
            <WorkingNumber v-if="by !== 'part'" @click="open">{{ groupSaid(group) }}</WorkingNumber><template
              v-else
              >{{ groupSaid(group) }}</template
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
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 24px;
  margin-top: 12px;
}
h2 {
  margin: 0;
  font-size: 16px;
}
.curve {
  position: sticky;
  top: 8px;
  align-self: start;
}
.chart {
  height: 300px;
}
p {
  margin: 4px 0;
}
@media (max-width: 1000px) {
  .both {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
