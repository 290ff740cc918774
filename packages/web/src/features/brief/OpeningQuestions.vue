<script setup lang="ts">
import {
  defaultAir,
  hardnessWanted,
  newBrief,
  RUBBERY_SHORE_A,
  type BriefLoad,
  type LoadKind,
} from '@hornblende/core/brief';
import type { BriefHeat, HeatNumber } from '@hornblende/core/formats';
import { computed, type WritableComputedRef } from 'vue';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';
import { usePrinters } from '../../stores/printers';
import NumberInput from '../../ui/NumberInput.vue';
import QuantityInput from '../../ui/QuantityInput.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { loadOf } from '@hornblende/core/brief';
import LoadSentence from './LoadSentence.vue';
import SectionHint from './pictures/SectionHint.vue';
import { words } from './words';

const draft = useDraft();
const { show } = useUnits();
const printers = usePrinters();
const b = computed(() => draft.brief!);
const kinds: { value: LoadKind | 'none'; label: string }[] = [
  { value: 'none', label: 'no load to speak of' },
  { value: 'sustained', label: 'a load held for long' },
  { value: 'short', label: 'a load now and then' },
  { value: 'cyclic', label: 'a load again and again' },
  { value: 'impact', label: 'knocks' },
];
const firstLoad = computed(() => b.value.loads[0] ?? null);
const kind = computed({
  get: () => firstLoad.value?.kind ?? 'none',
  set: (k: LoadKind | 'none') => {
    const rest = b.value.loads.slice(1);
    if (k === 'none') {
      draft.set('loads', []);
      return;
    }
    const now = firstLoad.value;
    const next: BriefLoad =
      now && (k === 'impact') === (now.case === 'drop')
        ? { ...now, kind: k, hours: null, cycles: null }
        : loadOf(k === 'impact' ? 'drop' : 'cantilever', k, now);
    draft.set('loads', [next, ...rest]);
  },
});
const printerOptions = computed(() => [
  { value: '', label: 'any printer' },
  ...printers.list.map(p => ({ value: p.id, label: p.profile.name })),
]);
const printerId = computed({
  get: () => draft.content?.printerId ?? '',
  set: (id: string) => draft.setPrinter(id || null),
});
/** A two-way binding to one field of the brief. */
function bind<T>(path: string, get: () => T): WritableComputedRef<T> {
  return computed({ get, set: (v: T) => draft.set(path, v) });
}
const purpose = bind('purpose', () => b.value.purpose);
const ifItFails = bind('ifItFails', () => b.value.ifItFails);
const setting = computed({
  get: () => b.value.heat.setting,
  set: s =>
    draft.set('heat', {
      ...b.value.heat,
      setting: s,
      ...(s === 'near-source' ? startFrom('sourceC', 60) : {}),
      ...(s === 'custom' ? startFrom('partC', 40) : {}),
    }),
});
/** A temperature that the setting needs: as said, else put in to start from, which nobody has said. */
function startFrom(name: HeatNumber, valueC: number): Partial<BriefHeat> {
  const { heat } = b.value;
  return heat[name] === null ? { [name]: valueC, assumed: [...heat.assumed, name] } : {};
}
const sun = bind('sun', () => b.value.sun);
const water = bind('water', () => b.value.water);
const want = bind('flex.want', () => b.value.flex.want);
/** The wanted hardness; each end is held by the other, which its field says when it is broken. */
const hardness = computed(() => hardnessWanted(b.value));
const hardnessEnds = [{ label: 'Softest, Shore A' }, { label: 'Hardest, Shore A' }];
function setHardness(i: number, value: number | null): void {
  const [low, high] = hardness.value;
  if (value !== null) draft.set('flex.shoreA', i === 0 ? [value, high] : [low, value]);
}
/** What an emptied field goes back to. */
const defaults = newBrief('defaults');
</script>

