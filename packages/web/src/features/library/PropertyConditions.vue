<script setup lang="ts">
import { CloseOutlined } from '@ant-design/icons-vue';
import { Button } from '../../ui/kit';
import { computed, useId } from 'vue';
import KitSelect from '../../ui/KitSelect.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import { propertyDefinition, propertyNames, type PropertyName } from '@hornblende/core/materials';
import { propertyMeasure, propertyShown, propertyStored } from '@hornblende/core/units';
import type { PropertyCondition } from './property-condition';
import { useProperties } from './useProperties';
import { useSettings } from '../../stores/settings';
import NumberInput from '../../ui/NumberInput.vue';
import QuantityInput from '../../ui/QuantityInput.vue';

const list = defineModel<PropertyCondition[]>({ required: true });
const { label, unit } = useProperties();
const properties = computed(() => propertyNames.map(n => ({ value: n, label: label(n) })));
const senses = [
  { value: 'at least' as const, label: 'at least' },
  { value: 'at most' as const, label: 'at most' },
];
const settings = useSettings();
const id = useId();

function add(name: PropertyName): void {
  const { min } = propertyDefinition(name);
  const start: Partial<Record<PropertyName, number>> = {
    hdt045C: 80,
    hdt18C: 80,
    modulusMPa: 1500,
    yieldMPa: 30,
    charpy23KJm2: 8,
    uvHalfDoseMJm2: 1000,
    zRatio: 0.7,
    elongationPct: 50,
    shoreA: 80,
  };
  const less = ['densityGcm3', 'pricePerKg', 'waterUptakePct', 'alphaPerK', 'dryHours'].includes(name);
  list.value = [
    ...list.value,
    {
      name,
      sense: less ? 'at most' : 'at least',
      value: start[name] ?? (less ? propertyDefinition(name).max / 4 : min),
    },
  ];
}
function change(i: number, part: Partial<PropertyCondition>): void {
  list.value = list.value.map((c, k) => (k === i ? { ...c, ...part } : c));
}
function drop(i: number): void {
  list.value = list.value.filter((_, k) => k !== i);
}
</script>

<template>
  <div class="conditions">
    <span v-for="(c, i) in list" :key="i" class="condition">
      {{ label(c.name) }}
      <SentenceSelect
        :model-value="c.sense"
        :label="`Sense of ${label(c.name)}`"
        :options="senses"
        @update:model-value="sense => change(i, { sense })"
      />
      <QuantityInput
        v-if="propertyMeasure(c.name)"
        inline
        :label="`${label(c.name)} ${c.sense}`"
        :dimension="propertyMeasure(c.name)!"
        :model-value="c.value"
        :min="propertyDefinition(c.name).min"
        :max="propertyDefinition(c.name).max"
        @update:model-value="v => v !== null && change(i, { value: v })"
      />
      <template v-else
        ><NumberInput
          inline
          :label="`${label(c.name)} ${c.sense}`"
          :model-value="Number(propertyShown(c.name, c.value, settings.units).toPrecision(4))"
          :min="propertyShown(c.name, propertyDefinition(c.name).min, settings.units)"
          :max="propertyShown(c.name, propertyDefinition(c.name).max, settings.units)"
          @update:model-value="
            v => v !== null && change(i, { value: propertyStored(c.name, v, settings.units) })
          "
        />
        {{ unit(c.name) }}</template
      >
      <Button type="text" size="small" :aria-label="`Drop the condition on ${label(c.name)}`" @click="drop(i)"
        ><template #icon><CloseOutlined aria-hidden="true" /></template
      ></Button>
    </span>
    <label :for="id" class="visually-hidden">Add a condition</label>
    <KitSelect
      :id="id"
      class="add"
      :value="undefined"
      placeholder="Add a condition"
      :options="properties"
      @choose="add"
    />
  </div>
</template>

<style scoped>
.conditions {
  display: flex;
  gap: 6px 18px;
  flex-wrap: wrap;
  align-items: center;
  font-size: 14px;
}
.condition {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: center;
}
.add {
  width: 150px;
}
</style>
