<script setup lang="ts">
import { adhesives, chambers, drives, families, InputError, newBrief, nozzleMetals, parsePrinter, plates, rank, ventilations, type Printer } from '@hornblende/core';
import { Checkbox, message, Modal } from 'ant-design-vue';
import { computed, onMounted, ref } from 'vue';
import { api, ApiError, type StoredPrinter } from '../api/client';
import { gateLabel } from '../components/gate-label';
import NumberInput from '../components/NumberInput.vue';
import QuantityInput from '../components/QuantityInput.vue';
import { useUnits } from '../composables/useUnits';
import { usePrinters } from '../stores/printers';

const printers = usePrinters();
const { show } = useUnits();
const state = ref<'loading' | 'ready' | 'failed'>('loading');
const editing = ref<{ id: string | null; profile: Printer; isDefault: boolean; revision: number } | null>(null);
const problems = ref<string[]>([]);
onMounted(async () => { try { await printers.load(); state.value = 'ready'; } catch { state.value = 'failed'; } });

const probe = newBrief('probe');
/** Which families a printer can print a small ordinary part in, and which gates stop the rest. */
function reach(p: Printer): { name: string; key: string; verdict: 'pass' | 'marginal' | 'fail'; why: string }[] {
  const r = rank(probe, { printer: p });
  return families.map(f => {
    const gates = r.candidates.find(c => c.material === f.key)?.gates.filter(g => g.id.startsWith('printability')) ?? [];
    const stops = gates.filter(g => g.verdict === 'fail');
    const eases = gates.filter(g => g.verdict === 'marginal');
    return { name: f.name, key: f.key, verdict: stops.length ? 'fail' : eases.length ? 'marginal' : 'pass', why: [...stops, ...eases].map(g => gateLabel(g.id)).join(', ') };
  });
}
const rows = computed(() => printers.list.map(p => ({ p, reach: reach(p.profile) })));

function edit(p: StoredPrinter | null): void {
  problems.value = [];
  editing.value = p ? { id: p.id, profile: { ...p.profile }, isDefault: p.isDefault, revision: p.revision }
    : { id: null, profile: parsePrinter({ format: 'hornblende-printer', version: 1, name: 'A new printer' }), isDefault: false, revision: 0 };
}
function set<K extends keyof Printer>(key: K, value: Printer[K]): void { if (editing.value) editing.value = { ...editing.value, profile: { ...editing.value.profile, [key]: value } }; }
function setChamber(chamber: Printer['chamber']): void {
  if (!editing.value) return;
  const usual = { open: 28, enclosed: 45, heated: 65 } as const;
  editing.value = { ...editing.value, profile: { ...editing.value.profile, chamber, chamberC: usual[chamber] } };
}
function toggle<T extends string>(list: readonly T[], item: T, on: boolean): T[] { return on ? [...list, item] : list.filter(x => x !== item); }
async function save(): Promise<void> {
  const e = editing.value;
  if (!e) return;
  try {
    const profile = parsePrinter(e.profile);
    if (e.id) await api.savePrinter({ id: e.id, profile, isDefault: e.isDefault, revision: e.revision, updatedAt: '' }); else await api.createPrinter(profile, e.isDefault);
    await printers.load();
    editing.value = null;
  } catch (err) { problems.value = err instanceof InputError || err instanceof ApiError ? err.problems.map(p => `${p.field} ${p.message}`) : [(err as Error).message]; }
}
function remove(p: StoredPrinter): void {
  Modal.confirm({
    title: `Remove ${p.profile.name}?`, content: 'Parts that were meant for it fall back to any printer.', okText: 'Remove', cancelText: 'Keep',
    onOk: async () => { try { await api.removePrinter(p.id); await printers.load(); } catch (e) { void message.error((e as Error).message); } },
  });
}
</script>

