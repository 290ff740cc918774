<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import { familyByKey, families, type Plate } from '@hornblende/core/materials';
import { holdByPeel, peelEnergyJm2 } from '@hornblende/core/print';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import { useUnits } from '../../ui/useUnits';

/** How a plate holds, worked out from the pull that peels a printed strip off it. */
const props = defineProps<{ like: Plate; least: number; most: number }>();
const emit = defineEmits<{ hold: [share: number] }>();
const { say } = useUnits();
const open = ref(false);
const family = ref('pla');
const forceN = ref<number | null>(null);
const widthMm = ref<number | null>(20);
/** Filaments that are known to hold on such a plate without anything on it. */
const choices = computed(() =>
  families
    .filter(f => (f.adhesion[props.like]?.bare ?? 0) > 0 && f.flags.role !== 'support')
    .map(f => ({ value: f.key, label: f.name })),
);
const hold = computed(() => {
  const f = familyByKey(family.value);
  if (!f || !forceN.value || !widthMm.value) return null;
  const share = holdByPeel(f, props.like, forceN.value, widthMm.value);
  return share === null ? null : Math.min(props.most, Math.max(props.least, share));
});
const worked = computed(() => {
  const pull = forceN.value ?? 0;
  const width = widthMm.value ?? 1;
  return (
    `${sig(pull, 3)} N over ${sig(width, 3)} mm are ${sig(peelEnergyJm2(pull, width), 3)} J/m²: ` +
    `it holds ${Math.round(100 * (hold.value ?? 0))} % as well as a new one.`
  );
});
function take(): void {
  if (hold.value === null) return;
  emit('hold', Number(hold.value.toFixed(2)));
  open.value = false;
}
</script>

<template>
  <Button v-if="!open" type="link" size="small" class="wide" @click="open = true">
    Work it out from a peel test
  </Button>
  <div v-else class="peel wide" data-testid="peel-test">
    <p class="small soft">
      Print a strip of two layers, hook a spring scale to its end, and pull it straight up off the cold plate.
      Take the pull while it peels evenly.
    </p>
    <div class="field-row">
      <OptionSelect v-model="family" label="Filament of the strip" :options="choices" />
      <NumberInput v-model="forceN" label="Pull, N" nullable placeholder="as read" :min="0.01" :max="1000" />
      <NumberInput v-model="widthMm" label="Width of the strip, mm" :min="1" :max="200" />
    </div>
    <p v-if="hold !== null" class="small">
      {{ say(worked) }}
      <Button size="small" @click="take">Take it</Button>
    </p>
    <Button type="link" size="small" @click="open = false">Leave it</Button>
  </div>
</template>

<style scoped>
.peel {
  border-left: 2px solid var(--rule);
  padding-left: 10px;
}
p {
  margin: 0 0 6px;
}
</style>
