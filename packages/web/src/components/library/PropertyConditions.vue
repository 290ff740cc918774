<script setup lang="ts">
import { propertyDefinition, propertyNames, type PropertyName } from '@hornblende/core';
import { propertyMeasure, propertyShown, propertyStored } from '@hornblende/core/units';
import { useProperties } from '../../composables/useProperties';
import { useSettings } from '../../stores/settings';
import NumberInput from '../NumberInput.vue';
import QuantityInput from '../QuantityInput.vue';

/** A condition on a property: at least or at most so much, in stored units. */
export interface PropertyCondition {
  name: PropertyName;
  sense: 'at least' | 'at most';
  value: number;
}

const list = defineModel<PropertyCondition[]>({ required: true });
const { label, unit } = useProperties();
const settings = useSettings();

function add(e: Event): void {
  const select = e.target as HTMLSelectElement;
  const name = select.value as PropertyName;
  select.value = '';
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
      <select
        :value="c.sense"
        :aria-label="`Sense of ${label(c.name)}`"
        @change="
          change(i, { sense: ($event.target as HTMLSelectElement).value as PropertyCondition['sense'] })
        "
      >
        <option>at least</option>
        <option>at most</option>
      </select>
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
      <button
        type="button"
        class="drop"
        :aria-label="`Drop the condition on ${label(c.name)}`"
        @click="drop(i)"
      >
        ×
      </button>
    </span>
    <select class="add" aria-label="Add a condition" @change="add">
      <option value="">Add a condition…</option>
      <option v-for="n in propertyNames" :key="n" :value="n">{{ label(n) }}</option>
    </select>
  </div>
</template>

<style scoped>
.conditions {
  display: flex;
  gap: 6px 18px;
  flex-wrap: wrap;
  align-items: baseline;
  font-size: 14px;
}
.condition {
  white-space: nowrap;
}
select {
  font: inherit;
  color: var(--ink);
  background: transparent;
  border: 0;
  border-bottom: 1.5px solid var(--deep);
  padding: 1px 2px;
  margin: 0 2px;
}
option {
  background: var(--panel);
}
.add {
  border-bottom-color: var(--rule-strong);
  color: var(--info);
}
.drop {
  border: 0;
  background: none;
  color: var(--soft);
  cursor: pointer;
  padding: 0 4px;
}
</style>
