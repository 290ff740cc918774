<script setup lang="ts">
import type { ListedPart } from '@hornblende/core/api';
import { startingPoints } from '@hornblende/core/brief';
import { Modal } from '../../ui/kit';
import { computed, nextTick, onMounted, ref } from 'vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';
import RestoredNotice from '../../ui/RestoredNotice.vue';
import { useKeptForm } from '../../ui/useKeptForm';
import { useReturnFocus } from '../../ui/useReturnFocus';
import SaidLine from '../../ui/SaidLine.vue';
import { useNewPart } from './useNewPart';

/** Names a new part, and gives it a start: another part, or a usual kind with its traps. */
const props = defineProps<{ from: ListedPart | null }>();
const emit = defineEmits<{ close: [] }>();
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
const { said, called, begin } = useNewPart(line);
/** A name of one’s own, else what the line calls the part. */
const wanted = computed(() => name.value.trim() || called.value);
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

async function create(): Promise<void> {
  tried.value = true;
  if (!wanted.value) return;
  await attempt(async () => {
    const { from } = props;
    await begin({ name: wanted.value, from, kind: start.value, id: kept.id.value });
    kept.done();
    open.value = false;
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
        :placeholder="called"
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
