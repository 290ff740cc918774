<script setup lang="ts">
import { filamentG, SpoolEvent, type SpoolEventKind } from '@hornblende/core/formats';
import { Button, Checkbox } from '../../ui/kit';
import dayjs from 'dayjs';
import { computed, ref } from 'vue';
import type { ShelfRow } from '../../stores/shelf';
import DateField from '../../ui/DateField.vue';
import { provideFormProblems } from '../../ui/form-problems';
import { limitsOf } from '../../ui/limits-of';
import NumberInput from '../../ui/NumberInput.vue';
import QuantityInput from '../../ui/QuantityInput.vue';
import Segments from '../../ui/Segments.vue';
import TextField from '../../ui/TextField.vue';
import { useUnits } from '../../ui/useUnits';
import { eventKinds } from './spool-words';

/** Writes down what happened to a spool. */
const props = defineProps<{ row: ShelfRow; add: (event: SpoolEvent) => Promise<boolean> }>();
const limits = limitsOf(SpoolEvent);
const { show } = useUnits();
const form = provideFormProblems();
const kind = ref<SpoolEventKind>('printed');
const now = (): string => dayjs().format('YYYY-MM-DDTHH:mm');
const at = ref(now());
const grams = ref<number | null>(null);
const withReel = ref(true);
const note = ref('');
const dryingC = ref(props.row.moisture?.dryC ?? props.row.family?.properties.dryC?.typical ?? null);
const hours = ref(props.row.moisture?.dryHours ?? props.row.family?.properties.dryHours?.typical ?? null);

const softens = computed(() => props.row.family?.properties.spoolLimitC?.typical ?? null);
const tooHot = computed(
  () =>
    kind.value === 'dried' &&
    softens.value !== null &&
    dryingC.value !== null &&
    dryingC.value > softens.value,
);
/** Grams of filament the entry is about; null where it is about none. */
function amount(): number | null {
  if (kind.value === 'printed') return grams.value;
  if (kind.value !== 'weighed' || grams.value === null) return null;
  return filamentG(grams.value, withReel.value, props.row.spool.reelG);
}
async function write(): Promise<void> {
  if (form.focusFirst()) return;
  const dried = kind.value === 'dried';
  const event: SpoolEvent = {
    kind: kind.value,
    at: dayjs(at.value || now()).toISOString(),
    dryingC: dried ? dryingC.value : null,
    hours: dried ? hours.value : null,
    grams: amount(),
    note: note.value,
    print: null,
  };
  if (!(await props.add(event))) return;
  at.value = now();
  grams.value = null;
  note.value = '';
}
</script>

<template>
  <form class="add" @submit.prevent="write">
    <Segments v-model="kind" label="What happened" :options="eventKinds" />
    <div class="fields">
      <QuantityInput
        v-if="kind === 'printed'"
        v-model="grams"
        label="Taken off"
        nullable
        placeholder="40 g"
        dimension="mass"
        v-bind="limits.number('grams')"
      />
      <template v-if="kind === 'weighed'">
        <QuantityInput
          v-model="grams"
          label="The scale reads"
          nullable
          placeholder="640 g"
          dimension="mass"
          :min="0"
          :max="25000"
        />
        <Checkbox v-model:checked="withReel">with the reel ({{ show(row.spool.reelG, 'mass') }})</Checkbox>
      </template>
      <template v-if="kind === 'dried'">
        <QuantityInput
          v-model="dryingC"
          label="At"
          dimension="temperature"
          v-bind="limits.number('dryingC')"
        />
        <NumberInput v-model="hours" label="Hours" v-bind="limits.number('hours')" />
      </template>
      <DateField v-model="at" label="When" time />
      <TextField v-model="note" class="grow" label="Note" v-bind="limits.text('note')" />
    </div>
    <p v-if="tooHot" class="out small">
      A spool of {{ row.name }} softens at {{ show(softens, 'temperature') }}: its turns fuse.
    </p>
    <Button type="primary" html-type="submit" data-testid="ledger-add">Write it down</Button>
  </form>
</template>

<style scoped>
.add {
  border-top: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
  padding: 12px 0;
  margin: 10px 0;
}
.fields {
  display: flex;
  gap: 10px 16px;
  flex-wrap: wrap;
  align-items: end;
  margin: 10px 0;
}
.grow {
  flex: 1;
  min-width: 120px;
}
</style>
