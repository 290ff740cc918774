<script setup lang="ts">
import WorkingNumber from '../../ui/WorkingNumber.vue';
import {
  criterionLabels,
  serviceLoads,
  sig,
  requiredSafety,
  type Ranking,
  type CriterionId,
} from '@hornblende/core';
import { computed } from 'vue';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';
import { useWorking } from '../../stores/working';

const props = defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const working = useWorking();
const { show } = useUnits();
const c = computed(() => props.ranking.conditions);
const loads = computed(() => (draft.brief ? serviceLoads(draft.brief) : []));
const weights = computed(() =>
  (Object.entries(props.ranking.weights) as [CriterionId, number][]).filter(([, w]) => w > 0),
);
const running = computed(() => props.ranking.candidates.filter(x => x.rank !== null).length);
const safety = computed(() => (draft.brief ? requiredSafety[draft.brief.ifItFails] : 1));

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
                refs: [l.working],
                note:
                  l.working.model === 'load.beam'
                    ? 'Deflection is worked with a modulus of 1 MPa here: divide it by a filament’s own.'
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
