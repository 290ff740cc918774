<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import { fitsInto, safetyOf } from '@hornblende/core/brief';
import type { CutPlan } from '@hornblende/core/field';
import type { Family } from '@hornblende/core/materials';
import { joinHolds, joinsOf } from '@hornblende/core/print';
import { Button, Progress } from '../../ui/kit';
import { computed, watch } from 'vue';
import PlainTable from '../../ui/PlainTable.vue';
import { useUnits } from '../../ui/useUnits';
import { useJob } from '../../workers/useJob';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';
import { shapeBytes } from './shape-bytes';
import { useShape } from './useShape';

/** Where a part that is too large, or lifts, is best cut, and what may join its pieces. */
const props = defineProps<{ family: Family }>();
const draft = useDraft();
const part = useShape();
const { printer } = useRanking();
const { show, say } = useUnits();
const { answer, progress, failed, ask, cancel } = useJob('cuts');
const axes = ['X', 'Y', 'Z'] as const;
const USUAL_BUILD_MM = [220, 220, 250] as const;
const build = computed(() => printer.value?.buildMm ?? USUAL_BUILD_MM);
/** The longest piece along each axis of the part: it is turned so that its longer side lies along the bed's. */
const room = computed((): [number, number, number] => {
  const [x, y, z] = build.value;
  const g = draft.brief?.geometry;
  const isDeeper = g !== undefined && g.xMm < g.yMm;
  const bedIsDeeper = x < y;
  return g && isDeeper !== bedIsDeeper ? [y, x, z] : [x, y, z];
});
const fits = computed(() => !draft.brief || fitsInto(draft.brief, build.value));
const safety = computed(() => (draft.brief ? safetyOf(draft.brief) : 1));
// Cuts are those of the part as it was: changed, it is asked anew.
watch(
  [() => draft.id, () => draft.brief?.geometry.up, () => draft.brief?.loads, () => part.shape.value],
  () => {
    cancel();
    answer.value = null;
  },
);
function find(): void {
  if (!draft.brief || !part.shape.value) return;
  const bytes = shapeBytes(part.shape.value);
  const minWallMm = part.report.value?.minWallMm ?? null;
  ask({ brief: draft.brief, bytes, minWallMm, roomMm: room.value });
}
function cutsText({ axis, cuts }: CutPlan): string {
  const at = cuts.map(c => show(c.atMm, 'length', 0)).join(' and ');
  return `Across ${axes[axis]} at ${at}: ${cuts.length + 1} pieces`;
}
/** The cut that decides a plan: the one that bears most, or the largest. */
function hardest({ cuts }: CutPlan): CutPlan['cuts'][number] {
  return [...cuts].sort((a, b) => (b.bearsMPa ?? b.areaMm2) - (a.bearsMPa ?? a.areaMm2))[0]!;
}
const plans = computed(() =>
  (answer.value?.plans ?? [])
    .map(plan => {
      const cut = hardest(plan);
      const joins = joinsOf(props.family, cut.areaMm2, safety.value).map(join => ({
        join,
        holds: cut.bearsMPa === null ? null : joinHolds(join, cut.areaMm2, cut.bearsMPa),
      }));
      return { plan, cut, joins };
    })
    .sort((a, b) => (a.cut.bearsMPa ?? a.cut.areaMm2) - (b.cut.bearsMPa ?? b.cut.areaMm2)),
);
const columns = [
  { title: 'Joined by', width: '30%' },
  { title: 'Breaks at', width: '18%' },
  { title: 'Carries', width: '14%' },
  { title: 'How', width: '38%' },
];
const marks = { yes: '● holds', no: '○ does not hold', unknown: '' } as const;
function markOf(holds: boolean | null): string {
  if (holds === null) return marks.unknown;
  return holds ? marks.yes : marks.no;
}
/** Estimates are told in two figures. */
const newtons = (n: number): string => say(`${sig(n, 2)} N`);
</script>

<template>
  <section aria-label="In pieces" data-testid="in-pieces">
    <h2>In pieces</h2>
    <p>
      {{
        fits
          ? 'It fits as it is. In halves it lifts and bows less: cut it where the seam bears least.'
          : 'It is larger than this printer prints: cut it where the seam bears least.'
      }}
      <Button v-if="progress === null" size="small" @click="find">Find where to cut it</Button>
    </p>
    <div v-if="progress !== null" class="busy small" role="status">
      Working its loads out on its shape…
      <Progress :percent="Math.round(100 * progress)" size="small" aria-label="Finding cuts" />
      <Button type="text" size="small" @click="cancel">Stop</Button>
    </div>
    <p v-if="failed" class="out small" role="alert">It cannot be told: {{ failed }}.</p>
    <p v-if="answer && !plans.length" class="soft small">It is too small to be cut.</p>
    <p v-if="!fits && plans.length > 1">
      Each of these cuts is needed: it is too long in more ways than one.
    </p>
    <template v-for="({ plan, cut, joins }, i) in plans" :key="plan.axis">
      <h3>{{ cutsText(plan) }}</h3>
      <p class="small">
        The face to join is {{ show(cut.areaMm2, 'area', 0)
        }}<template v-if="cut.bearsMPa !== null"
          >; its worst twentieth bears {{ show(cut.bearsMPa, 'stress', 2) }} under the loads that are
          placed</template
        >. It is to hold {{ safety }} times over.
        <template v-if="answer && !answer.loads">
          No load is placed on the shape, so this goes by the size of the face alone.
        </template>
      </p>
      <PlainTable v-if="i === 0" :columns="columns">
        <tr v-for="{ join, holds } in joins" :key="join.id">
          <td>
            {{ join.name }}
            <span v-if="holds !== null" class="small" :class="holds ? 'fits' : 'out'">{{
              markOf(holds)
            }}</span>
          </td>
          <td>
            {{
              join.breaksN ? `${newtons(join.breaksN.low)} to ${newtons(join.breaksN.high)}` : 'bears no pull'
            }}
          </td>
          <td>{{ join.breaksN ? newtons(join.carriesN) : '' }}</td>
          <td class="small">
            {{ join.how }} <b v-for="c in join.cautions" :key="c">{{ c }}</b>
          </td>
        </tr>
      </PlainTable>
    </template>
    <p v-if="plans.length" class="soft small">
      What seams carry is an estimate, from faces that were made ready well: break a trial piece first.
    </p>
  </section>
</template>

<style scoped>
.busy {
  display: flex;
  gap: 12px;
  align-items: center;
}
.busy :deep(.ant-progress) {
  max-width: 220px;
}
h3 {
  font-size: 15px;
  margin: 10px 0 2px;
}
p {
  margin: 0 0 6px;
}
</style>
