<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import {
  FlexMountInput,
  flexMountModel,
  FlexStripInput,
  flexStripModel,
  shoreModulusMPa,
} from '@hornblende/core/models';
import { families, typical } from '@hornblende/core/materials';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { useParts } from '../../stores/parts';
import { usePrinters } from '../../stores/printers';
import { Button } from '../../ui/kit';
import { useFeedback } from '../../ui/useFeedback';
import { useWorking } from '../../stores/working';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import { useUnits } from '../../ui/useUnits';
import BenchResult from './BenchResult.vue';
import BenchTool from './BenchTool.vue';
import ScaleChoice from './ScaleChoice.vue';
import { filamentOptions } from './filament-options';
import MountDrawing from './drawings/MountDrawing.vue';
import StripDrawing from './drawings/StripDrawing.vue';
import FigureFields from './FigureFields.vue';
import type { FigureField } from './figure-field';
import { useBenchSheet } from './useBenchSheet';

/** How thick a springy strip is for a wanted force, and what rubber mounts keep from shaking. */
const working = useWorking();
const { say, show } = useUnits();
const router = useRouter();
const parts = useParts();
const printers = usePrinters();
const { attempt } = useFeedback();
const { sheet, put } = useBenchSheet('spring', {
  material: 'petg',
  scale: 'A' as 'A' | 'D',
  hardness: 80,
  held: 'one-end' as FlexStripInput['held'],
  lengthMm: 40,
  widthMm: 10,
  forceN: 5,
  bendMm: 4,
  lineMm: 0.45,
  massKg: 12,
  mounts: 4,
  sideMm: 15,
  heightMm: 20,
  shakenHz: 100,
});
const stripFields: readonly FigureField[] = [
  { key: 'lengthMm', label: 'Free length', min: 0.5, max: 2000, dimension: 'length' },
  { key: 'widthMm', label: 'Width', min: 0.2, max: 2000, dimension: 'length' },
  { key: 'forceN', label: 'Wanted force', min: 0.0001, max: 100_000, dimension: 'force' },
  { key: 'bendMm', label: 'Bend under it', min: 0.001, max: 1000, dimension: 'length' },
  { key: 'lineMm', label: 'Line width, mm', min: 0.1, max: 2 },
];
const mountFields: readonly FigureField[] = [
  { key: 'massKg', label: 'What stands on them, kg', min: 0.001, max: 10_000 },
  { key: 'mounts', label: 'Mounts', min: 1, max: 100, whole: true },
  { key: 'sideMm', label: 'Side of one', min: 1, max: 1000, dimension: 'length' },
  { key: 'heightMm', label: 'Height', min: 1, max: 1000, dimension: 'length' },
  { key: 'shakenHz', label: 'Shaken, times a second', min: 0.1, max: 100_000 },
];
const holds = [
  { value: 'one-end', label: 'at one end, as a finger' },
  { value: 'both-ends', label: 'at both ends, pressed in the middle' },
];
const stripInput = computed(() => {
  const { material, held, lengthMm, widthMm, forceN, bendMm, lineMm } = sheet.value;
  const family = families.find(f => f.key === material) ?? families[0]!;
  const modulusMPa = typical(family, 'modulusMPa');
  return Object.assign(new FlexStripInput(), { modulusMPa, held, lengthMm, widthMm, forceN, bendMm, lineMm });
});
const padMPa = computed(() => shoreModulusMPa(sheet.value.scale, sheet.value.hardness));
const mountInput = computed(() => {
  const { massKg, mounts, sideMm, heightMm, shakenHz } = sheet.value;
  const modulusMPa = padMPa.value;
  return Object.assign(new FlexMountInput(), { massKg, mounts, modulusMPa, sideMm, heightMm, shakenHz });
});
const strip = computed(() => flexStripModel.compute(stripInput.value));
const mount = computed(() => flexMountModel.compute(mountInput.value));
const walls = computed(() =>
  strip.value.result.walls
    .map(w => `${w.lines} lines (${sig(w.thicknessMm, 2)} mm) want ${sig(w.forceN, 2)} N`)
    .join(', '),
);
/** A part whose load is this strip's: the brief begins where the bench ends. */
async function beginPart(): Promise<void> {
  const { held, forceN, lengthMm, widthMm } = sheet.value;
  const heightMm = Number(sig(strip.value.result.thicknessMm, 2));
  const form = held === 'one-end' ? 'cantilever' : 'simply-supported';
  const load = { kind: 'cyclic', case: form, forceN, lengthMm, widthMm, heightMm };
  await attempt(async () => {
    if (!printers.loaded) await printers.load();
    const start = { loads: [load], flex: { want: 'springy' } };
    const part = await parts.create('A strip that bends', printers.usual?.id ?? null, { start });
    await router.push(`/parts/${part.id}/brief`);
  });
}
const passes = computed(() => Math.round(100 * mount.value.result.passes));
const open = (title: string, model: string, inputs: object): void =>
  working.show({ title, refs: [{ model, inputs: { ...inputs } }] });
