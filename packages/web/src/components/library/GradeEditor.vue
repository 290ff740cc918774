<script setup lang="ts">
import {
  families,
  familyByKey,
  gradeKey,
  InputError,
  parseGrade,
  propertyDefinition,
  propertyNames,
  windowLimits,
  windowNames,
  type Grade,
  type GradeValue,
  type PropertyName,
  type WindowName,
} from '@hornblende/core';
import { propertyMeasure, propertyShown, propertyStored } from '@hornblende/core/units';
import { Modal } from 'ant-design-vue';
import { computed, ref, shallowRef, watch } from 'vue';
import { ApiError } from '../../api/client';
import { useProperties } from '../../composables/useProperties';
import { useLibrary } from '../../stores/library';
import { useSettings } from '../../stores/settings';
import NumberInput from '../NumberInput.vue';
import QuantityInput from '../QuantityInput.vue';
import { windowWords } from './window-words';

/** Adds or changes a grade: what its data sheet says and what was measured, beside the family's own values. */
const props = defineProps<{ start: { grade: Grade; revision: number | null } | null }>();
const emit = defineEmits<{ close: []; saved: [grade: Grade] }>();
const library = useLibrary();
const settings = useSettings();
const { label, unit, number } = useProperties();
const draft = shallowRef<Grade | null>(null);
const past = shallowRef<Grade[]>([]);
const problems = ref<{ field: string; message: string }[]>([]);
const search = ref('');
const busy = ref(false);
/** The key follows the name until the grade is saved or the key is typed. */
const ownKey = ref(false);
watch(
  () => props.start,
  s => {
    draft.value = s ? s.grade : null;
    past.value = [];
    problems.value = [];
    search.value = '';
    ownKey.value = Boolean(s && (s.revision !== null || s.grade.key));
  },
  { immediate: true },
);

const family = computed(() => (draft.value ? (familyByKey(draft.value.family) ?? null) : null));
const listed = computed(() =>
  propertyNames.filter(n => `${label(n)} ${n}`.toLowerCase().includes(search.value.trim().toLowerCase())),
);
const stated = computed(() =>
  draft.value ? new Set([...Object.keys(draft.value.sheet), ...Object.keys(draft.value.measured)]).size : 0,
);

function change(part: Partial<Grade>): void {
  const now = draft.value;
  if (!now) return;
  past.value = [...past.value, now];
  const next = { ...now, ...part };
  draft.value = ownKey.value ? next : { ...next, key: gradeKey(next.maker, next.name) };
}
function undo(): void {
  const last = past.value.at(-1);
  if (last) {
    draft.value = last;
    past.value = past.value.slice(0, -1);
  }
}
function setValue(level: 'sheet' | 'measured', name: PropertyName, typical: number | null): void {
  const values = { ...draft.value?.[level] };
  if (typical === null) delete values[name];
  else {
    const before: GradeValue | undefined = values[name];
    // Ends that no longer hold the value are dropped; the family's spread stands in for them.
    values[name] =
      before && before.low !== null && before.high !== null && before.low <= typical && typical <= before.high
        ? { ...before, typical }
        : { low: null, typical, high: null };
  }
  change({ [level]: values });
}
function setWindow(name: WindowName, end: 'low' | 'high', value: number | null): void {
  const windows = { ...draft.value?.windows };
  if (value === null) delete windows[name];
  else {
    const w = windows[name] ?? family.value?.windows[name] ?? { low: value, high: value };
    windows[name] = { ...w, [end]: value };
  }
  change({ windows });
}
async function save(): Promise<void> {
  if (!draft.value || !props.start) return;
  busy.value = true;
  problems.value = [];
  try {
    const grade = parseGrade(draft.value);
    await library.save(grade, props.start.revision);
    emit('saved', grade);
  } catch (e) {
    problems.value =
      e instanceof InputError || e instanceof ApiError
        ? e.problems
        : [{ field: 'The grade', message: (e as Error).message }];
  } finally {
    busy.value = false;
  }
}
const levels = [
  { key: 'sheet', title: 'Data sheet' },
  { key: 'measured', title: 'Measured here' },
] as const;
</script>

