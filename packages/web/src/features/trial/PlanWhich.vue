<script setup lang="ts">
import { Button } from '../../ui/kit';
import { computed } from 'vue';
import CheckList from '../../ui/CheckList.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import { useLibrary } from '../../stores/library';
import ForeignForm from './ForeignForm.vue';
import type { TrialPlan } from './useTrialPlan';

/** The first step of a trial: in which filaments, which of them is there to lose, and what comes from elsewhere. */
const props = defineProps<{ plan: TrialPlan }>();
const library = useLibrary();
const picked = computed({
  get: () => props.plan.picked.value,
  set: value => props.plan.put({ filaments: value }),
});
const form = computed(() => props.plan.kept.form.value);
const others = computed(() => [{ value: '', label: 'another filament…' }, ...props.plan.others.value]);
function addFilament(key: string): void {
  if (key) picked.value = [...picked.value, key];
}
const toLose = computed(() => [
  { value: '', label: 'none of them' },
  ...picked.value.map(value => ({ value, label: library.nameOf(value) })),
]);
/** Filaments of which several spools are on the shelf. */
const several = computed(() =>
  picked.value.flatMap(material => {
    const spools = props.plan.spoolsOf(material);
    return spools.length > 1 ? [{ material, spools, spool: props.plan.spoolOf(material) ?? '' }] : [];
  }),
);
const without = (material: string): void =>
  props.plan.put({ foreign: form.value.foreign.filter(f => f.material !== material) });
</script>

<template>
  <div class="which">
    <CheckList v-model="picked" label="Printed in" :options="plan.offered.value" />
    <p v-if="!plan.anyRuns.value" class="small marginal">
      Nothing is in the running for this brief: add what you want to try all the same.
    </p>
    <div class="two">
      <OptionSelect
        model-value=""
        label="Try another one as well"
        :options="others"
        @update:model-value="addFilament"
      />
      <OptionSelect
        :model-value="picked.includes(form.baseline) ? form.baseline : ''"
        label="Printed on purpose to lose"
        :options="toLose"
        note="It shows what the others are better than. It is measured like them and never chosen."
        @update:model-value="v => plan.put({ baseline: v })"
      />
    </div>
    <div v-if="several.length" class="two" data-testid="plan-spools">
      <OptionSelect
        v-for="m in several"
        :key="m.material"
        :model-value="m.spool"
        :label="`Spool of ${library.nameOf(m.material)}`"
        :options="m.spools"
        @update:model-value="v => plan.put({ spools: { ...form.spools, [m.material]: v } })"
      />
    </div>
    <ForeignForm @add="plan.addForeign" />
    <ul v-if="form.foreign.length" class="elsewhere small" data-testid="plan-foreign">
      <li v-for="f in form.foreign" :key="f.material">
        <b>{{ f.name }}</b> is measured beside them; the models know nothing of it.
        <Button type="text" size="small" @click="without(f.material)">Leave it out</Button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.which {
  display: grid;
  gap: 14px;
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 320px));
  gap: 14px;
  align-items: start;
}
.elsewhere {
  margin: 0;
  padding-left: 18px;
}
p {
  margin: 0;
}
</style>
