<script setup lang="ts">
import type { StoredSpool } from '@hornblende/core/api';
import { parseSpool, Spool } from '@hornblende/core/formats';
import { families } from '@hornblende/core/materials';
import { computed } from 'vue';
import { useLibrary } from '../../stores/library';
import { useShelf } from '../../stores/shelf';
import { useWorkshop } from '../../stores/workshop';
import DateField from '../../ui/DateField.vue';
import FormDialog from '../../ui/FormDialog.vue';
import NumberInput from '../../ui/NumberInput.vue';
import { limitsOf } from '../../ui/limits-of';
import OwnFactsForm from '../../ui/OwnFactsForm.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import QuantityInput from '../../ui/QuantityInput.vue';
import TextField from '../../ui/TextField.vue';
import { useKeptForm } from '../../ui/useKeptForm';

/** Adds or changes a spool: what it is, how much is on it, what it cost. */
const props = defineProps<{ spool: StoredSpool | null }>();
const emit = defineEmits<{ close: []; saved: [id: string] }>();
const limits = limitsOf(Spool);
const library = useLibrary();
const shelf = useShelf();
const workshop = useWorkshop();
const blank = { format: 'hornblende-spool', version: 1, material: 'pla' };
const kept = useKeptForm(props.spool ? `spool-${props.spool.id}-${props.spool.revision}` : 'spool', {
  spool: props.spool ? { ...props.spool.spool } : parseSpool(blank),
  openedOn: '',
});
const draft = kept.field('spool');
const openedOn = kept.field('openedOn');
const filaments = computed(() =>
  [...library.active, ...families].map(f => ({ value: f.key, label: nameWithMaker(f.name, f.grade?.maker) })),
);

function nameWithMaker(name: string, maker: string | undefined): string {
  return maker ? `${name}, ${maker}` : name;
}
function set<K extends keyof Spool>(key: K, value: Spool[K] | null): void {
  if (value !== null) draft.value = { ...draft.value, [key]: value };
}
const opening = computed(() =>
  openedOn.value
    ? [{ kind: 'opened' as const, at: openedOn.value, dryingC: null, hours: null, grams: null, note: '' }]
    : [],
);
async function save(): Promise<void> {
  const events = [...draft.value.events, ...opening.value];
  const plain = JSON.parse(JSON.stringify({ ...draft.value, events })) as unknown;
  const saved = await shelf.save(parseSpool(plain), props.spool, kept.id.value);
  emit('saved', saved.id);
}
</script>

<template>
  <FormDialog
    :title="spool ? 'Change the spool' : 'Add a spool'"
    :save="save"
    :kept="kept"
    @close="emit('close')"
  >
    <div class="form-grid" data-testid="spool-editor">
      <OptionSelect
        class="wide"
        label="Filament: a grade or a family"
        :model-value="draft.material"
        :options="filaments"
        @update:model-value="v => set('material', v)"
      />
      <TextField
        label="Colour"
        v-bind="limits.text('colour')"
        :model-value="draft.colour"
        @update:model-value="v => set('colour', v)"
      />
      <TextField
        label="Maker, when it is no grade"
        v-bind="limits.text('maker')"
        :model-value="draft.maker"
        @update:model-value="v => set('maker', v)"
      />
      <TextField
        label="Code or barcode"
        v-bind="limits.text('code')"
        :model-value="draft.code"
        @update:model-value="v => set('code', v)"
      />
      <QuantityInput
        label="Filament when new"
        dimension="mass"
        :model-value="draft.netG"
        v-bind="limits.number('netG')"
        @update:model-value="v => set('netG', v)"
      />
      <QuantityInput
        label="Empty reel"
        dimension="mass"
        :model-value="draft.reelG"
        v-bind="limits.number('reelG')"
        @update:model-value="v => set('reelG', v)"
      />
      <QuantityInput
        label="Low under"
        dimension="mass"
        :model-value="draft.lowG"
        v-bind="limits.number('lowG')"
        @update:model-value="v => set('lowG', v)"
      />
      <NumberInput
        :label="`Price, ${workshop.currency}`"
        nullable
        placeholder="not known"
        v-bind="limits.number('price')"
        :model-value="draft.price"
        @update:model-value="v => (draft = { ...draft, price: v })"
      />
      <DateField
        label="Bought"
        placeholder="not known"
        :model-value="draft.boughtAt ?? ''"
        @update:model-value="v => (draft = { ...draft, boughtAt: v || null })"
      />
      <DateField v-if="!spool" v-model="openedOn" label="Opened" placeholder="still sealed" />
      <OwnFactsForm
        what="spool"
        :model-value="draft.facts"
        @update:model-value="facts => (draft = { ...draft, facts })"
      />
    </div>
  </FormDialog>
</template>