<template>
  <Modal
    :open="start !== null"
    :title="start?.revision === null ? 'Add a grade' : `Change ${start?.grade.name ?? ''}`"
    :width="920"
    :mask-closable="false"
    @cancel="emit('close')"
  >
    <div v-if="draft" class="editor" data-testid="grade-editor">
      <div class="who">
        <label class="field-label"
          >Name on the spool<input
            :value="draft.name"
            maxlength="120"
            @input="change({ name: ($event.target as HTMLInputElement).value })"
        /></label>
        <label class="field-label"
          >Maker<input
            :value="draft.maker"
            maxlength="120"
            @input="change({ maker: ($event.target as HTMLInputElement).value })"
        /></label>
        <label class="field-label"
          >Family<select
            :value="draft.family"
            @change="change({ family: ($event.target as HTMLSelectElement).value })"
          >
            <option v-for="f in families" :key="f.key" :value="f.key">{{ f.name }}</option>
          </select></label
        >
        <label class="field-label"
          >Short key<input
            :value="draft.key"
            :disabled="start?.revision !== null"
            maxlength="80"
            @input="
              ownKey = true;
              change({ key: ($event.target as HTMLInputElement).value });
            "
        /></label>
        <label class="field-label wide"
          >Note<input
            :value="draft.note"
            maxlength="2000"
            @input="change({ note: ($event.target as HTMLInputElement).value })"
        /></label>
      </div>
      <p class="small soft bar">
        <input
          v-model="search"
          type="search"
          class="search"
          placeholder="Find a property"
          aria-label="Find a property"
        />
        What is left empty stays the family’s. Measured beats the data sheet. {{ stated }} stated.
        <button type="button" class="quiet-button" :disabled="!past.length" @click="undo">Undo</button>
      </p>
      <div class="scroll" tabindex="0" role="region" aria-label="Properties of the grade">
        <table class="plain">
          <thead>
            <tr>
              <th>Property</th>
              <th class="n">{{ family?.name }}, typical</th>
              <th v-for="l in levels" :key="l.key">{{ l.title }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="name in listed" :key="name">
              <td>
                {{ label(name) }}
                <span class="soft small">{{ propertyMeasure(name) ? '' : unit(name) }}</span>
              </td>
              <td class="n soft">
                {{
                  family?.properties[name]
                    ? `${number(name, family.properties[name]!.typical)} ${unit(name)}`
                    : 'none'
                }}
              </td>
              <td v-for="l in levels" :key="l.key" class="field">
                <QuantityInput
                  v-if="propertyMeasure(name)"
                  inline
                  nullable
                  placeholder="–"
                  :label="`${label(name)}, ${l.title.toLowerCase()}`"
                  :dimension="propertyMeasure(name)!"
                  :model-value="draft[l.key][name]?.typical ?? null"
                  :min="propertyDefinition(name).min"
                  :max="propertyDefinition(name).max"
                  @update:model-value="v => setValue(l.key, name, v)"
                />
                <NumberInput
                  v-else
                  inline
                  nullable
                  placeholder="–"
                  :label="`${label(name)}, ${l.title.toLowerCase()}`"
                  :model-value="
                    draft[l.key][name]
                      ? Number(
                          propertyShown(name, draft[l.key][name]!.typical, settings.units).toPrecision(6),
                        )
                      : null
                  "
                  :min="propertyShown(name, propertyDefinition(name).min, settings.units)"
                  :max="propertyShown(name, propertyDefinition(name).max, settings.units)"
                  @update:model-value="
                    v => setValue(l.key, name, v === null ? null : propertyStored(name, v, settings.units))
                  "
                />
                <span v-if="draft[l.key][name]?.low != null" class="soft small"
                  >{{ number(name, draft[l.key][name]!.low!) }} to
                  {{ number(name, draft[l.key][name]!.high ?? draft[l.key][name]!.typical) }}</span
                >
              </td>
            </tr>
            <tr v-for="name in windowNames" v-show="!search" :key="name">
              <td>
                {{ windowWords[name].label }}
                <span class="soft small">{{ windowWords[name].measure ? '' : windowWords[name].unit }}</span>
              </td>
              <td class="n soft">
                {{ family?.windows[name].low }} to {{ family?.windows[name].high }}
                {{ windowWords[name].unit }}
              </td>
              <td colspan="2" class="field">
                <template v-for="end in ['low', 'high'] as const" :key="end">
                  <QuantityInput
                    v-if="windowWords[name].measure"
                    inline
                    nullable
                    placeholder="–"
                    :label="`${windowWords[name].label}, ${end}`"
                    dimension="temperature"
                    :model-value="draft.windows[name]?.[end] ?? null"
                    :min="windowLimits[name][0]"
                    :max="windowLimits[name][1]"
                    @update:model-value="v => setWindow(name, end, v)"
                  />
                  <NumberInput
                    v-else
                    inline
                    nullable
                    placeholder="–"
                    :label="`${windowWords[name].label}, ${end}`"
                    :model-value="draft.windows[name]?.[end] ?? null"
                    :min="windowLimits[name][0]"
                    :max="windowLimits[name][1]"
                    @update:model-value="v => setWindow(name, end, v)"
                  />
                  <span v-if="end === 'low'" class="soft"> to </span>
                </template>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-for="p in problems" :key="p.field + p.message" class="out small">{{ p.field }} {{ p.message }}</p>
    </div>
    <template #footer
      ><button type="button" class="quiet-button" @click="emit('close')">Cancel</button
      ><button type="button" class="solid" :disabled="busy" data-testid="grade-save" @click="save">
        {{ busy ? 'Saving…' : 'Save the grade' }}
      </button></template
    >
  </Modal>
</template>

<style scoped>
.who .wide {
  grid-column: 1 / -1;
}
.who {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr 1.4fr;
  gap: 10px 16px;
}
.bar {
  display: flex;
  gap: 12px;
  align-items: center;
  margin: 12px 0 6px;
}
.scroll {
  max-height: 46vh;
  overflow: auto;
  border-top: 1px solid var(--rule-strong);
}
thead th {
  position: sticky;
  top: 0;
  background: var(--panel);
  z-index: 2;
  padding-top: 8px !important;
}
td {
  padding-top: 5px !important;
  padding-bottom: 5px !important;
  vertical-align: middle !important;
}
.n {
  text-align: right;
  white-space: nowrap;
  padding-right: 24px !important;
}
.field {
  min-width: 150px;
}
</style>
