<script setup lang="ts">
import { GradeIdentity, windowNames, type Grade } from '@hornblende/core/formats';
import {
  families,
  familyByKey,
  gradeKey,
  parseGrade,
  propertyNames,
  type PropertyName,
  type WindowName,
  windowWords,
} from '@hornblende/core/materials';
import { propertyMeasure } from '@hornblende/core/units';
import { RollbackOutlined } from '@ant-design/icons-vue';
import { Button } from '../../ui/kit';
import { computed, ref, shallowRef } from 'vue';
import { useLibrary } from '../../stores/library';
import DataTable from '../../ui/DataTable.vue';
import FormDialog from '../../ui/FormDialog.vue';
import { limitsOf } from '../../ui/limits-of';
import OwnFactsForm from '../../ui/OwnFactsForm.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import SearchField from '../../ui/SearchField.vue';
import TextField from '../../ui/TextField.vue';
import { useKeptForm } from '../../ui/useKeptForm';
import GradeValueCell from './GradeValueCell.vue';
import GradeWindowCell from './GradeWindowCell.vue';
import { withValue, withWindow } from './grade-changes';
import type { GradeEdit } from './useGradeActions';
import { useProperties } from './useProperties';

/** Adds or changes a grade: what its data sheet says and what was measured, beside the family's own values. */
const props = defineProps<{ start: GradeEdit }>();
const emit = defineEmits<{ close: []; saved: [grade: Grade] }>();
const limits = limitsOf(GradeIdentity);
const library = useLibrary();
const { label, unit, number } = useProperties();
const kept = useKeptForm(`grade-${props.start.grade.key || 'new'}-${props.start.revision ?? 0}`, {
  grade: props.start.grade,
});
const draft = kept.field('grade');
const past = shallowRef<Grade[]>([]);
const search = ref('');
const isNew = props.start.revision === null;
/** The key follows the name until the grade is saved or the key is typed. */
const ownKey = ref(!isNew || props.start.grade.key !== '');

const family = computed(() => familyByKey(draft.value.family) ?? null);
const familyOptions = families.map(f => ({ value: f.key, label: f.name }));
const levels = [
  { key: 'sheet', title: 'Data sheet' },
  { key: 'measured', title: 'Measured here' },
] as const;

/** A line of the table: a property, or a window of printing. */
type Line =
  | { key: string; kind: 'property'; name: PropertyName; title: string; unit: string }
  | { key: string; kind: 'window'; name: WindowName; title: string; unit: string };
const lines = computed<Line[]>(() => {
  const wanted = search.value.trim().toLowerCase();
  const properties = propertyNames.map(name => ({
    key: name,
    kind: 'property' as const,
    name,
    title: label(name),
    unit: propertyMeasure(name) ? '' : unit(name),
  }));
  const windows = windowNames.map(name => ({
    key: name,
    kind: 'window' as const,
    name,
    title: windowWords[name].label,
    unit: windowWords[name].measure ? '' : windowWords[name].unit,
  }));
  return [...properties, ...windows].filter(l => l.title.toLowerCase().includes(wanted));
});
const columns = computed(() => [
  { key: 'property', title: 'Property' },
  { key: 'family', title: `${family.value?.name ?? 'Family'}, typical`, number: true },
  ...levels.map(l => ({ key: l.key, title: l.title, width: '190px' })),
]);
const stated = computed(
  () => new Set([...Object.keys(draft.value.sheet), ...Object.keys(draft.value.measured)]).size,
);
const noName = computed(() => (draft.value.name.trim() ? '' : 'A grade needs a name.'));

function change(part: Partial<Grade>): void {
  past.value = [...past.value, draft.value];
  const next = { ...draft.value, ...part };
  draft.value = ownKey.value ? next : { ...next, key: gradeKey(next.maker, next.name) };
}
function undo(): void {
  const last = past.value.at(-1);
  if (!last) return;
  draft.value = last;
  past.value = past.value.slice(0, -1);
}
function typeKey(key: string): void {
  ownKey.value = true;
  change({ key });
}
function ofFamily(line: Line): string {
  if (line.kind === 'window') {
    const w = family.value?.windows[line.name];
    return w ? `${w.low} to ${w.high} ${windowWords[line.name].unit}` : 'none';
  }
  const range = family.value?.properties[line.name];
  return range ? `${number(line.name, range.typical)} ${unit(line.name)}` : 'none';
}

