<script setup lang="ts">
import type { StoredPrinter } from '@hornblende/core/api';
import { faultLessons } from '@hornblende/core/triage';
import { Button } from '../../ui/kit';
import { onMounted, ref, shallowRef } from 'vue';
import { api } from '../../api/client';
import { useFaults } from '../../stores/faults';
import { usePrinters } from '../../stores/printers';
import LessonList from '../../ui/LessonList.vue';
import PageState from '../../ui/PageState.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useUnits } from '../../ui/useUnits';
import PrinterEditor from './PrinterEditor.vue';
import PrinterReach from './PrinterReach.vue';
import { platesSentence, printerSentence } from './printer-words';

/** The printers, and what each of them can print. */
const printers = usePrinters();
const faults = useFaults();
const { show } = useUnits();
const { ask } = useFeedback();
const state = ref<'loading' | 'ready' | 'failed'>('loading');
const editing = shallowRef<{ printer: StoredPrinter | null } | null>(null);
async function load(): Promise<void> {
  try {
    await printers.load();
    state.value = 'ready';
  } catch {
    state.value = 'failed';
  }
}
onMounted(() => {
  faults.ensure();
  return load();
});

function remove(p: StoredPrinter): void {
  ask({
    title: `Remove ${p.profile.name}?`,
    content: 'Parts that were meant for it fall back to any printer.',
    deed: 'Remove',
    danger: true,
    act: async () => {
      await api.removePrinter(p.id);
      await printers.load();
    },
  });
}
</script>

<template>
  <PageState :state="state" what="the printers" @retry="load">
    <p v-if="!printers.list.length" class="soft">
      No printer yet. Without one, the ranking judges the filament alone.
    </p>
    <div class="printers">
      <section v-for="p in printers.list" :key="p.id" class="printer" data-testid="printer">
        <div class="head">
          <h2>{{ p.profile.name }}</h2>
          <span v-if="p.isDefault" class="soft small">default</span>
          <span class="right">
            <Button type="text" @click="editing = { printer: p }">Change</Button>
            <Button type="text" @click="remove(p)">Remove</Button>
          </span>
        </div>
        <p class="soft">{{ printerSentence(p.profile, show) }}.</p>
        <p v-if="p.profile.record?.plates.length" class="soft small" data-testid="plate-record">
          {{ platesSentence(p.profile) }}
        </p>
        <LessonList :lessons="faultLessons(faults.faults, { place: 'printer', id: p.id })" />
      </section>
    </div>
    <Button type="primary" @click="editing = { printer: null }">Add a printer</Button>
    <PrinterReach v-if="printers.list.length" :printers="printers.list" />
  </PageState>
  <PrinterEditor v-if="editing" :printer="editing.printer" @close="editing = null" />
</template>

<style scoped>
.printers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(420px, 100%), 1fr));
  gap: 0 40px;
}
.printer {
  border-top: 1px solid var(--rule);
  padding: 10px 0;
}
.head {
  display: flex;
  gap: 12px;
  align-items: baseline;
}
.head .right {
  margin-left: auto;
  white-space: nowrap;
}
</style>
