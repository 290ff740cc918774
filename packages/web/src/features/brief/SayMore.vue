<script setup lang="ts">
import { onceSaid, sayFields, type SaidFields } from '@hornblende/core/brief';
import { Button } from '../../ui/kit';
import { computed, ref, watch } from 'vue';
import { usePrinters } from '../../stores/printers';
import SaidLine from '../../ui/SaidLine.vue';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useDraft } from '../part/draft';
import { setAt } from '../part/set-at';

/** The brief, said on or corrected in a line: what is understood stands word by word, and goes in with one press. */
const draft = useDraft();
const printers = usePrinters();
const { tell } = useFeedback();
const line = ref('');
watch(
  () => draft.id,
  () => (line.value = ''),
);
const said = computed(() =>
  line.value.trim()
    ? sayFields(line.value, { printers: printers.list.map(p => ({ id: p.id, name: p.profile.name })) })
    : null,
);
/** What is understood beside the name of a part, which it has already. */
const understood = computed(() => (said.value?.understood ?? []).filter(u => u.field !== 'name'));
const loads = computed(() => draft.brief?.loads.length ?? 0);
const saysLoad = computed(() => Array.isArray(said.value?.given.loads));

/** The fields that a line says, each with its value; a load goes in whole, in the place of the first. */
function fieldsOf({ given }: SaidFields): [path: string, value: unknown][] {
  const plain = understood.value
    .map(u => u.field)
    .filter(field => field !== 'printer' && !field.startsWith('loads.'))
    .map((field): [string, unknown] => [field, valueAt(given, field)]);
  const load = Array.isArray(given.loads) ? (given.loads as unknown[])[0] : null;
  return load ? [...plain, ['loads', [load, ...(draft.brief?.loads.slice(1) ?? [])]]] : plain;
}
function valueAt(given: Record<string, unknown>, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], given);
}
function take(): void {
  const before = draft.content;
  if (!said.value || !before || !understood.value.length) return;
  const printer = understood.value.find(u => u.field === 'printer')?.value;
  const given = fieldsOf(said.value).reduce(
    (done, [path, value]) => onceSaid(done, setAt(done, path, value), path),
    before.given,
  );
  draft.load(given, typeof printer === 'string' ? printer : before.printerId);
  line.value = '';
  tell('The brief says so now; undo takes it back.');
}
</script>

<template>
  <section class="say-more" aria-label="Say it in a line" data-testid="say-more">
    <div class="row">
      <TextField
        v-model="line"
        label="Say more of it, or correct it, in a line"
        :maxlength="500"
        placeholder="holds 5 kg on an 80 mm arm, in the rain, black"
        @keydown.enter="take"
      />
      <Button :disabled="!understood.length" @click="take">Put it in</Button>
    </div>
    <SaidLine v-if="said" :said="{ ...said, understood }" />
    <p v-if="saysLoad && loads" class="small soft">The load stands in the place of load 1.</p>
  </section>
</template>

<style scoped>
.say-more {
  margin-bottom: 16px;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 10px;
  align-items: end;
}
p {
  margin: 4px 0 0;
}
</style>
