<script setup lang="ts">
import type { StoredPrinter } from '@hornblende/core/api';
import { parsePrinter, Printer } from '@hornblende/core/formats';
import { printerPresets } from '@hornblende/core/workshop';
import { Checkbox } from '../../ui/kit';
import { computed, ref } from 'vue';
import { api } from '../../api/client';
import { usePrinters } from '../../stores/printers';
import CheckList from '../../ui/CheckList.vue';
import FormDialog from '../../ui/FormDialog.vue';
import NumberInput from '../../ui/NumberInput.vue';
import { limitsOf } from '../../ui/limits-of';
import OptionSelect from '../../ui/OptionSelect.vue';
import QuantityInput from '../../ui/QuantityInput.vue';
import TextField from '../../ui/TextField.vue';
import { useKeptForm } from '../../ui/useKeptForm';
import ChamberBalance from './ChamberBalance.vue';
import OwnPlates from './OwnPlates.vue';
import PrinterFeed from './PrinterFeed.vue';
import PrinterPlate from './PrinterPlate.vue';
import PrinterRoom from './PrinterRoom.vue';
import { printerChoices } from './printer-words';

/** Adds or changes a printer; a new one starts from a common kind of machine. */
const props = defineProps<{ printer: StoredPrinter | null }>();
const emit = defineEmits<{ close: [] }>();
const limits = limitsOf(Printer);
const printers = usePrinters();
const fresh = (): Printer =>
  parsePrinter({ format: 'hornblende-printer', version: 1, name: 'A new printer' });
const kept = useKeptForm(
  props.printer ? `printer-${props.printer.id}-${props.printer.revision}` : 'printer',
  {
    profile: props.printer ? { ...props.printer.profile } : fresh(),
    isDefault: props.printer?.isDefault ?? false,
  },
);
const profile = kept.field('profile');
const isDefault = kept.field('isDefault');
const preset = ref('');
const presets = [
  { value: '', label: 'nothing in particular' },
  ...printerPresets.map(p => ({ value: p.key, label: p.name })),
];
const about = computed(
  () =>
    printerPresets.find(p => p.key === preset.value)?.about ??
    'A common kind of machine, to correct to what yours does.',
);
const noName = computed(() => (profile.value.name.trim() ? '' : 'A printer needs a name.'));
/** What the air around a print reaches, °C, until it is measured. */
const CHAMBER_AIR_C = { open: 28, enclosed: 45, heated: 65 } as const;
const axes = ['X', 'Y', 'Z'] as const;

function set<K extends keyof Printer>(key: K, value: Printer[K] | null): void {
  if (value !== null) profile.value = { ...profile.value, [key]: value };
}
function change(changed: Partial<Printer>): void {
  profile.value = { ...profile.value, ...changed };
}
function setChamber(chamber: Printer['chamber']): void {
  profile.value = { ...profile.value, chamber, chamberC: CHAMBER_AIR_C[chamber] };
}
function setBuild(axis: number, mm: number | null): void {
  if (mm === null) return;
  const buildMm: Printer['buildMm'] = [...profile.value.buildMm];
  buildMm[axis] = mm;
  set('buildMm', buildMm);
}
function startFrom(key: string): void {
  preset.value = key;
  const kind = printerPresets.find(p => p.key === key);
  // Bars that were measured on it, and plates of one's own, stay its own, whatever kind it is called.
  if (kind) {
    const { warpBars, gauges, ownPlates } = profile.value;
    profile.value = { ...kind.profile, warpBars, gauges, ownPlates };
  }
}
async function save(): Promise<void> {
  const checked = parsePrinter(profile.value);
  if (props.printer)
    await api.savePrinter({ ...props.printer, profile: checked, isDefault: isDefault.value });
  else await api.createPrinter(checked, isDefault.value, kept.id.value);
  await printers.load();
}
</script>

