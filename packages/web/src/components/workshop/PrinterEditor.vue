<script setup lang="ts">
import {
  adhesives,
  chambers,
  drives,
  InputError,
  nozzleMetals,
  parsePrinter,
  plates,
  printerPresets,
  ventilations,
  type Printer,
} from '@hornblende/core';
import { Checkbox, Modal } from 'ant-design-vue';
import { ref, watch } from 'vue';
import { api, ApiError, type StoredPrinter } from '../../api/client';
import { usePrinters } from '../../stores/printers';
import NumberInput from '../NumberInput.vue';
import QuantityInput from '../QuantityInput.vue';

/** Adds or changes a printer; a new one starts from a common kind of machine. */
const props = defineProps<{ open: boolean; printer: StoredPrinter | null }>();
const emit = defineEmits<{ close: [] }>();
const printers = usePrinters();
const profile = ref<Printer>(printerPresets[0]!.profile);
const isDefault = ref(false);
const preset = ref('');
const problems = ref<string[]>([]);
watch(
  () => props.open,
  open => {
    if (!open) return;
    problems.value = [];
    preset.value = '';
    [profile.value, isDefault.value] = props.printer
      ? [{ ...props.printer.profile }, props.printer.isDefault]
      : [parsePrinter({ format: 'hornblende-printer', version: 1, name: 'A new printer' }), false];
  },
  { immediate: true },
);

function set<K extends keyof Printer>(key: K, value: Printer[K]): void {
  profile.value = { ...profile.value, [key]: value };
}
function setChamber(chamber: Printer['chamber']): void {
  profile.value = { ...profile.value, chamber, chamberC: { open: 28, enclosed: 45, heated: 65 }[chamber] };
}
function startFrom(key: string): void {
  preset.value = key;
  const kind = printerPresets.find(p => p.key === key);
  if (kind) profile.value = { ...kind.profile };
}
function toggle<T extends string>(list: readonly T[], item: T, on: boolean): T[] {
  return on ? [...list, item] : list.filter(x => x !== item);
}
async function save(): Promise<void> {
  try {
    const checked = parsePrinter(profile.value);
    if (props.printer)
      await api.savePrinter({ ...props.printer, profile: checked, isDefault: isDefault.value });
    else await api.createPrinter(checked, isDefault.value);
    await printers.load();
    emit('close');
  } catch (err) {
    problems.value =
      err instanceof InputError || err instanceof ApiError
        ? err.problems.map(p => `${p.field} ${p.message}`)
        : [(err as Error).message];
  }
}
</script>

<template>
  <Modal
    :open="open"
    :title="printer ? 'Change the printer' : 'Add a printer'"
    :width="720"
    ok-text="Save"
    cancel-text="Cancel"
    @ok="save"
    @cancel="emit('close')"
  >
    <div class="form-grid">
      <label v-if="!printer" class="field-label wide"
        >Start from<select :value="preset" @change="startFrom(($event.target as HTMLSelectElement).value)">
          <option value="">nothing in particular</option>
          <option v-for="p in printerPresets" :key="p.key" :value="p.key">{{ p.name }}</option></select
        ><span class="small soft">{{
          printerPresets.find(p => p.key === preset)?.about ??
          'A common kind of machine, to correct to what yours does.'
        }}</span></label
      >
      <label class="field-label wide"
        >Name<input
          :value="profile.name"
          maxlength="120"
          @input="set('name', ($event.target as HTMLInputElement).value)"
      /></label>
      <QuantityInput
        label="Hottest nozzle"
        dimension="temperature"
        :model-value="profile.nozzleMaxC"
        :min="0"
        :max="600"
        @update:model-value="v => v !== null && set('nozzleMaxC', v)"
      />
      <label class="field-label"
        >Nozzle metal<select
          :value="profile.nozzleMetal"
          @change="set('nozzleMetal', ($event.target as HTMLSelectElement).value as Printer['nozzleMetal'])"
        >
          <option v-for="o in nozzleMetals" :key="o">{{ o }}</option>
        </select></label
      >
      <QuantityInput
        label="Liner safe to (empty: all-metal)"
        dimension="temperature"
        nullable
        placeholder="all-metal"
        :model-value="profile.linerLimitC"
        :min="150"
        :max="400"
        @update:model-value="v => set('linerLimitC', v)"
      />
      <QuantityInput
        label="Hottest bed"
        dimension="temperature"
        :model-value="profile.bedMaxC"
        :min="0"
        :max="300"
        @update:model-value="v => v !== null && set('bedMaxC', v)"
      />
      <label class="field-label"
        >Around the print<select
          :value="profile.chamber"
          @change="setChamber(($event.target as HTMLSelectElement).value as Printer['chamber'])"
        >
          <option v-for="o in chambers" :key="o">{{ o }}</option>
        </select></label
      >
      <QuantityInput
        label="Air after half an hour"
        dimension="temperature"
        :model-value="profile.chamberC"
        :min="-10"
        :max="250"
        @update:model-value="v => v !== null && set('chamberC', v)"
      />
      <label class="field-label"
        >Drive<select
          :value="profile.drive"
          @change="set('drive', ($event.target as HTMLSelectElement).value as Printer['drive'])"
        >
          <option v-for="o in drives" :key="o" :value="o">
            {{ o === 'bowden' ? 'remote, through a tube' : 'direct' }}
          </option>
        </select></label
      >
      <QuantityInput
        label="Dryer reaches (empty: none)"
        dimension="temperature"
        nullable
        placeholder="none"
        :model-value="profile.dryerMaxC"
        :min="20"
        :max="250"
        @update:model-value="v => set('dryerMaxC', v)"
      />
      <label class="field-label"
        >Air<select
          :value="profile.ventilation"
          @change="set('ventilation', ($event.target as HTMLSelectElement).value as Printer['ventilation'])"
        >
          <option v-for="o in ventilations" :key="o">{{ o }}</option>
        </select></label
      >
      <NumberInput
        label="Melt flow limit, mm³/s"
        :min="0.1"
        :max="200"
        :model-value="profile.maxFlowMm3s"
        @update:model-value="v => v !== null && set('maxFlowMm3s', v)"
      />
      <QuantityInput
        v-for="(axis, i) in ['X', 'Y', 'Z']"
        :key="axis"
        :label="`Build ${axis}`"
        dimension="length"
        :model-value="profile.buildMm[i] ?? null"
        :min="1"
        :max="5000"
        @update:model-value="
          v =>
            v !== null &&
            set('buildMm', profile.buildMm.map((x, j) => (j === i ? v : x)) as [number, number, number])
        "
      />
      <fieldset class="wide">
        <legend class="soft small">Plates</legend>
        <Checkbox
          v-for="o in plates"
          :key="o"
          :checked="profile.plates.includes(o)"
          @update:checked="on => set('plates', toggle(profile.plates, o, on))"
          >{{ o }}</Checkbox
        >
      </fieldset>
      <fieldset class="wide">
        <legend class="soft small">Adhesives</legend>
        <Checkbox
          v-for="o in adhesives"
          :key="o"
          :checked="profile.adhesives.includes(o)"
          @update:checked="on => set('adhesives', toggle(profile.adhesives, o, on))"
          >{{ o }}</Checkbox
        >
      </fieldset>
      <Checkbox
        class="wide"
        :checked="isDefault"
        @update:checked="
          on => {
            isDefault = on;
          }
        "
        >New parts are meant for it</Checkbox
      >
      <p v-for="p in problems" :key="p" class="out small wide">{{ p }}</p>
    </div>
  </Modal>
</template>
