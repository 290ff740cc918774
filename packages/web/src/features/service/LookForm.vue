<script setup lang="ts">
import type { ListedPlacement } from '@hornblende/core/api';
import type { Inspection } from '@hornblende/core/formats';
import type { CheckId, FailureMode } from '@hornblende/core/service';
import { failureModeWords } from '@hornblende/core/service';
import { Button } from '../../ui/kit';
import { computed } from 'vue';
import FileButton from '../../ui/FileButton.vue';
import NumberInput from '../../ui/NumberInput.vue';
import TextField from '../../ui/TextField.vue';
import BigChoice from './BigChoice.vue';
import { useLook, type LookDraft } from './useLook';
import { checkWords, optionsOf } from './words';

/** What is asked of one part, big enough for gloves; the verdict last. */
const props = defineProps<{ placed: ListedPlacement }>();
const emit = defineEmits<{ taken: [] }>();
const look = useLook(() => props.placed);
const { checks, draft, photos, problem } = look;
const firstPhoto = computed(() => props.placed.placement.photos[0] ?? null);

type CheckName = 'cracks' | 'tight' | 'straight' | 'springs' | 'nail' | 'fading' | 'chewed';
/** What of a look is asked with a few big choices, and what they are. */
interface CheckField {
  field: CheckName;
  options: readonly { value: Exclude<LookDraft[CheckName], ''>; label: string }[];
}
const yesNo = (yes: string, no: string): CheckField['options'] => [
  { value: 'yes', label: yes },
  { value: 'no', label: no },
];
const fields: Record<CheckId, CheckField> = {
  cracks: {
    field: 'cracks',
    options: [
      { value: 'none', label: 'none' },
      { value: 'hairline', label: 'a hairline' },
      { value: 'through', label: 'through' },
      { value: 'not-looked', label: 'not looked at' },
    ],
  },
  loose: { field: 'tight', options: yesNo('tight', 'loose') },
  bent: { field: 'straight', options: yesNo('straight', 'bent') },
  springs: {
    field: 'springs',
    options: [
      { value: 'springs-back', label: 'springs back' },
      { value: 'stays-bent', label: 'stays bent' },
      { value: 'not-tried', label: 'not tried' },
    ],
  },
  nail: {
    field: 'nail',
    options: [
      { value: 'none', label: 'nothing' },
      { value: 'marks', label: 'a mark' },
      { value: 'flakes', label: 'flakes' },
      { value: 'not-tried', label: 'not tried' },
    ],
  },
  fading: {
    field: 'fading',
    options: [
      { value: 'same', label: 'the same' },
      { value: 'paler', label: 'paler' },
      { value: 'chalky', label: 'chalky' },
      { value: 'not-seen', label: 'not seen' },
    ],
  },
  chewed: { field: 'chewed', options: yesNo('gnawed', 'whole') },
};
/** Numbers that are asked for where it is bent. */
const bends = [
  { field: 'bentMm', label: 'By, mm', max: 1000 },
  { field: 'bentOverMm', label: 'Over, mm', max: 5000 },
] as const;
const verdicts: { value: Inspection['verdict']; label: string }[] = [
  { value: 'fine', label: '● fine' },
  { value: 'worn', label: '◐ worn' },
  { value: 'failed', label: '○ failed' },
  { value: 'lost', label: 'lost' },
  { value: 'removed', label: 'removed, sound' },
];
const modes = optionsOf<FailureMode>(failureModeWords);
type Field<K extends keyof LookDraft> = LookDraft[K];
const set = <K extends keyof LookDraft>(key: K, value: Field<K>): void => {
  draft.value = { ...draft.value, [key]: value };
};
async function take(): Promise<void> {
  if (await look.take()) emit('taken');
}
</script>

<template>
  <form class="look-form" data-testid="look-form" @submit.prevent="take">
    <figure v-if="firstPhoto" class="first">
      <img :src="`/api/photos/${firstPhoto.sha256}`" alt="On its first day" loading="lazy" />
      <figcaption class="soft small">On its first day</figcaption>
    </figure>
    <template v-for="c in checks" :key="c.id">
      <BigChoice
        :model-value="draft[fields[c.id].field]"
        :options="fields[c.id].options"
        :label="checkWords[c.id]"
        :why="c.why"
        @update:model-value="v => set(fields[c.id].field, v as never)"
      />
      <TextField
        v-if="c.id === 'cracks' && (draft.cracks === 'hairline' || draft.cracks === 'through')"
        :model-value="draft.crackedAt"
        label="Where"
        :maxlength="120"
        @update:model-value="v => set('crackedAt', v)"
      />
      <div v-if="c.id === 'bent' && draft.straight === 'no'" class="pair">
        <NumberInput
          v-for="b in bends"
          :key="b.field"
          :model-value="draft[b.field]"
          :label="b.label"
          :min="0"
          :max="b.max"
          nullable
          @update:model-value="v => set(b.field, v)"
        />
      </div>
    </template>
    <div v-if="placed.placement.place.load === 'moving' || placed.placement.freshBreakN" class="figures">
      <NumberInput
        v-if="placed.placement.place.load === 'moving'"
        :model-value="draft.wornMm"
        label="Worn away where it slides or hums, mm"
        :min="0"
        :max="100"
        nullable
        @update:model-value="v => set('wornMm', v)"
      />
      <NumberInput
        v-if="placed.placement.freshBreakN"
        :model-value="draft.spareBreakN"
        :label="`A spare of the same age broke at, N (a fresh one at ${placed.placement.freshBreakN})`"
        :min="0"
        :max="1e5"
        nullable
        @update:model-value="v => set('spareBreakN', v)"
      />
    </div>
    <section class="photos" aria-label="Photographs">
      <figure v-for="p in photos" :key="p.name">
        <img :src="p.url" alt="A photograph of this look" />
        <Button size="small" @click="look.dropPhoto(p.name)">Leave it out</Button>
      </figure>
      <FileButton label="Add a photograph" accept="image/*" @file="look.addPhoto" />
    </section>
    <TextField
      :model-value="draft.note"
      label="Anything else"
      :maxlength="1000"
      :rows="2"
      @update:model-value="v => set('note', v)"
    />
    <TextField
      :model-value="draft.by"
      label="Who looks"
      :maxlength="80"
      @update:model-value="v => set('by', v)"
    />
    <BigChoice
      :model-value="draft.verdict"
      :options="verdicts"
      label="So it is"
      @update:model-value="v => set('verdict', v)"
    />
    <BigChoice
      v-if="draft.verdict === 'failed'"
      :model-value="draft.mode"
      :options="modes"
      label="It"
      @update:model-value="v => set('mode', v)"
    />
    <p v-if="draft.verdict === 'failed' && placed.placement.ifItFails === 'injures'" class="caution">
      Take it out of use now: if it fails somebody may be hurt.
    </p>
    <p v-if="problem" class="out" role="alert">{{ problem }}</p>
    <Button class="take" type="primary" size="large" html-type="submit">Take the look</Button>
  </form>
</template>

<style scoped>
.look-form {
  display: grid;
  gap: 18px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
figure {
  margin: 0;
  display: grid;
  gap: 4px;
  justify-items: start;
}
img {
  max-width: 100%;
  max-height: 180px;
  border-radius: 4px;
}
.figures {
  display: grid;
  gap: 10px;
}
.photos {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
}
.photos img {
  height: 96px;
}
.take {
  min-height: 60px;
  font-size: 18px;
}
p {
  margin: 0;
}
.caution {
  border-left: 3px solid var(--out);
  padding-left: 12px;
}
</style>
