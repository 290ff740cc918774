<script setup lang="ts">
import { families, InputError, parseSpool, type Spool } from '@hornblende/core';
import { AutoComplete, Modal } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { ApiError, type StoredSpool } from '../../api/client';
import { useLibrary } from '../../stores/library';
import { useShelf } from '../../stores/shelf';
import { useWorkshop } from '../../stores/workshop';
import NumberInput from '../NumberInput.vue';
import QuantityInput from '../QuantityInput.vue';

/** Adds or changes a spool: what it is, how much is on it, what it cost. */
const props = defineProps<{ open: boolean; spool: StoredSpool | null }>();
const emit = defineEmits<{ close: []; saved: [id: string] }>();
const library = useLibrary();
const shelf = useShelf();
const workshop = useWorkshop();
const problems = ref<string[]>([]);
const blank = { format: 'hornblende-spool', version: 1, material: 'pla' };
const draft = ref<Spool>(parseSpool(blank));
const typed = ref('');
const openedOn = ref('');
watch(
  () => props.open,
  open => {
    if (!open) return;
    problems.value = [];
    draft.value = props.spool ? { ...props.spool.spool } : parseSpool(blank);
    typed.value = props.spool ? library.nameOf(props.spool.spool.material) : '';
    openedOn.value = '';
  },
  { immediate: true },
);

const everything = computed(() => [...library.active, ...families]);
const matches = computed(() => {
  const words = typed.value.toLowerCase().split(/\s+/).filter(Boolean);
  return everything.value
    .filter(f => {
      const text = `${f.name} ${f.key} ${f.grade?.maker ?? ''}`.toLowerCase();
      return words.every(w => text.includes(w));
    })
    .slice(0, 30)
    .map(f => ({ value: f.name, key: f.key }));
});
function set<K extends keyof Spool>(key: K, value: Spool[K]): void {
  draft.value = { ...draft.value, [key]: value };
}
function choose(name: string): void {
  typed.value = name;
  const f = everything.value.find(x => x.name === name);
  if (f) set('material', f.key);
}
async function save(): Promise<void> {
  try {
    const exact = everything.value.find(
      f => f.name.toLowerCase() === typed.value.trim().toLowerCase() || f.key === typed.value.trim(),
    );
    if (!exact)
      throw new InputError([
        {
          field: 'Filament',
          value: typed.value,
          message: `“${typed.value}” is neither a family nor a grade of the library; pick one from the list`,
        },
      ]);
    const events = openedOn.value
      ? [
          ...draft.value.events,
          { kind: 'opened' as const, at: openedOn.value, dryingC: null, hours: null, grams: null, note: '' },
        ]
      : draft.value.events;
    const saved = await shelf.save(
      parseSpool(JSON.parse(JSON.stringify({ ...draft.value, material: exact.key, events }))),
      props.spool,
    );
    emit('saved', saved.id);
  } catch (e) {
    problems.value =
      e instanceof InputError || e instanceof ApiError
        ? e.problems.map(p => `${p.field} ${p.message}`)
        : [(e as Error).message];
  }
}
</script>

<template>
  <Modal
    :open="open"
    :title="spool ? 'Change the spool' : 'Add a spool'"
    :width="620"
    ok-text="Save"
    cancel-text="Cancel"
    @ok="save"
    @cancel="emit('close')"
  >
    <div class="form-grid" data-testid="spool-editor">
      <label class="field-label wide"
        >Filament<AutoComplete
          v-model:value="typed"
          :options="matches"
          placeholder="A grade or a family"
          aria-label="Filament"
          :default-active-first-option="true"
          @select="(v: unknown) => choose(String(v))"
      /></label>
      <label class="field-label"
        >Colour<input
          :value="draft.colour"
          maxlength="60"
          @input="set('colour', ($event.target as HTMLInputElement).value)"
      /></label>
      <label class="field-label"
        >Maker, when it is no grade<input
          :value="draft.maker"
          maxlength="120"
          @input="set('maker', ($event.target as HTMLInputElement).value)"
      /></label>
      <label class="field-label"
        >Code or barcode<input
          :value="draft.code"
          maxlength="40"
          @input="set('code', ($event.target as HTMLInputElement).value)"
      /></label>
      <QuantityInput
        label="Filament when new"
        dimension="mass"
        :model-value="draft.netG"
        :min="1"
        :max="20000"
        @update:model-value="v => v !== null && set('netG', v)"
      />
      <QuantityInput
        label="Empty reel"
        dimension="mass"
        :model-value="draft.reelG"
        :min="0"
        :max="5000"
        @update:model-value="v => v !== null && set('reelG', v)"
      />
      <QuantityInput
        label="Low under"
        dimension="mass"
        :model-value="draft.lowG"
        :min="0"
        :max="20000"
        @update:model-value="v => v !== null && set('lowG', v)"
      />
      <NumberInput
        :label="`Price, ${workshop.currency}`"
        nullable
        placeholder="not known"
        :min="0"
        :max="100000"
        :model-value="draft.price"
        @update:model-value="v => set('price', v)"
      />
      <label class="field-label"
        >Bought<input
          type="date"
          :value="draft.boughtAt ?? ''"
          @input="set('boughtAt', ($event.target as HTMLInputElement).value || null)"
      /></label>
      <label v-if="!spool" class="field-label"
        >Opened (empty: still sealed)<input v-model="openedOn" type="date"
      /></label>
      <p v-for="p in problems" :key="p" class="out small wide">{{ p }}</p>
    </div>
  </Modal>
</template>
