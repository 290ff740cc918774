<script setup lang="ts">
import { USUAL_RATES, type PrintRates } from '@hornblende/core/workshop';
import { Input, Radio, RadioGroup } from '../../ui/kit';
import { onMounted, ref, watch } from 'vue';
import { useSettings } from '../../stores/settings';
import { usePrinters } from '../../stores/printers';
import { useWorkshop } from '../../stores/workshop';
import NumberInput from '../../ui/NumberInput.vue';
import { useFeedback } from '../../ui/useFeedback';
import AllowedFilaments from './AllowedFilaments.vue';
import ArchivePanel from './ArchivePanel.vue';
import BackupPanel from './BackupPanel.vue';
import DeskPanel from './DeskPanel.vue';
import JournalPanel from './JournalPanel.vue';
import WaitsNotice from '../../ui/WaitsNotice.vue';

/** What holds for this browser, and what for the workshop. */
const settings = useSettings();
const workshop = useWorkshop();
const printers = usePrinters();
const { attempt } = useFeedback();
const DEFAULT_CURRENCY = '€';
onMounted(() => attempt(() => workshop.load()));
async function set(change: Parameters<typeof workshop.set>[0]): Promise<void> {
  await attempt(() => workshop.set(change));
}
/** Printers tell what their hours cost: they are read again. */
async function setRates(change: Partial<PrintRates>): Promise<void> {
  await set(change);
  await attempt(() => printers.load());
}
const sign = ref(workshop.currency);
watch(
  () => workshop.currency,
  now => (sign.value = now),
);
function setCurrency(): void {
  sign.value = sign.value.trim() || DEFAULT_CURRENCY;
  if (sign.value !== workshop.currency) void set({ currency: sign.value });
}
</script>

<template>
  <div class="page settings">
    <h1>Settings</h1>
    <section>
      <h2>This browser</h2>
      <div class="setting">
        <h3 id="units">Units shown, and meant by a bare number</h3>
        <RadioGroup v-model:value="settings.units" aria-labelledby="units" role="radiogroup">
          <Radio value="metric">Metric: mm, N, g, °C</Radio>
          <Radio value="us">US: in, lbf, oz, °F</Radio>
        </RadioGroup>
        <p class="soft small">
          Only what is shown changes; what is stored stays as it is. Any unit can be typed in either.
        </p>
      </div>
      <div class="setting">
        <h3 id="theme">Theme</h3>
        <RadioGroup v-model:value="settings.themeChoice" aria-labelledby="theme" role="radiogroup">
          <Radio value="system">As the system is set</Radio>
          <Radio value="light">Light</Radio>
          <Radio value="dark">Dark</Radio>
        </RadioGroup>
      </div>
    </section>
    <section>
      <h2>The workshop</h2>
      <WaitsNotice />
      <div class="setting">
        <h3>Currency</h3>
        <Input
          v-model:value="sign"
          class="short"
          :maxlength="4"
          aria-label="Currency sign"
          @blur="setCurrency"
          @press-enter="setCurrency"
        />
        <p class="soft small">A label only, the same for everyone in this workshop: nothing is converted.</p>
      </div>
      <div class="setting">
        <h3>Damp of the room that spools stand in</h3>
        <NumberInput
          label="Relative humidity, %"
          :min="0"
          :max="100"
          :fallback="50"
          :model-value="workshop.settings.roomRhPct"
          @update:model-value="v => v !== null && set({ roomRhPct: v })"
        />
        <p class="soft small">
          Open spools take up water from it. A cheap hygrometer tells; heated houses in winter are near 40 %,
          sheds in autumn near 70 %.
        </p>
      </div>
      <div class="setting">
        <h3>What printing costs besides filament, in {{ workshop.currency }}</h3>
        <div class="field-row">
          <NumberInput
            label="An hour of a printer"
            :min="0"
            :max="100000"
            :fallback="USUAL_RATES.machinePerHour"
            :model-value="workshop.settings.machinePerHour"
            @update:model-value="v => v !== null && setRates({ machinePerHour: v })"
          />
          <NumberInput
            label="Setting up and taking off, each print"
            :min="0"
            :max="100000"
            :fallback="USUAL_RATES.labourEach"
            :model-value="workshop.settings.labourEach"
            @update:model-value="v => v !== null && setRates({ labourEach: v })"
          />
        </div>
        <p class="soft small">
          Every price of a part counts with them. An hour is its power, its wear, and its price over the hours
          it will print.
        </p>
      </div>
      <AllowedFilaments />
    </section>
    <DeskPanel />
    <BackupPanel />
    <ArchivePanel />
    <JournalPanel />
  </div>
</template>

<style scoped>
.settings :deep(section) {
  max-width: 720px;
  margin-top: 22px;
}
.settings :deep(h2) {
  font-size: 20px;
  margin: 0 0 4px;
}
.settings :deep(.setting) {
  border-top: 1px solid var(--rule);
  padding: 12px 0;
}
.settings :deep(h3) {
  font-size: 15px;
  margin: 0 0 6px;
}
.short {
  width: 76px;
}
.settings :deep(.setting p) {
  margin: 6px 0 0;
}
</style>