<template>
  <div class="page">
    <div class="page-head"><h1>Workshop</h1><span class="soft">printers, and what each can really do</span><div class="right"><button type="button" class="solid" @click="edit(null)">Add a printer</button></div></div>
    <p v-if="state === 'loading'" class="soft" role="status">Fetching the printers…</p>
    <p v-else-if="state === 'failed'" class="out">The printers could not be fetched.</p>
    <p v-else-if="!rows.length" class="soft">No printer yet. Without one, the ranking judges the filament alone.</p>
    <section v-for="{ p, reach: list } in rows" :key="p.id" class="printer" data-testid="printer">
      <div class="head"><h2>{{ p.profile.name }}</h2><span v-if="p.isDefault" class="soft small">default</span><span class="right"><button type="button" class="quiet-button" @click="edit(p)">Change</button><button type="button" class="quiet-button" @click="remove(p)">Remove</button></span></div>
      <p class="soft">Nozzle to {{ show(p.profile.nozzleMaxC, 'temperature') }}, {{ p.profile.nozzleMetal }}, {{ p.profile.linerLimitC === null ? 'all-metal' : `lined, safe to ${show(p.profile.linerLimitC, 'temperature')}` }}; bed to {{ show(p.profile.bedMaxC, 'temperature') }}; {{ p.profile.chamber }}, {{ show(p.profile.chamberC, 'temperature') }} around the print; {{ p.profile.drive === 'bowden' ? 'remote' : 'direct' }} drive; {{ p.profile.dryerMaxC === null ? 'no dryer' : `dryer to ${show(p.profile.dryerMaxC, 'temperature')}` }}; {{ p.profile.buildMm.map(v => show(v, 'length', 1)).join(' × ') }}; air {{ p.profile.ventilation === 'extracted' ? 'extracted' : p.profile.ventilation === 'room' ? 'of the room' : 'not ventilated' }}.</p>
      <ul class="reach"><li v-for="f in list" :key="f.key" :class="f.verdict"><span class="mark">{{ f.verdict === 'pass' ? '●' : f.verdict === 'marginal' ? '◐' : '○' }}</span> {{ f.name }}<span v-if="f.why" class="soft small why">{{ f.why }}</span></li></ul>
    </section>
    <Modal :open="editing !== null" :title="editing?.id ? 'Change the printer' : 'Add a printer'" :width="720" ok-text="Save" cancel-text="Cancel" @ok="save" @cancel="editing = null">
      <div v-if="editing" class="form">
        <label class="wide">Name<input :value="editing.profile.name" maxlength="120" @input="set('name', ($event.target as HTMLInputElement).value)"></label>
        <QuantityInput label="Hottest nozzle" dimension="temperature" :model-value="editing.profile.nozzleMaxC" :min="0" :max="600" @update:model-value="v => v !== null && set('nozzleMaxC', v)" />
        <label>Nozzle metal<select :value="editing.profile.nozzleMetal" @change="set('nozzleMetal', ($event.target as HTMLSelectElement).value as Printer['nozzleMetal'])"><option v-for="o in nozzleMetals" :key="o">{{ o }}</option></select></label>
        <QuantityInput label="Liner safe to (empty: all-metal)" dimension="temperature" nullable placeholder="all-metal" :model-value="editing.profile.linerLimitC" :min="150" :max="400" @update:model-value="v => set('linerLimitC', v)" />
        <QuantityInput label="Hottest bed" dimension="temperature" :model-value="editing.profile.bedMaxC" :min="0" :max="300" @update:model-value="v => v !== null && set('bedMaxC', v)" />
        <label>Around the print<select :value="editing.profile.chamber" @change="setChamber(($event.target as HTMLSelectElement).value as Printer['chamber'])"><option v-for="o in chambers" :key="o">{{ o }}</option></select></label>
        <QuantityInput label="Air after half an hour" dimension="temperature" :model-value="editing.profile.chamberC" :min="-10" :max="250" @update:model-value="v => v !== null && set('chamberC', v)" />
        <label>Drive<select :value="editing.profile.drive" @change="set('drive', ($event.target as HTMLSelectElement).value as Printer['drive'])"><option v-for="o in drives" :key="o" :value="o">{{ o === 'bowden' ? 'remote, through a tube' : 'direct' }}</option></select></label>
        <QuantityInput label="Dryer reaches (empty: none)" dimension="temperature" nullable placeholder="none" :model-value="editing.profile.dryerMaxC" :min="20" :max="250" @update:model-value="v => set('dryerMaxC', v)" />
        <label>Air<select :value="editing.profile.ventilation" @change="set('ventilation', ($event.target as HTMLSelectElement).value as Printer['ventilation'])"><option v-for="o in ventilations" :key="o">{{ o }}</option></select></label>
        <NumberInput label="Melt flow limit, mm³/s" :min="0.1" :max="200" :model-value="editing.profile.maxFlowMm3s" @update:model-value="v => v !== null && set('maxFlowMm3s', v)" />
        <QuantityInput v-for="(axis, i) in ['X', 'Y', 'Z']" :key="axis" :label="`Build ${axis}`" dimension="length" :model-value="editing.profile.buildMm[i] ?? null" :min="1" :max="5000" @update:model-value="v => v !== null && set('buildMm', editing!.profile.buildMm.map((x, j) => j === i ? v : x) as [number, number, number])" />
        <fieldset class="wide"><legend class="soft small">Plates</legend><Checkbox v-for="o in plates" :key="o" :checked="editing.profile.plates.includes(o)" @update:checked="on => set('plates', toggle(editing!.profile.plates, o, on))">{{ o }}</Checkbox></fieldset>
        <fieldset class="wide"><legend class="soft small">Adhesives</legend><Checkbox v-for="o in adhesives" :key="o" :checked="editing.profile.adhesives.includes(o)" @update:checked="on => set('adhesives', toggle(editing!.profile.adhesives, o, on))">{{ o }}</Checkbox></fieldset>
        <Checkbox class="wide" :checked="editing.isDefault" @update:checked="on => { if (editing) editing = { ...editing, isDefault: on }; }">New parts are meant for it</Checkbox>
        <p v-for="p in problems" :key="p" class="out small wide">{{ p }}</p>
      </div>
    </Modal>
  </div>
</template>

<style scoped>
.printer { border-top: 1px solid var(--rule); padding: 14px 0; }
.head { display: flex; gap: 12px; align-items: baseline; }
.head .right { margin-left: auto; }
.reach { list-style: none; padding: 0; margin: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(250px, 1fr)); gap: 3px 18px; }
.pass .mark { color: var(--fits); } .marginal .mark { color: var(--marginal); } .fail .mark { color: var(--out); }
.reach li { color: var(--ink); }
.why { margin-left: 8px; }
.solid { background: var(--deep); color: var(--deep-ink); border: 0; border-radius: 4px; padding: 7px 14px; cursor: pointer; }
.form { display: grid; grid-template-columns: repeat(3, 1fr); gap: 12px 18px; align-items: end; }
.wide { grid-column: 1 / -1; }
label { display: grid; gap: 2px; font-size: 13px; color: var(--soft); }
label input, label select { font: inherit; font-size: 15px; color: var(--ink); background: var(--panel); border: 1px solid var(--rule-strong); border-radius: 4px; padding: 5px 9px; }
fieldset { border: 0; margin: 0; padding: 0; }
</style>