async function save(): Promise<void> {
  const grade = parseGrade(draft.value);
  await library.save(grade, props.start.revision);
  emit('saved', grade);
}
</script>

<template>
  <FormDialog
    :title="isNew ? 'Add a grade' : `Change ${start.grade.name}`"
    :width="920"
    save-label="Save the grade"
    :save="save"
    :kept="kept"
    @close="emit('close')"
  >
    <div class="editor" data-testid="grade-editor">
      <div class="who">
        <TextField
          label="Name on the spool"
          v-bind="limits.text('name')"
          :model-value="draft.name"
          :problem="noName"
          @update:model-value="name => change({ name })"
        />
        <TextField
          label="Maker"
          v-bind="limits.text('maker')"
          :model-value="draft.maker"
          @update:model-value="maker => change({ maker })"
        />
        <OptionSelect
          label="Family"
          :options="familyOptions"
          :model-value="draft.family"
          @update:model-value="f => change({ family: f })"
        />
        <TextField
          label="Short key"
          v-bind="limits.text('key')"
          :model-value="draft.key"
          :disabled="!isNew"
          @update:model-value="typeKey"
        />
        <div class="wide">
          <OwnFactsForm
            what="grade"
            :model-value="draft.facts"
            @update:model-value="facts => change({ facts })"
          />
        </div>
        <div class="wide">
          <TextField
            label="Note"
            v-bind="limits.text('note')"
            :model-value="draft.note"
            @update:model-value="note => change({ note })"
          />
        </div>
      </div>
      <div class="small soft bar">
        <SearchField v-model="search" label="Find a property" />
        <span
          >What is left empty stays the family’s. Measured beats the data sheet. {{ stated }} stated.</span
        >
        <Button type="text" :disabled="!past.length" @click="undo"
          ><template #icon><RollbackOutlined aria-hidden="true" /></template>Undo</Button
        >
      </div>
      <div class="scroll" tabindex="0" role="region" aria-label="Properties of the grade">
        <DataTable :columns="columns" :rows="lines" :row-key="l => l.key" label="Values of the grade">
          <template #property="{ row }"
            >{{ row.title }} <span class="soft small">{{ row.unit }}</span></template
          >
          <template #family="{ row }"
            ><span class="soft">{{ ofFamily(row) }}</span></template
          >
          <template v-for="l in levels" :key="l.key" #[l.key]="{ row }">
            <GradeValueCell
              v-if="row.kind === 'property'"
              :name="row.name"
              :value="draft[l.key][row.name] ?? null"
              :label="`${row.title}, ${l.title.toLowerCase()}`"
              @change="v => change(withValue(draft, l.key, row.name as PropertyName, v))"
            />
            <GradeWindowCell
              v-else-if="l.key === 'sheet'"
              :name="row.name"
              :value="draft.windows[row.name] ?? null"
              @change="
                (end, v) => change(withWindow(draft, family?.windows ?? null, row.name as WindowName, end, v))
              "
            />
          </template>
        </DataTable>
      </div>
    </div>
  </FormDialog>
</template>

<style scoped>
.who {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr 1.4fr;
  gap: 10px 16px;
}
.who .wide {
  grid-column: 1 / -1;
}
.bar {
  display: flex;
  gap: 4px 12px;
  align-items: center;
  flex-wrap: wrap;
  margin: 12px 0 6px;
}
.scroll {
  max-height: 46vh;
  overflow: auto;
  border-top: 1px solid var(--rule-strong);
}
@media (max-width: 640px) {
  .who {
    grid-template-columns: 1fr;
  }
}
</style>
