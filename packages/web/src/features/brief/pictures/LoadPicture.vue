<script setup lang="ts">
import { serviceLoads, type BriefLoad } from '@hornblende/core/brief';
import { sig } from '@hornblende/core/lib';
import { asJudged, assess, contextOf, deflectionCurve, type Ranking } from '@hornblende/core/score';
import { computed, ref } from 'vue';
import { useRanking } from '../../part/useRanking';
import { useUnits } from '../../../ui/useUnits';
import { useDraft } from '../../part/draft';
import OptionSelect from '../../../ui/OptionSelect.vue';
import ClampSketch from './ClampSketch.vue';
import DeflectionCurve from './DeflectionCurve.vue';
import MemberSketch from './MemberSketch.vue';
import SectionChoices from './SectionChoices.vue';
import StrengthWaterfall from './StrengthWaterfall.vue';

/** What a load does to its member: drawn, counted, and in the filament that leads or another. */
const props = defineProps<{ ranking: Ranking; index: number }>();
const draft = useDraft();
const { candidates, printer, weather } = useRanking();
const { show } = useUnits();
const load = computed<BriefLoad>(() => draft.brief!.loads[props.index]!);
const material = ref('');
const shownKey = computed(() => material.value || props.ranking.candidates[0]?.material || 'pla');
const materials = computed(() => [
  { value: '', label: `the first choice (${props.ranking.candidates[0]?.name ?? 'none'})` },
  ...props.ranking.candidates.map(c => ({ value: c.material, label: c.name })),
]);
const judged = computed(() =>
  asJudged(
    contextOf(draft.brief!, printer.value, weather.value),
    candidates.value.find(f => f.key === shownKey.value) ?? candidates.value[0]!,
    props.ranking.candidates.find(c => c.material === shownKey.value),
  ),
);
const family = computed(() => judged.value.family);
const service = computed(() => serviceLoads(draft.brief!)[props.index]!);
const assessed = computed(() => assess(judged.value.ctx, family.value).loads[props.index]!);
const bends = computed(() =>
  ['cantilever', 'simply-supported', 'fixed-fixed', 'deceleration'].includes(load.value.case),
);
const hasSection = computed(
  () =>
    load.value.lengthMm !== null &&
    load.value.heightMm !== null &&
    load.value.widthMm !== null &&
    load.value.case !== 'snap-fit' &&
    load.value.case !== 'drop',
);

/** Deflection at once, hot, and at the end of life, mm. */
const now = computed(() => assessed.value.deflectionMm);
const life = computed(() =>
  assessed.value.lifePct !== null && service.value.spanMm
    ? (assessed.value.lifePct * service.value.spanMm) / 100
    : null,
);
/** The deflection over the life on a logarithmic time axis, mm. */
const curve = computed(() => deflectionCurve(family.value, service.value, assessed.value.creepC));
</script>

<template>
  <figure class="load-picture">
    <OptionSelect v-model="material" class="pick" label="Filament drawn" :options="materials" />
    <div class="row">
      <MemberSketch
        v-if="hasSection"
        :load="load"
        :index="index"
        :force-n="service.forceN"
        :now-mm="bends ? now : null"
        :life-mm="bends ? life : null"
        :bends="bends"
        @change="load => draft.set(`loads.${index}`, load)"
      />
      <ClampSketch
        v-else-if="assessed.clampLeft !== null"
        :index="index"
        :force-n="service.forceN"
        :left="assessed.clampLeft"
        :hours="service.hours"
        :across-layers="load.acrossLayers"
      />
      <div class="side">
        <dl>
          <template v-if="service.stressMPa !== null"
            ><dt>Stress</dt>
            <dd>{{ show(service.stressMPa, 'stress') }}</dd></template
          >
          <template v-if="service.printedWorking"
            ><dt>Printed, of solid</dt>
            <dd>
              {{ sig(100 * service.printed.strength, 2) }} % strong,
              {{ sig(100 * service.printed.stiffness, 2) }} % stiff
            </dd></template
          >
          <template v-if="assessed.clampLeft !== null"
            ><dt>Grip left at the end</dt>
            <dd>{{ sig(100 * assessed.clampLeft, 2) }} %</dd></template
          >
          <template v-if="now !== null"
            ><dt>Moves at once</dt>
            <dd>{{ show(now, 'length', 2) }}</dd></template
          >
          <template v-if="life !== null && service.kind === 'sustained'"
            ><dt>after its life</dt>
            <dd>{{ show(life, 'length', 2) }}</dd></template
          >
          <template v-if="service.strainPct !== null"
            ><dt>Strain at the root</dt>
            <dd>{{ sig(service.strainPct, 2) }} %</dd></template
          >
          <template v-if="service.severityKJm2 !== null"
            ><dt>At the weak section</dt>
            <dd>{{ sig(service.severityKJm2, 2) }} kJ/m²</dd></template
          >
          <template v-if="assessed.reserve !== null && Number.isFinite(assessed.reserve)"
            ><dt>Reserve, with safety</dt>
            <dd :class="assessed.reserve < 1 ? 'out' : ''">{{ sig(assessed.reserve, 2) }} ×</dd></template
          >
        </dl>
        <DeflectionCurve v-if="curve.length" :curve="curve" :hours="service.hours" />
      </div>
    </div>
    <StrengthWaterfall
      v-if="assessed.strength"
      :family="family"
      :conditions="assessed.strength"
      :need-m-pa="(service.stressMPa ?? 0) * judged.ctx.safety"
    />
    <SectionChoices v-if="hasSection && bends" :family="family" :load="load" />
  </figure>
</template>

<style scoped>
.load-picture {
  margin: 8px 0 4px;
}
.side {
  display: grid;
  gap: 10px;
}
.row {
  display: flex;
  margin-bottom: 10px;
  gap: 18px;
  flex-wrap: wrap;
  align-items: center;
}
dl {
  display: grid;
  grid-template-columns: auto auto;
  gap: 2px 12px;
  margin: 0;
  font-size: 14px;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
  font-weight: 700;
}
</style>
