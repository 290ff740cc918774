<script setup lang="ts">
import WorkingNumber from '../../ui/WorkingNumber.vue';
import { safetyOf, serviceLoads, type WorkingRef } from '@hornblende/core/brief';
import { sig, type CriterionId } from '@hornblende/core/lib';
import {
  criterionLabels,
  asJudged,
  assess,
  conditionsIn,
  contextOf,
  partHeats,
  type Ranking,
} from '@hornblende/core/score';
import { computed } from 'vue';
import { useLibrary } from '../../stores/library';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';
import { useWorking } from '../../stores/working';

const props = defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const working = useWorking();
const { show } = useUnits();
const library = useLibrary();
const { printer, weather } = useRanking();
/** How hot the part gets: in the filament that leads, and in others that come in black only, or do not. */
const heats = computed(() => partHeats(props.ranking));
/** What the part meets in the filament that leads. */
const c = computed(() => {
  const first = library.find(props.ranking.firstChoice ?? '');
  return draft.brief && first ? conditionsIn(draft.brief, weather.value, first) : props.ranking.conditions;
});
const otherHeats = computed(() =>
  heats.value
    .slice(1)
    .map(h => `In ${listed(h.names)} it reaches ${show(h.partC, 'temperature')}.`)
    .concat('What comes in black only gets hotter in the sun.')
    .join(' '),
);
/** Names of filaments that are told; the rest are counted. */
const NAMES_TOLD = 3;
function listed(names: string[]): string {
  const rest = names.length - NAMES_TOLD;
  return rest > 0 ? `${names.slice(0, NAMES_TOLD).join(', ')} and ${rest} more` : names.join(', ');
}
const loads = computed(() => (draft.brief ? serviceLoads(draft.brief) : []));
const weights = computed(() =>
  (Object.entries(props.ranking.weights) as [CriterionId, number][]).filter(([, w]) => w > 0),
);
const running = computed(() => props.ranking.candidates.filter(x => x.rank !== null).length);
/** A load as it works in the filament that leads. */
function worked(index: number): WorkingRef | null {
  const [first] = props.ranking.candidates;
  const family = library.find(first?.material ?? '');
  if (!draft.brief || !family) return null;
  const judged = asJudged(contextOf(draft.brief, printer.value, weather.value), family, first);
  return assess(judged.ctx, judged.family).loads[index]?.working ?? null;
}
const safety = computed(() => (draft.brief ? safetyOf(draft.brief) : 1));

function effect(l: ReturnType<typeof serviceLoads>[number]): string {
  if (l.severityKJm2 !== null) return `${sig(l.severityKJm2, 2)} kJ/m² at the weak section`;
  if (l.strainPct !== null) return `${sig(l.strainPct, 2)} % strain at the root`;
  if (l.stressLowMPa !== null)
    return `${show(l.stressLowMPa, 'stress').split(' ')[0]} to ${show(l.stressMPa, 'stress')}`;
  return show(l.stressMPa, 'stress');
}
</script>

<template>
  <aside class="follows" aria-label="What follows">
    <h2>What follows</h2>
    <dl>
      <dt>The part itself reaches</dt>
      <dd>
        <WorkingNumber
          v-if="c.working.partMaxC"
          data-testid="part-temperature"
          class="big"
          @click="working.show({ title: 'how hot the part gets', refs: [c.working.partMaxC!] })"
        >
          {{ show(c.partMaxC, 'temperature') }}
        </WorkingNumber>
        <span v-else class="big plain" data-testid="part-temperature">{{
          show(c.partMaxC, 'temperature')
        }}</span>
        <span v-if="c.partMaxC > c.ambientMaxC + 1" class="soft small">
          in air of {{ show(c.ambientMaxC, 'temperature') }}</span
        >
        <p v-if="heats.length > 1" class="soft small" data-testid="heats">
          That is in {{ ranking.candidates[0]?.name }}. {{ otherHeats }}
        </p>
      </dd>
      <template v-if="c.working.uvDoseMJm2">
        <dt>Ultraviolet light over its life</dt>
        <dd>
          <WorkingNumber
            class="big"
            @click="working.show({ title: 'ultraviolet dose', refs: [c.working.uvDoseMJm2!] })"
          >
            {{ sig(c.uvDoseMJm2, 3) }} MJ/m²
          </WorkingNumber>
        </dd>
      </template>
      <template v-for="l in loads" :key="l.index">
        <dt>Load {{ l.index + 1 }} makes</dt>
        <dd>
          <WorkingNumber
            v-if="l.working"
            class="big"
            @click="
              working.show({
                title: `load ${l.index + 1}`,
                refs: [worked(l.index) ?? l.working],
                note:
                  l.working.model === 'load.beam' && ranking.candidates[0]
                    ? `Bent as ${ranking.candidates[0].name} bends, as printed and at its hottest.`
                    : '',
              })
            "
          >
            {{ effect(l) }}</WorkingNumber><span v-else class="big plain">{{ effect(l) }}</span>
        </dd>
      </template>
      <dt>Factor of safety asked for</dt>
      <dd>
        <span class="big plain">{{ safety }}</span>
      </dd>
      <dt>In the running</dt>
      <dd>
        <span class="big plain">{{ running }}</span>
        <span class="soft small">of {{ ranking.candidates.length }} filaments</span>
      </dd>
    </dl>
    <h3>So it weighs</h3>
    <ul class="weights">
      <li v-for="[id, w] in weights" :key="id">
        <span>{{ criterionLabels[id].label }}</span><span
          class="bar"
          :style="{ width: `${w * 18}px`, background: `var(--s-${id})` }"
        /><span class="soft">{{ sig(w, 2) }}</span>
      </li>
    </ul>
    <p v-if="draft.brief?.ifItFails === 'injures'" class="notice hazard small">
      If this part fails, someone could be hurt. The figures are typical values, not certification: test, add
      margin, and defer to local codes and a licensed professional.
    </p>
  </aside>
</template>

<style scoped>
.follows {
  border-left: 1px solid var(--rule);
  padding-left: 24px;
}
dl {
  margin: 12px 0 18px;
}
dt {
  color: var(--soft);
  font-size: 13px;
}
dd {
  margin: 0 0 10px;
}
.big {
  font: inherit;
  font-size: 18px;
  background: none;
  border: 0;
  border-bottom: 1px dotted var(--info);
  padding: 0;
  color: var(--ink);
  cursor: pointer;
}
.big.plain {
  border: 0;
  cursor: default;
}
.weights {
  list-style: none;
  margin: 6px 0 16px;
  padding: 0;
}
.weights li {
  display: grid;
  grid-template-columns: 92px 94px auto;
  align-items: center;
  font-size: 13px;
  padding: 1px 0;
}
.bar {
  height: 8px;
  border-radius: 2px;
}
</style>
