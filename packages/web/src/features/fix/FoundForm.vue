<script setup lang="ts">
import { mendings, type FaultEnd, type FaultPlace, type Mending } from '@hornblende/core/formats';
import { causeLabel, causes, limitOfCause, withLimit, type TriageResult } from '@hornblende/core/triage';
import { Button } from '../../ui/kit';
import { computed, ref, watch } from 'vue';
import { api } from '../../api/client';
import { useFaults } from '../../stores/faults';
import { usePrinters } from '../../stores/printers';
import CheckList from '../../ui/CheckList.vue';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import Segments from '../../ui/Segments.vue';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';
import type { FixSheet } from './fix-sheet';
import type { LiveFix } from './useFix';

/** What it turned out to be: kept, so that the next fault is found sooner, and told of again where it matters. */
const props = defineProps<{ fix: LiveFix; result: TriageResult }>();
const faults = useFaults();
const printers = usePrinters();
const { attempt, offerUndo } = useFeedback();

const sheet = computed(() => props.fix.sheet.value);
const putFound = (change: Partial<FixSheet['found']>): void =>
  props.fix.put({ found: { ...sheet.value.found, ...change } });
const first = computed(() => props.result.causes[0]!.id);
/** Until another is picked, the likeliest is meant. */
const picked = computed({ get: () => sheet.value.found.cause, set: cause => putFound({ cause }) });
const cause = computed(() => picked.value || first.value);
const remedy = computed({ get: () => sheet.value.found.remedy, set: text => putFound({ remedy: text }) });
const mending = computed({ get: () => sheet.value.found.mending, set: how => putFound({ mending: how }) });
const tellAt = ref<FaultPlace[]>([]);
const limit = ref<number | null>(null);
const busy = ref(false);

const options = computed(() => props.result.causes.map(c => ({ value: c.id, label: c.label })));
const advised = computed(() => causes.find(c => c.id === cause.value)?.remedies ?? []);
const placeNames: Record<FaultPlace, string> = {
  card: 'on the part’s print card',
  spool: 'at the spool',
  printer: 'at the printer',
};
const places = computed(() => {
  const ids = { card: sheet.value.partId, spool: sheet.value.spoolId, printer: sheet.value.printerId };
  return (Object.keys(ids) as FaultPlace[])
    .filter(place => ids[place])
    .map(value => ({ value, label: placeNames[value] }));
});
watch(places, list => (tellAt.value = list.slice(0, 1).map(p => p.value)), { immediate: true });
const printer = computed(() => printers.byId(sheet.value.printerId || null));
const bound = computed(() => (printer.value ? limitOfCause(cause.value) : null));
watch(bound, () => (limit.value = null));
const mendingNames: Record<Mending, string> = {
  helped: 'Yes',
  'did not': 'No',
  'not known': 'Not known yet',
};
const mendingOptions = mendings.map(value => ({ value, label: mendingNames[value] }));

async function keep(): Promise<void> {
  busy.value = true;
  await attempt(async () => {
    const now = new Date().toISOString();
    const end: FaultEnd = {
      cause: cause.value,
      remedy: remedy.value.trim(),
      mending: mending.value,
      at: now,
      tellAt: tellAt.value,
    };
    // Sent twice, after an answer that was lost, it is one.
    const id = sheet.value.id || crypto.randomUUID();
    props.fix.put({ id });
    const open = faults.list.find(f => f.id === id)?.fault ?? null;
    const whole = { ...props.fix.fault.value, history: {}, at: open?.at ?? now, end };
    await faults.keep(id, whole);
    const before = printer.value;
    if (before && bound.value && limit.value !== null) {
      await api.savePrinter({
        ...before,
        profile: withLimit(before.profile, bound.value.field, limit.value),
      });
      await printers.load();
    }
    const left = { ...sheet.value };
    props.fix.clear();
    offerUndo(`Kept: ${causeLabel(end.cause).toLowerCase()}.`, async () => {
      await faults.keep(id, { ...whole, end: null });
      props.fix.put(left);
    });
  });
  busy.value = false;
}
</script>

<template>
  <section class="found" aria-label="What it was" data-testid="fix-found">
    <h2>Found it?</h2>
    <p class="soft small">Kept, it makes the next one of its kind quicker to find.</p>
    <div class="fields">
      <OptionSelect
        :model-value="cause"
        label="It was"
        :options="options"
        @update:model-value="v => (picked = v)"
      />
      <TextField
        v-model="remedy"
        label="What was done"
        :maxlength="300"
        :placeholder="advised[0]?.how ?? ''"
      />
    </div>
    <p v-if="advised.length" class="small advised">
      <Button v-for="r in advised" :key="r.how" size="small" type="text" @click="remedy = r.how">{{
        r.how
      }}</Button>
    </p>
    <p class="small line">
      Did it help? <Segments v-model="mending" label="Did it help?" :options="mendingOptions" />
    </p>
    <CheckList v-if="places.length" v-model="tellAt" label="Tell of it again" :options="places" />
    <p v-if="bound && printer" class="small line">
      <NumberInput
        v-model="limit"
        :label="`${bound.label}, ${bound.unit} (now ${printer.profile[bound.field] ?? 'no limit'})`"
        :min="bound.min"
        :max="bound.max"
        nullable
        placeholder="leave it"
      />
    </p>
    <Button type="primary" :loading="busy" @click="keep">Keep what it was</Button>
  </section>
</template>

<style scoped>
.found {
  border-top: 1px solid var(--rule-strong);
  margin-top: 14px;
  padding-top: 4px;
}
h2 {
  font-size: 16px;
  margin: 8px 0 2px;
}
p {
  margin: 4px 0;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
  gap: 8px 14px;
}
.advised :deep(.ant-btn) {
  white-space: normal;
  height: auto;
  text-align: left;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
}
</style>
