<script setup lang="ts">
import { message, Modal } from 'ant-design-vue';
import { onMounted, ref } from 'vue';
import { api, type StoredPrinter } from '../api/client';
import PrinterEditor from '../components/workshop/PrinterEditor.vue';
import PrinterReach from '../components/workshop/PrinterReach.vue';
import { useUnits } from '../composables/useUnits';
import { usePrinters } from '../stores/printers';

const printers = usePrinters();
const { show } = useUnits();
const state = ref<'loading' | 'ready' | 'failed'>('loading');
const editor = ref<{ open: boolean; printer: StoredPrinter | null }>({ open: false, printer: null });
async function load(): Promise<void> {
  try {
    await printers.load();
    state.value = 'ready';
  } catch {
    state.value = 'failed';
  }
}
onMounted(load);

function remove(p: StoredPrinter): void {
  Modal.confirm({
    title: `Remove ${p.profile.name}?`,
    content: 'Parts that were meant for it fall back to any printer.',
    okText: 'Remove',
    cancelText: 'Keep',
    onOk: async () => {
      try {
        await api.removePrinter(p.id);
        await printers.load();
      } catch (e) {
        void message.error((e as Error).message);
      }
    },
  });
}
</script>

<template>
  <p v-if="state === 'loading'" class="soft" role="status">Fetching the printers…</p>
  <p v-else-if="state === 'failed'" class="out">
    The printers could not be fetched.
    <button type="button" class="quiet-button" @click="load">Try again</button>
  </p>
  <template v-else>
    <p v-if="!printers.list.length" class="soft">
      No printer yet. Without one, the ranking judges the filament alone.
    </p>
    <div class="printers">
      <section v-for="p in printers.list" :key="p.id" class="printer" data-testid="printer">
        <div class="head">
          <h2>{{ p.profile.name }}</h2>
          <span v-if="p.isDefault" class="soft small">default</span
          ><span class="right"
            ><button type="button" class="quiet-button" @click="editor = { open: true, printer: p }">
              Change</button
            ><button type="button" class="quiet-button" @click="remove(p)">Remove</button></span
          >
        </div>
        <p class="soft">
          Nozzle to {{ show(p.profile.nozzleMaxC, 'temperature') }}, {{ p.profile.nozzleMetal }},
          {{
            p.profile.linerLimitC === null
              ? 'all-metal'
              : `lined, safe to ${show(p.profile.linerLimitC, 'temperature')}`
          }}; bed to {{ show(p.profile.bedMaxC, 'temperature') }}; {{ p.profile.chamber }},
          {{ show(p.profile.chamberC, 'temperature') }} around the print;
          {{ p.profile.drive === 'bowden' ? 'remote' : 'direct' }} drive;
          {{
            p.profile.dryerMaxC === null
              ? 'no dryer'
              : `dryer to ${show(p.profile.dryerMaxC, 'temperature')}`
          }}; {{ p.profile.buildMm.map(v => show(v, 'length', 1)).join(' × ') }};
          {{ p.profile.plates.join(', ') || 'no plate'
          }}{{ p.profile.adhesives.length ? ` with ${p.profile.adhesives.join(', ')}` : '' }}; air
          {{
            p.profile.ventilation === 'extracted'
              ? 'extracted'
              : p.profile.ventilation === 'room'
                ? 'of the room'
                : 'not ventilated'
          }}.
        </p>
      </section>
    </div>
    <button type="button" class="solid" @click="editor = { open: true, printer: null }">Add a printer</button>
    <PrinterReach v-if="printers.list.length" :printers="printers.list" />
  </template>
  <PrinterEditor :open="editor.open" :printer="editor.printer" @close="editor = { ...editor, open: false }" />
</template>

<style scoped>
.printers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(420px, 1fr));
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
