<script setup lang="ts">
import type { ListedPart } from '@hornblende/core/api';
import { sayFields, startingPoints, type StartingPoint } from '@hornblende/core/brief';
import { Modal } from '../../ui/kit';
import { computed, nextTick, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { useParts } from '../../stores/parts';
import { usePrinters } from '../../stores/printers';
import OptionSelect from '../../ui/OptionSelect.vue';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';
import RestoredNotice from '../../ui/RestoredNotice.vue';
import { useKeptForm } from '../../ui/useKeptForm';
import { useReturnFocus } from '../../ui/useReturnFocus';
import SaidLine from '../../ui/SaidLine.vue';

/** Names a new part, and gives it a start: another part, or a usual kind with its traps. */
const props = defineProps<{ from: ListedPart | null }>();
const emit = defineEmits<{ close: [] }>();
const parts = useParts();
const printers = usePrinters();
const router = useRouter();
const { attempt } = useFeedback();
useReturnFocus();
const open = ref(true);
const kept = useKeptForm(`part-${props.from?.id ?? 'new'}`, {
  name: props.from ? `${props.from.name}, copy` : '',
  startKey: '',
  line: '',
});
const name = kept.field('name');
const startKey = kept.field('startKey');
const line = kept.field('line');
/** What the line says so far; null where there is none. */
const said = computed(() =>
  line.value.trim()
    ? sayFields(line.value, { printers: printers.list.map(p => ({ id: p.id, name: p.profile.name })) })
    : null,
);
/** A name of one’s own, else what the line calls the part. */
const wanted = computed(() => name.value.trim() || (said.value ? String(said.value.given.name) : ''));
const tried = ref(false);
const start = computed(() => startingPoints.find(s => s.key === startKey.value) ?? null);
const kinds = [
  { value: '', label: 'another kind: begin with five questions' },
  ...startingPoints.map(s => ({ value: s.key, label: s.name })),
];
const problem = computed(() => (tried.value && !wanted.value ? 'A part needs a name.' : ''));
const dialog = ref<HTMLElement | null>(null);
onMounted(async () => {
  await nextTick();
  dialog.value?.querySelector('input')?.focus();
});

/** What a kind of part fills in: it is marked as filled in, for nobody has said it yet. */
function filledBy(kind: StartingPoint | null): object {
  return kind ? { ...kind.brief, filledIn: Object.keys(kind.brief) } : {};
}
/** What the line says, less what every brief has by itself. */
function saidGiven(): object {
  const { format: _format, version: _version, name: _name, ...given } = said.value?.given ?? {};
  return given;
}
async function create(): Promise<void> {
  tried.value = true;
  if (!wanted.value) return;
  await attempt(async () => {
    // Asked for by whoever is quicker than the first page: a part must not go without its printer.
    if (!printers.loaded) await printers.load();
    const named = said.value?.understood.find(u => u.field === 'printer')?.value;
    const usual = printers.list.find(p => p.isDefault)?.id ?? null;
    const printerId = typeof named === 'string' ? named : usual;
    const from = {
      ...(props.from ? { from: props.from } : {}),
      start: { ...filledBy(start.value), ...saidGiven() },
    };
    const part = await parts.create(wanted.value, printerId, { ...from, id: kept.id.value });
    kept.done();
    open.value = false;
    await router.push(`/parts/${part.id}/brief`);
  });
}
</script>

<template>
  <Modal
    v-model:open="open"
    :title="from ? `A new part, from ${from.name}` : 'A new part'"
    ok-text="Begin"
    cancel-text="Cancel"
    :after-close="() => emit('close')"
    @cancel="kept.discard()"
    @ok="create"
  >
    <RestoredNotice :kept="kept" />
    <div ref="dialog" class="naming">
      <TextField
        v-model="name"
        :placeholder="said ? String(said.given.name) : ''"
        label="What is it called?"
        :maxlength="120"
        :problem="problem"
        @keydown.enter="create"
      />
      <OptionSelect v-if="!from" v-model="startKey" label="What kind of part is it?" :options="kinds" />
      <template v-if="!from">
        <TextField
          v-model="line"
          label="Or say it in a line"
          :maxlength="500"
          placeholder="hook outside in the sun, 3 kg on a 60 mm arm, ten years, white"
          @keydown.enter="create"
        />
        <SaidLine v-if="said" :said="said" />
      </template>
      <div v-if="start" class="traps">
        <b>The usual traps</b>
        <ul>
          <li v-for="t in start.traps" :key="t">{{ t }}</li>
        </ul>
      </div>
    </div>
  </Modal>
</template>

<style scoped>
.naming {
  display: grid;
  gap: 12px;
}
.traps {
  border-left: 3px solid var(--marginal-fill);
  padding-left: 12px;
}
.traps ul {
  margin: 4px 0 0;
  padding-left: 18px;
}
</style>
