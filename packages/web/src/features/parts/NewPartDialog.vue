<script setup lang="ts">
import { startingPoints, type ListedPart, type StartingPoint } from '@hornblende/core';
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
});
const name = kept.field('name');
const startKey = kept.field('startKey');
const tried = ref(false);
const start = computed(() => startingPoints.find(s => s.key === startKey.value) ?? null);
const kinds = [
  { value: '', label: 'another kind: begin with five questions' },
  ...startingPoints.map(s => ({ value: s.key, label: s.name })),
];
const problem = computed(() => (tried.value && !name.value.trim() ? 'A part needs a name.' : ''));
const dialog = ref<HTMLElement | null>(null);
onMounted(async () => {
  await nextTick();
  dialog.value?.querySelector('input')?.focus();
});

/** What a kind of part fills in: it is marked as filled in, for nobody has said it yet. */
function filledBy(kind: StartingPoint | null): object {
  return kind ? { ...kind.brief, filledIn: Object.keys(kind.brief) } : {};
}
async function create(): Promise<void> {
  const wanted = name.value.trim();
  tried.value = true;
  if (!wanted) return;
  await attempt(async () => {
    // Asked for by whoever is quicker than the first page: a part must not go without its printer.
    if (!printers.loaded) await printers.load();
    const printerId = printers.list.find(p => p.isDefault)?.id ?? null;
    const from = { ...(props.from ? { from: props.from } : {}), start: filledBy(start.value) };
    const part = await parts.create(wanted, printerId, { ...from, id: kept.id.value });
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
        label="What is it called?"
        :maxlength="120"
        :problem="problem"
        @keydown.enter="create"
      />
      <OptionSelect v-if="!from" v-model="startKey" label="What kind of part is it?" :options="kinds" />
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