</script>

<template>
  <div class="tools" data-testid="spring-bench">
    <BenchTool name="A strip that bends">
      <template #what>
        A finger or a leaf spring for a wanted force: say how far it is to bend under it, and this says how
        thick it has to be.
      </template>
      <template #drawing>
        <StripDrawing
          :at-both-ends="sheet.held === 'both-ends'"
          :length-mm="sheet.lengthMm"
          :thickness-mm="strip.result.thicknessMm"
          :bend-mm="sheet.bendMm"
          :force-n="sheet.forceN"
        />
      </template>
      <template #answer>
        <div data-testid="strip-answer">
          <BenchResult
            :value="`${say(`${sig(strip.result.thicknessMm, 2)} mm`)} thick`"
            :of="`makes it bend so. It strains ${sig(strip.result.strainPct, 2)} %.`"
            @open="open('A strip that bends', 'flex.strip', stripInput)"
          />
        </div>
        <p v-for="w in strip.warnings" :key="w" class="marginal">◐ {{ w }}</p>
        <p><Button @click="beginPart">Begin a part with this load</Button></p>
      </template>
      <div class="row">
        <OptionSelect
          :model-value="sheet.material"
          label="Of"
          :options="filamentOptions"
          @update:model-value="v => put({ material: v })"
        />
        <OptionSelect
          :model-value="sheet.held"
          label="It is held"
          :options="holds"
          @update:model-value="v => put({ held: v as FlexStripInput['held'] })"
        />
        <FigureFields :fields="stripFields" :sheet="sheet" @put="put" />
      </div>
      <p>{{ say(walls) }}. Twice as thick is eight times as stiff, and twice as long an eighth.</p>
    </BenchTool>
    <BenchTool name="Mounts that keep from shaking">
      <template #what>
        Rubber feet under what shakes: the softer and taller they are, the less of a fast shaking passes
        through, and the lower they swing by themselves.
      </template>
      <template #drawing>
        <MountDrawing
          :mass-kg="sheet.massKg"
          :mounts="sheet.mounts"
          :side-mm="sheet.sideMm"
          :height-mm="sheet.heightMm"
          :sag-mm="mount.result.sagMm"
        />
      </template>
      <template #answer>
        <div data-testid="mount-answer">
          <BenchResult
            :value="`${passes} %`"
            of="of the shaking passes through."
            @open="open('Mounts', 'flex.mount', mountInput)"
          />
        </div>
        <p>
          They swing by themselves at {{ sig(mount.result.naturalHz, 2) }} Hz, so they help from
          {{ sig(mount.result.helpsFromHz, 2) }} Hz on; they are pressed by
          {{ show(mount.result.sagMm, 'length') }}.
        </p>
        <p v-for="w in mount.warnings" :key="w" class="marginal">◐ {{ w }}</p>
      </template>
      <div class="row">
        <ScaleChoice :model-value="sheet.scale" @update:model-value="v => put({ scale: v })" />
        <NumberInput
          :model-value="sheet.hardness"
          label="A printed pad reads"
          :min="20"
          :max="90.5"
          @update:model-value="v => v !== null && put({ hardness: v })"
        />
        <span class="soft">{{ say(`a stiffness of ${sig(padMPa, 2)} MPa`) }}</span>
      </div>
      <div class="row">
        <FigureFields :fields="mountFields" :sheet="sheet" @put="put" />
      </div>
    </BenchTool>
  </div>
</template>

<style scoped src="./bench.css"></style>
