<script setup lang="ts">
import { defaultAir, looksInWords, newBrief, printWords, solidFractionOf } from '@hornblende/core/brief';
import type { Ranking } from '@hornblende/core/score';
import { Checkbox, Collapse, CollapsePanel } from '../../ui/kit';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';
import NumberInput from '../../ui/NumberInput.vue';
import QuantityInput from '../../ui/QuantityInput.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import TickList from '../../ui/TickList.vue';
import ClimatePicker from './ClimatePicker.vue';
import HeatDetails from './folds/HeatDetails.vue';
import Limits from './folds/Limits.vue';
import Looks from './folds/Looks.vue';
import ShapeFile from './folds/ShapeFile.vue';
import RoomAir from './folds/RoomAir.vue';
import PrintSettings from './folds/PrintSettings.vue';
import WearAndCurrent from './folds/WearAndCurrent.vue';
import MoreLoads from './MoreLoads.vue';
import FlexPicture from './pictures/FlexPicture.vue';
import SunPicture from './pictures/SunPicture.vue';
import WeightSliders from './WeightSliders.vue';
import { words } from './words';

defineProps<{ ranking: Ranking }>();
// The chart kit is large, and only this fold needs it.
const HeatPicture = defineAsyncComponent(() => import('./pictures/HeatPicture.vue'));
const draft = useDraft();
const { say, show } = useUnits();
const b = computed(() => draft.brief!);
const airDefaults = computed(() => defaultAir(b.value.heat.setting));
/** What an emptied field goes back to. */
const defaults = newBrief('defaults');
const open = ref<string[]>([]);
const labelOf = (list: readonly { value: string; label: string }[], v: string): string =>
  list.find(o => o.value === v)?.label ?? v;
</script>