<template>
  <FormDialog
    :title="printer ? 'Change the printer' : 'Add a printer'"
    :width="720"
    :save="save"
    :kept="kept"
    @close="emit('close')"
  >
    <div class="form-grid" data-testid="printer-editor">
      <OptionSelect
        v-if="!printer"
        class="wide"
        label="Start from"
        :model-value="preset"
        :options="presets"
        :note="about"
        @update:model-value="startFrom"
      />
      <div class="wide">
        <TextField
          label="Name"
          :model-value="profile.name"
          v-bind="limits.text('name')"
          :problem="noName"
          @update:model-value="v => set('name', v)"
        />
      </div>
      <h3 class="wide part">Hot end and bed</h3>
      <QuantityInput
        label="Hottest nozzle"
        dimension="temperature"
        :model-value="profile.nozzleMaxC"
        v-bind="limits.number('nozzleMaxC')"
        @update:model-value="v => set('nozzleMaxC', v)"
      />
      <NumberInput
        label="Bore of the nozzle, mm"
        v-bind="limits.number('nozzleMm')"
        :model-value="profile.nozzleMm"
        @update:model-value="v => set('nozzleMm', v)"
      />
      <OptionSelect
        label="Nozzle metal"
        :model-value="profile.nozzleMetal"
        :options="printerChoices.nozzleMetal"
        @update:model-value="v => set('nozzleMetal', v)"
      />
      <QuantityInput
        label="Liner safe to (empty: all-metal)"
        dimension="temperature"
        nullable
        placeholder="all-metal"
        :model-value="profile.linerLimitC"
        v-bind="limits.number('linerLimitC')"
        @update:model-value="v => (profile = { ...profile, linerLimitC: v })"
      />
      <QuantityInput
        label="Hottest bed"
        dimension="temperature"
        :model-value="profile.bedMaxC"
        v-bind="limits.number('bedMaxC')"
        @update:model-value="v => set('bedMaxC', v)"
      />
      <h3 class="wide part">Air around the print</h3>
      <OptionSelect
        label="Around the print"
        :model-value="profile.chamber"
        :options="printerChoices.chamber"
        @update:model-value="setChamber"
      />
      <QuantityInput
        label="Air after half an hour"
        dimension="temperature"
        :model-value="profile.chamberC"
        v-bind="limits.number('chamberC')"
        @update:model-value="v => set('chamberC', v)"
      />
      <ChamberBalance
        v-if="profile.chamber !== 'open'"
        :key="profile.chamber"
        :profile="profile"
        @air="airC => set('chamberC', airC)"
      />
      <h3 class="wide part">Feeding and drying</h3>
      <PrinterFeed :profile="profile" @change="change" />
      <QuantityInput
        label="Dryer reaches (empty: none)"
        dimension="temperature"
        nullable
        placeholder="none"
        :model-value="profile.dryerMaxC"
        v-bind="limits.number('dryerMaxC')"
        @update:model-value="v => (profile = { ...profile, dryerMaxC: v })"
      />
      <h3 class="wide part">Its room</h3>
      <OptionSelect
        label="Ventilation"
        :model-value="profile.ventilation"
        :options="printerChoices.ventilation"
        @update:model-value="v => set('ventilation', v)"
      />
      <PrinterRoom :profile="profile" @change="change" />
      <h3 class="wide part">Size and pace</h3>
      <NumberInput
        label="Melt flow limit, mm³/s"
        v-bind="limits.number('maxFlowMm3s')"
        :model-value="profile.maxFlowMm3s"
        @update:model-value="v => set('maxFlowMm3s', v)"
      />
      <QuantityInput
        v-for="(axis, i) in axes"
        :key="axis"
        :label="`Build ${axis}`"
        dimension="length"
        :model-value="profile.buildMm[i] ?? null"
        v-bind="limits.number('buildMm')"
        @update:model-value="v => setBuild(i, v)"
      />
      <h3 class="wide part">Plate and first layer</h3>
      <PrinterPlate :profile="profile" @change="change" />
      <CheckList
        class="wide"
        label="Plates"
        :model-value="profile.plates"
        :options="printerChoices.plates"
        @update:model-value="v => set('plates', v)"
      />
      <CheckList
        class="wide"
        label="Adhesives"
        :model-value="profile.adhesives"
        :options="printerChoices.adhesives"
        @update:model-value="v => set('adhesives', v)"
      />
      <OwnPlates
        class="wide"
        :model-value="profile.ownPlates"
        @update:model-value="plates => set('ownPlates', plates)"
      />
      <Checkbox v-model:checked="isDefault" class="wide">New parts are meant for it</Checkbox>
    </div>
  </FormDialog>
</template>

<style scoped>
.part {
  border-top: 1px solid var(--rule);
  font-size: 14px;
  margin: 6px 0 0;
  padding-top: 8px;
}
</style>