<template>
  <ol class="questions">
    <li>
      <h2>What is it?</h2>
      <p>
        It is <SentenceSelect v-model="purpose" label="Purpose" :options="words.purpose" />; if it fails,
        <SentenceSelect v-model="ifItFails" label="If it fails" :options="words.ifItFails" />. It should last
        <QuantityInput
          inline
          label="Service life"
          :fallback="defaults.lifeYears"
          dimension="years"
          :model-value="b.lifeYears"
          :min="0.01"
          :max="50"
          @update:model-value="v => draft.set('lifeYears', v)"
        />.
      </p>
    </li>
    <li>
      <h2>Where does it live?</h2>
      <p>
        It lives <SentenceSelect v-model="setting" label="Setting" :options="words.setting" /><template
          v-if="setting === 'near-source'"
          >, and itself reaches
          <QuantityInput
            inline
            label="The part reaches"
            dimension="temperature"
            :model-value="b.heat.sourceC"
            :min="-50"
            :max="400"
            @update:model-value="v => draft.set('heat.sourceC', v)"
        /></template>
        <template v-else-if="setting === 'custom'"
          >, at most
          <QuantityInput
            inline
            label="Part temperature"
            dimension="temperature"
            :model-value="b.heat.partC"
            :min="-50"
            :max="400"
            @update:model-value="v => draft.set('heat.partC', v)"
        /></template>
        <template v-else
          >, where the air reaches
          <QuantityInput
            inline
            label="Hottest air"
            dimension="temperature"
            nullable
            :placeholder="show(defaultAir(setting).maxC, 'temperature')"
            :model-value="b.heat.ambientMaxC"
            :min="-50"
            :max="60"
            @update:model-value="v => draft.set('heat.ambientMaxC', v)" /></template
        >, <SentenceSelect v-model="sun" label="Sun" :options="words.sun" />,
        <SentenceSelect v-model="water" label="Water" :options="words.water" />.
      </p>
    </li>
    <li>
      <h2>What does it carry?</h2>
      <p>
        It carries <SentenceSelect v-model="kind" label="Load" :options="kinds" /><template v-if="firstLoad"
          >: <LoadSentence :load="firstLoad" :index="0" /></template
        >.
      </p>
      <SectionHint v-if="firstLoad?.widthMm && firstLoad.heightMm" :load="firstLoad" />
    </li>
    <li>
      <h2>Must it bend?</h2>
      <p>
        It must <SentenceSelect v-model="want" label="Flexibility" :options="words.flex" /><template
          v-if="want === 'rubbery'"
          >, from
          <NumberInput
            v-for="(end, i) in hardnessEnds"
            :key="end.label"
            inline
            :label="end.label"
            :min="i === 0 ? 10 : hardness[0]"
            :max="i === 0 ? hardness[1] : 100"
            :fallback="RUBBERY_SHORE_A[i]"
            :model-value="hardness[i] ?? null"
            @update:model-value="v => setHardness(i, v)"
          />
          Shore A</template
        >.
      </p>
    </li>
    <li>
      <h2>How large is it, and printed on what?</h2>
      <p>
        It is
        <QuantityInput
          inline
          label="Size along X"
          :fallback="defaults.geometry.xMm"
          dimension="length"
          :model-value="b.geometry.xMm"
          :min="0.1"
          :max="2000"
          @update:model-value="v => draft.set('geometry.xMm', v)"
        />
        ×
        <QuantityInput
          inline
          label="Size along Y"
          :fallback="defaults.geometry.yMm"
          dimension="length"
          :model-value="b.geometry.yMm"
          :min="0.1"
          :max="2000"
          @update:model-value="v => draft.set('geometry.yMm', v)"
        />
        and
        <QuantityInput
          inline
          label="Height as printed"
          :fallback="defaults.geometry.zMm"
          dimension="length"
          :model-value="b.geometry.zMm"
          :min="0.1"
          :max="2000"
          @update:model-value="v => draft.set('geometry.zMm', v)"
        />
        high, for <SentenceSelect v-model="printerId" label="Printer" :options="printerOptions" />.
      </p>
    </li>
  </ol>
</template>

<style scoped>
.questions {
  list-style: none;
  counter-reset: q;
  margin: 0;
  padding: 0;
}
li {
  counter-increment: q;
  padding: 16px 0 10px 40px;
  border-top: 1px solid var(--rule);
  position: relative;
}
li:first-child {
  border-top: 0;
}
li::before {
  content: counter(q);
  position: absolute;
  left: 0;
  top: 12px;
  font-size: 24px;
  color: var(--soft);
  font-variant-numeric: tabular-nums;
}
h2 {
  font-size: 14px;
  font-weight: 400;
  color: var(--soft);
  margin-bottom: 4px;
}
p {
  font-size: 18px;
  line-height: 2;
}
</style>
