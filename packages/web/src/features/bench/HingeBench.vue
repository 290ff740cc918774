<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import { FlexHingeInput, flexHingeModel, FlexInfillInput, flexInfillModel } from '@hornblende/core/models';
import { families, typical } from '@hornblende/core/materials';
import { computed } from 'vue';
import { useWorking } from '../../stores/working';
import OptionSelect from '../../ui/OptionSelect.vue';
import { useUnits } from '../../ui/useUnits';
import BenchResult from './BenchResult.vue';
import BenchTool from './BenchTool.vue';
import { filamentOptions } from './filament-options';
import HingeDrawing from './drawings/HingeDrawing.vue';
import ZonesDrawing from './drawings/ZonesDrawing.vue';
import FigureFields from './FigureFields.vue';
import type { FigureField } from './figure-field';
import { useBenchSheet } from './useBenchSheet';

/** How thin a printed hinge is, and how one part is printed hard in one place and soft in another. */
const working = useWorking();
const { say } = useUnits();
const { sheet, put } = useBenchSheet('hinge', {
  material: 'pp',
  angleDeg: 90,
  lengthMm: 8,
  widthMm: 30,
  layerMm: 0.2,
  solidShoreA: 85,
  harder: 75,
  softer: 45,
});
const hingeFields: readonly FigureField[] = [
  { key: 'angleDeg', label: 'Folded by, °', min: 1, max: 360 },
  { key: 'lengthMm', label: 'Length of the thin part', min: 0.1, max: 2000, dimension: 'length' },
  { key: 'widthMm', label: 'Width', min: 0.2, max: 2000, dimension: 'length' },
  { key: 'layerMm', label: 'Layer, mm', min: 0.02, max: 1 },
];
const zoneFields: readonly FigureField[] = [
  { key: 'solidShoreA', label: 'Solid, it reads Shore A', min: 20, max: 95 },
  { key: 'harder', label: 'Harder zone, Shore A', min: 1, max: 95 },
  { key: 'softer', label: 'Softer zone, Shore A', min: 1, max: 95 },
];
const family = computed(() => families.find(f => f.key === sheet.value.material) ?? families[0]!);
const input = computed(() => {
  const { angleDeg, lengthMm, widthMm, layerMm } = sheet.value;
  const modulusMPa = typical(family.value, 'modulusMPa');
  const strainPct = typical(family.value, 'strainRepeatedPct');
  return Object.assign(new FlexHingeInput(), { modulusMPa, strainPct, angleDeg, lengthMm, widthMm, layerMm });
});
const hinge = computed(() => flexHingeModel.compute(input.value));
const lasts = {
  no: 'It breaks as a hinge before long: only for a fold or two.',
  short: 'It bears some hundreds of folds.',
  lasting: 'It folds for good, once it has been folded right through while it is still warm.',
};
const hingeWords = computed(() => {
  const { layers, strainsPct } = hinge.value.result;
  const bears = sig(input.value.strainPct, 2);
  const thick = `${layers} ${layers === 1 ? 'layer' : 'layers'}`;
  return `${thick}: it strains ${sig(strainsPct, 2)} % of the ${bears} % that it bears each time.`;
});
/** Infill for a hardness of the same filament, %; the solid where it is not that hard. */
const infillFor = (wantedHardness: number): number => {
  const solid = { scale: 'A', solidHardness: sheet.value.solidShoreA, wantedHardness };
  const { infill } = flexInfillModel.compute(Object.assign(new FlexInfillInput(), solid)).result;
  return Math.round(100 * (infill ?? 1));
};
const zones = computed(() => {
  const harder = infillFor(sheet.value.harder);
  const softer = infillFor(sheet.value.softer);
  const words =
    `Print the harder zone with ${harder} % infill and the softer one with ${softer} %: ` +
    'draw the softer zone as a body of its own inside the part, and give it its own infill.';
  return { harder, softer, words };
});
const open = (): void =>
  working.show({ title: 'A hinge', refs: [{ model: 'flex.hinge', inputs: { ...input.value } }] });
</script>

<template>
  <div class="tools" data-testid="hinge-bench">
    <BenchTool name="A hinge that is printed in the part">
      <template #what>
        A thin place that folds: say how far and how wide, and this says how thin it has to be so that its
        outside is not strained more than the filament bears each time.
      </template>
      <template #drawing>
        <HingeDrawing
          :angle-deg="sheet.angleDeg"
          :length-mm="sheet.lengthMm"
          :thickness-mm="hinge.result.thicknessMm"
        />
      </template>
      <template #answer>
        <div data-testid="hinge-answer">
          <BenchResult
            :value="`${say(`${sig(hinge.result.thicknessMm, 2)} mm`)} thick`"
            :of="hingeWords"
            @open="open"
          />
        </div>
        <p>
          {{ say(`${sig(hinge.result.momentNmm, 2)} N·mm fold it so far.`) }}
          {{ lasts[family.flags.hinge] }} Print it lying, with its lines running across the fold.
        </p>
        <p v-for="w in hinge.warnings" :key="w" class="marginal">◐ {{ say(w) }}</p>
      </template>
      <div class="row">
        <OptionSelect
          :model-value="sheet.material"
          label="Of"
          :options="filamentOptions"
          @update:model-value="v => put({ material: v })"
        />
        <FigureFields :fields="hingeFields" :sheet="sheet" @put="put" />
      </div>
    </BenchTool>
    <BenchTool name="Soft and hard zones in one part">
      <template #what>
        One part may be firm in one place and give in another: the same filament, with infill of its own in
        each zone.
      </template>
      <template #drawing>
        <ZonesDrawing :harder-pct="zones.harder" :softer-pct="zones.softer" />
      </template>
      <template #answer>
        <p class="lead" data-testid="zones-answer">{{ zones.words }}</p>
      </template>
      <div class="row">
        <FigureFields :fields="zoneFields" :sheet="sheet" @put="put" />
      </div>
      <p>
        Its walls go all around both zones and make both harder: leave out walls where it has to give, or try
        a pad first under <i>Softer by infill</i>.
      </p>
    </BenchTool>
  </div>
</template>

<style scoped src="./bench.css"></style>
