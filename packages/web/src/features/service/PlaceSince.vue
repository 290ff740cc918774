<script setup lang="ts">
import type { PartVersion } from '@hornblende/core/api';
import { consequenceWords } from '@hornblende/core/service';
import { computed, shallowRef, watch } from 'vue';
import { api } from '../../api/client';
import { useWorkshop } from '../../stores/workshop';
import DateField from '../../ui/DateField.vue';
import { Checkbox } from '../../ui/kit';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import PlaceFieldset from './PlaceFieldset.vue';
import type { PlacingDraft } from './usePlacing';
import { optionsOf } from './words';
import { dayText } from '../../ui/day-text';

/** Since when a part is out, what hangs on it, and which version of its design it is. */
const props = defineProps<{
  draft: PlacingDraft;
  /** What is wrong with a field; empty where nothing is. */
  said: (field: string) => string;
}>();
const emit = defineEmits<{ change: [change: Partial<PlacingDraft>] }>();
const workshop = useWorkshop();
/** Versions of the part’s design that are kept, the newest first. */
const keptVersions = shallowRef<PartVersion[]>([]);
watch(
  () => props.draft.partId,
  async id => {
    keptVersions.value = id ? await api.versions(id).catch(() => []) : [];
  },
  { immediate: true },
);
const versions = computed(() => [
  { value: 0, label: 'not known' },
  ...keptVersions.value.map(v => ({
    value: v.revision,
    label: `version ${v.revision}, ${dayText(v.savedAt)}`,
  })),
]);
</script>

<template>
  <PlaceFieldset title="Since when, and what for">
    <DateField
      :model-value="draft.since"
      label="Out since"
      @update:model-value="v => emit('change', { since: v })"
    />
    <Checkbox :checked="draft.sinceRough" @update:checked="(v: boolean) => emit('change', { sinceRough: v })"
      >from memory</Checkbox
    >
    <span v-if="said('since')" class="out small" role="alert">{{ said('since') }}</span>
    <OptionSelect
      :model-value="draft.ifItFails"
      label="If it fails"
      :options="optionsOf(consequenceWords)"
      @update:model-value="v => emit('change', { ifItFails: v })"
    />
    <NumberInput
      :model-value="draft.lifeYears"
      label="Is to stand, years"
      :min="0.1"
      :max="100"
      @update:model-value="v => v !== null && emit('change', { lifeYears: v })"
    />
    <NumberInput
      :model-value="draft.replacementPrice"
      :label="`A bought one costs, ${workshop.currency}`"
      :min="0"
      :max="1e6"
      nullable
      placeholder="not known"
      @update:model-value="v => emit('change', { replacementPrice: v })"
    />
    <NumberInput
      :model-value="draft.freshBreakN"
      label="A fresh one broke at, N"
      :min="0"
      :max="1e5"
      nullable
      placeholder="not tried"
      @update:model-value="v => emit('change', { freshBreakN: v })"
    />
    <OptionSelect
      v-if="versions.length > 1"
      :model-value="draft.partRevision ?? 0"
      label="Version of its design"
      :options="versions"
      @update:model-value="v => emit('change', { partRevision: v || null })"
    />
  </PlaceFieldset>
</template>