<template>
  <Collapse v-model:active-key="open" ghost class="folds" :destroy-inactive-panel="true">
    <CollapsePanel key="heat" header="Heat and cold">
      <template #extra
        ><span class="soft small">{{
          b.heat.climate !== null
            ? 'a year of weather'
            : b.heat.ambientMinC === null
              ? 'coldest as usual'
              : `down to ${show(b.heat.ambientMinC, 'temperature')}`
        }}</span></template
      >
      <ClimatePicker />
      <div v-if="b.heat.climate === null" class="field-row">
        <QuantityInput
          label="Hottest air"
          dimension="temperature"
          nullable
          :placeholder="show(airDefaults.maxC, 'temperature')"
          :model-value="b.heat.ambientMaxC"
          :min="-50"
          :max="60"
          @update:model-value="v => draft.set('heat.ambientMaxC', v)"
        />
        <QuantityInput
          label="Coldest air"
          dimension="temperature"
          nullable
          :placeholder="show(airDefaults.minC, 'temperature')"
          :model-value="b.heat.ambientMinC"
          :min="-60"
          :max="50"
          @update:model-value="v => draft.set('heat.ambientMinC', v)"
        />
      </div>
      <HeatDetails :ranking="ranking" />
      <HeatPicture :ranking="ranking" />
    </CollapsePanel>
    <CollapsePanel key="sun" header="Sun">
      <template #extra
        ><span class="soft small"
          >{{ labelOf(words.sun, b.sun) }}, {{ labelOf(words.outdoorSchool, b.outdoorSchool) }}</span
        ></template
      >
      <SunPicture :ranking="ranking" />
    </CollapsePanel>
    <CollapsePanel key="loads" header="Every load">
      <template #extra
        ><span class="soft small">{{ b.loads.length || 'none' }}</span></template
      >
      <MoreLoads :ranking="ranking" />
    </CollapsePanel>
    <CollapsePanel key="print" header="How it is printed">
      <template #extra
        ><span class="soft small">{{ say(printWords(b.print)) }}</span></template
      >
      <PrintSettings />
    </CollapsePanel>
    <CollapsePanel key="flex" header="Flexibility">
      <template #extra
        ><span class="soft small">{{ labelOf(words.flex, b.flex.want) }}</span></template
      >
      <FlexPicture />
    </CollapsePanel>
    <CollapsePanel key="contact" header="What touches it">
      <template #extra
        ><span class="soft small">{{
          [
            labelOf(words.food, b.contact.food),
            ...b.contact.chemicals.map(c => labelOf(words.chemicals, c)),
          ].join(', ')
        }}</span></template
      >
      <div class="field-row">
        <span
          >Food:
          <SentenceSelect
            :model-value="b.contact.food"
            label="Food contact"
            :options="words.food"
            @update:model-value="v => draft.set('contact.food', v)"
        /></span>
        <Checkbox :checked="b.contact.skin" @update:checked="v => draft.set('contact.skin', v)"
          >Held against skin</Checkbox
        >
        <Checkbox :checked="b.mustFloat" @update:checked="v => draft.set('mustFloat', v)"
          >Must float</Checkbox
        >
      </div>
      <p v-if="b.contact.food !== 'none'" class="notice small">
        Food contact is not proven for printed parts: pores, pigments and nozzle metal decide, whatever the
        polymer.
      </p>
      <TickList
        legend="Chemicals"
        :options="words.chemicals"
        :model-value="b.contact.chemicals"
        @update:model-value="v => draft.set('contact.chemicals', v)"
      />
      <div class="field-row">
        <NumberInput
          v-if="b.contact.chemicals.length"
          label="Hours they touch it, in all"
          nullable
          placeholder="its whole life"
          :model-value="b.contact.hours"
          :min="0.01"
          :max="1e6"
          @update:model-value="v => draft.set('contact.hours', v)"
        />
        <span
          >It must hold
          <SentenceSelect
            :model-value="b.seal"
            label="What it must hold"
            :options="words.seal"
            @update:model-value="v => draft.set('seal', v)"
        /></span>
      </div>
      <p v-if="b.seal !== 'none'" class="notice small">
        Layers leak: test the print for longer than it has to hold.<template v-if="b.seal === 'fuel'">
          Fuel burns: test with water first, ground it against static, and keep to local rules.</template
        >
      </p>
    </CollapsePanel>
    <CollapsePanel key="wear" header="Wear and electricity">
      <template #extra
        ><span class="soft small"
          >{{ labelOf(words.wear, b.wear) }}, {{ labelOf(words.electrical, b.electrical) }}</span
        ></template
      >
      <WearAndCurrent />
    </CollapsePanel>
    <CollapsePanel key="looks" header="Looks">
      <template #extra
        ><span class="soft small">{{ looksInWords(b) }}</span></template
      >
      <Looks />
    </CollapsePanel>
    <CollapsePanel key="shape" header="Shape and accuracy">
      <template #extra
        ><span class="soft small">true to {{ show(b.toleranceMm, 'length', 3) }}</span></template
      >
      <ShapeFile />
      <div class="field-row">
        <QuantityInput
          label="Tolerance"
          :fallback="defaults.toleranceMm"
          dimension="length"
          :digits="3"
          :model-value="b.toleranceMm"
          :min="0.01"
          :max="20"
          @update:model-value="v => draft.set('toleranceMm', v)"
        />
        <QuantityInput
          label="Typical wall"
          :fallback="defaults.geometry.wallMm"
          dimension="length"
          :model-value="b.geometry.wallMm"
          :min="0.2"
          :max="200"
          @update:model-value="v => draft.set('geometry.wallMm', v)"
        />
        <QuantityInput
          label="Volume of the model"
          dimension="volume"
          nullable
          placeholder="from its size"
          :model-value="b.geometry.volumeCm3"
          :min="0.001"
          :max="1e6"
          @update:model-value="v => draft.set('geometry.volumeCm3', v)"
        />
        <NumberInput
          label="Share that is plastic, once sliced"
          percent
          nullable
          :placeholder="`${Math.round(100 * solidFractionOf(b))} %, as printed`"
          :min="0.01"
          :max="1"
          :model-value="b.geometry.solidFraction"
          @update:model-value="v => draft.set('geometry.solidFraction', v)"
        />
        <NumberInput
          label="Sharp corners on the plate"
          :fallback="defaults.geometry.sharpCorners"
          :min="0"
          :max="1000"
          integer
          :model-value="b.geometry.sharpCorners"
          @update:model-value="v => draft.set('geometry.sharpCorners', v)"
        />
        <QuantityInput
          label="Least radius of inner corners"
          dimension="length"
          nullable
          placeholder="not known"
          :model-value="b.geometry.innerRadiusMm"
          :min="0"
          :max="100"
          @update:model-value="v => draft.set('geometry.innerRadiusMm', v)"
        />
      </div>
    </CollapsePanel>
    <CollapsePanel key="room" header="Air in the room">
      <template #extra
        ><span class="soft small">{{ labelOf(words.roomPeople, b.room.who ?? 'unsaid') }}</span></template
      >
      <RoomAir />
    </CollapsePanel>
    <CollapsePanel key="limits" header="Mass, cost, number and limits">
      <template #extra
        ><span class="soft small">{{ b.quantity }} of it</span></template
      >
      <Limits />
    </CollapsePanel>
    <CollapsePanel key="choose" header="How to choose">
      <template #extra
        ><span class="soft small"
          >{{ labelOf(words.school, b.school) }}, outdoors by
          {{ labelOf(words.outdoorSchool, b.outdoorSchool) }}</span
        ></template
      >
      <p>
        Choose by
        <SentenceSelect
          :model-value="b.school"
          label="School"
          :options="words.school"
          @update:model-value="v => draft.set('school', v)"
        />; outdoors, believe
        <SentenceSelect
          :model-value="b.outdoorSchool"
          label="Outdoor school"
          :options="words.outdoorSchool"
          @update:model-value="v => draft.set('outdoorSchool', v)"
        />.
      </p>
      <WeightSliders :ranking="ranking" />
    </CollapsePanel>
  </Collapse>
</template>

<style scoped>
.folds :deep(.ant-collapse-header) {
  padding: 9px 0 !important;
  border-top: 1px solid var(--rule);
  border-radius: 0 !important;
}
.folds :deep(.ant-collapse-content-box) {
  padding: 6px 0 18px 24px !important;
}
.folds :deep(.ant-collapse-header-text) {
  font-weight: 700;
}
</style>
