<script setup lang="ts">
import {
  colourWords,
  families,
  type PartVersion,
  type Placement,
  aspectWords,
  consequenceWords,
  heatWords,
  loadWords,
  sunWords,
  waterWords,
} from '@hornblende/core';
import { Button, Checkbox } from '../../ui/kit';
import { computed, onMounted, ref, shallowRef, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { api } from '../../api/client';
import { useLibrary } from '../../stores/library';
import { usePrints } from '../../stores/prints';
import { useService } from '../../stores/service';
import { useShelf } from '../../stores/shelf';
import DateField from '../../ui/DateField.vue';
import FileButton from '../../ui/FileButton.vue';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import PageState from '../../ui/PageState.vue';
import TextField from '../../ui/TextField.vue';
import PlaceAir from './PlaceAir.vue';
import { useFeedback } from '../../ui/useFeedback';
import { shrunk } from '../../ui/photo';
import { usePlacedFrom } from './usePlacedFrom';
import { placingDraft, placingLike, usePlacing, type PlacingDraft } from './usePlacing';
import RestoredNotice from '../../ui/RestoredNotice.vue';
import { useKeptForm } from '../../ui/useKeptForm';
import { useWorkshop } from '../../stores/workshop';
import PartPicker from './PartPicker.vue';
import PauseList from './PauseList.vue';
import { noSuchPlaced, optionsOf } from './words';

/** A part goes out: from a decision and a logged print, or from memory. */
const props = defineProps<{ id?: string }>();
const service = useService();
const library = useLibrary();
const prints = usePrints();
const shelf = useShelf();
const workshop = useWorkshop();
const router = useRouter();
const { query } = useRoute();
const { attempt, tell } = useFeedback();
const state = ref<'loading' | 'ready' | 'failed'>('loading');
const tried = ref(false);
const partAsked = typeof query.part === 'string' ? query.part : null;
/** A part that this one is to be like. */
const like = computed(() =>
  typeof query.like === 'string' ? (service.byId(query.like)?.placement ?? null) : null,
);
const kept = useKeptForm<PlacingDraft>(`place-${props.id ?? `new-${partAsked ?? ''}`}`, placingDraft(null));
const draft = kept.form;
const { problems, placement } = usePlacing(draft);
const { part, ofPart, ofPrint } = usePlacedFrom(draft, put);

async function fetchAll(): Promise<void> {
  const done = await attempt(async () => {
    await Promise.all([service.load(), library.load(), prints.load(), shelf.load()]);
    if (props.id) kept.begin(placingDraft(service.byId(props.id)?.placement ?? null));
    else if (like.value && !kept.restored.value) kept.begin(placingLike(like.value));
    else if (partAsked !== null && !kept.restored.value) await ofPart(partAsked);
    if (draft.value.partId) part.value = await api.part(draft.value.partId).catch(() => null);
  });
  state.value = done ? 'ready' : 'failed';
}
onMounted(fetchAll);

function put(change: Partial<typeof draft.value>): void {
  draft.value = { ...draft.value, ...change };
}
function putPlace(change: Partial<Placement['place']>): void {
  put({ place: { ...draft.value.place, ...change } });
}
/** Versions of the part’s design that are kept, the newest first. */
const keptVersions = shallowRef<PartVersion[]>([]);
watch(
  () => draft.value.partId,
  async id => {
    keptVersions.value = id ? await api.versions(id).catch(() => []) : [];
  },
  { immediate: true },
);
const versions = computed(() => [
  { value: 0, label: 'not known' },
  ...keptVersions.value.map(v => ({
    value: v.revision,
    label: `version ${v.revision}, ${v.savedAt.slice(0, 10)}`,
  })),
]);
const said = (field: string): string => (tried.value ? (problems.value.get(field) ?? '') : '');
const printOptions = computed(() => [
  { value: '', label: 'not logged' },
  ...prints.list
    .filter(p => p.print.outcome === 'well' && (!draft.value.partId || p.print.partId === draft.value.partId))
    .slice(0, 100)
    .map(p => ({ value: p.id, label: `${p.print.part}, ${p.print.at.slice(0, 10)}` })),
]);
const materialOptions = computed(() =>
  [...library.active, ...families].map(f => ({ value: f.key, label: f.name })),
);
const orOptions = computed(() => [{ value: '', label: 'no, it is known' }, ...materialOptions.value]);
async function addPhoto(file: Blob): Promise<void> {
  await attempt(async () => {
    const { sha256 } = await api.sendPhoto(await shrunk(file));
    put({ photos: [...draft.value.photos, { sha256, caption: '' }] });
  });
}
/** Whether the address names no part in service. */
const unknown = computed(() => props.id !== undefined && !service.byId(props.id));
async function save(): Promise<void> {
  tried.value = true;
  const wanted = placement.value;
  if (!wanted) return;
  await attempt(async () => {
    const stored = props.id ? service.byId(props.id) : null;
    if (stored) await service.save(stored, { ...wanted, archived: stored.placement.archived });
    const id = stored ? stored.id : (await service.add(wanted, kept.id.value)).id;
    kept.done();
    tell(stored ? 'It is changed.' : 'It is out there. The first look is due in a month.');
    await router.push(`/service/${id}`);
  });
}
</script>

<template>
  <div class="page place" data-testid="place-page">
    <p class="soft small"><RouterLink to="/service">Service</RouterLink></p>
    <h1 v-if="state !== 'ready' || !unknown">{{ id ? 'Change what is out there' : 'Place a part' }}</h1>
    <PageState
      :state="state === 'ready' && unknown ? 'missing' : state"
      what="what can be placed"
      :missing="noSuchPlaced"
      @retry="fetchAll"
    >
      <RestoredNotice :kept="kept" />
      <form @submit.prevent="save">
        <fieldset>
          <legend>What it is</legend>
          <PartPicker
            :part-id="draft.partId"
            :part-name="part?.name ?? ''"
            label="One of"
            @pick="v => (v ? attempt(() => ofPart(v)) : put({ partId: '' }))"
          />
          <OptionSelect
            :model-value="draft.printId"
            label="From the print"
            :options="printOptions"
            @update:model-value="ofPrint"
          />
          <TextField
            :model-value="draft.name"
            label="What it is called"
            :maxlength="120"
            :problem="said('name')"
            @update:model-value="v => put({ name: v })"
          />
          <TextField
            :model-value="draft.code"
            label="Code on its tag"
            :maxlength="12"
            placeholder="one is made"
            :problem="said('code')"
            @update:model-value="v => put({ code: v.toUpperCase() })"
          />
          <OptionSelect
            :model-value="draft.first"
            label="What it is made of"
            :options="materialOptions"
            :note="said('materials')"
            @update:model-value="v => put({ first: v })"
          />
          <OptionSelect
            :model-value="draft.other"
            label="Or else, if half remembered"
            :options="orOptions"
            :note="said('materials[1].material')"
            @update:model-value="v => put({ other: v })"
          />
          <OptionSelect
            :model-value="draft.colour"
            label="Colour"
            :options="optionsOf(colourWords)"
            @update:model-value="v => put({ colour: v })"
          />
          <NumberInput
            :model-value="draft.walls"
            label="Walls"
            :min="0"
            :max="50"
            nullable
            placeholder="not known"
            @update:model-value="v => put({ walls: v })"
          />
        </fieldset>
        <fieldset>
          <legend>Where it is</legend>
          <TextField
            :model-value="draft.place.where"
            label="Where, in words"
            :maxlength="120"
            placeholder="upper apiary; not needed"
            @update:model-value="v => putPlace({ where: v })"
          />
          <OptionSelect
            :model-value="draft.place.heat"
            label="Its air"
            :options="optionsOf(heatWords)"
            @update:model-value="v => putPlace({ heat: v })"
          />
          <OptionSelect
            :model-value="draft.place.sun"
            label="Sun"
            :options="optionsOf(sunWords)"
            @update:model-value="v => putPlace({ sun: v })"
          />
          <OptionSelect
            :model-value="draft.place.aspect"
            label="It faces"
            :options="optionsOf(aspectWords)"
            @update:model-value="v => putPlace({ aspect: v })"
          />
          <OptionSelect
            :model-value="draft.place.water"
            label="Water"
            :options="optionsOf(waterWords)"
            @update:model-value="v => putPlace({ water: v })"
          />
          <OptionSelect
            :model-value="draft.place.load"
            label="It bears"
            :options="optionsOf(loadWords)"
            @update:model-value="v => putPlace({ load: v })"
          />
          <PlaceAir :place="draft.place" @change="putPlace" />
        </fieldset>
        <fieldset>
          <legend>Since when, and what for</legend>
          <DateField
            :model-value="draft.since"
            label="Out since"
            @update:model-value="v => put({ since: v })"
          />
          <Checkbox :checked="draft.sinceRough" @update:checked="(v: boolean) => put({ sinceRough: v })"
            >from memory</Checkbox
          >
          <span v-if="said('since')" class="out small" role="alert">{{ said('since') }}</span>
          <OptionSelect
            :model-value="draft.ifItFails"
            label="If it fails"
            :options="optionsOf(consequenceWords)"
            @update:model-value="v => put({ ifItFails: v })"
          />
          <NumberInput
            :model-value="draft.lifeYears"
            label="Is to stand, years"
            :min="0.1"
            :max="100"
            @update:model-value="v => v !== null && put({ lifeYears: v })"
          />
          <NumberInput
            :model-value="draft.replacementPrice"
            :label="`A bought one costs, ${workshop.currency}`"
            :min="0"
            :max="1e6"
            nullable
            placeholder="not known"
            @update:model-value="v => put({ replacementPrice: v })"
          />
          <NumberInput
            :model-value="draft.freshBreakN"
            label="A fresh one broke at, N"
            :min="0"
            :max="1e5"
            nullable
            placeholder="not tried"
            @update:model-value="v => put({ freshBreakN: v })"
          />
          <OptionSelect
            v-if="versions.length > 1"
            :model-value="draft.partRevision ?? 0"
            label="Version of its design"
            :options="versions"
            @update:model-value="v => put({ partRevision: v || null })"
          />
        </fieldset>
        <PauseList :pauses="draft.pauses" :problems="problems" @change="pauses => put({ pauses })" />
        <div class="photos">
          <img
            v-for="photo in draft.photos"
            :key="photo.sha256"
            :src="`/api/photos/${photo.sha256}`"
            alt="On its first day"
          />
          <FileButton label="Add a photograph of it today" accept="image/*" @file="addPhoto" />
        </div>
        <TextField
          :model-value="draft.note"
          label="Anything worth keeping"
          :maxlength="2000"
          :rows="2"
          @update:model-value="v => put({ note: v })"
        />
        <p v-if="tried && problems.size" class="out" role="alert">
          Something is still missing: {{ [...problems.values()].join(', ') }}.
        </p>
        <p>
          <Button type="primary" size="large" html-type="submit">{{ id ? 'Save it' : 'Place it' }}</Button>
        </p>
      </form>
    </PageState>
  </div>
</template>

<style scoped>
h1 {
  margin: 0 0 10px;
}
form {
  display: grid;
  gap: 16px;
  max-width: 900px;
}
fieldset {
  border: 0;
  border-top: 1px solid var(--rule);
  padding: 8px 0 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 10px 18px;
  align-items: start;
}
legend {
  font-size: 15px;
  margin-bottom: 2px;
  font-weight: 700;
  padding: 0 12px 0 0;
}
.photos {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
img {
  height: 90px;
  border-radius: 4px;
}
p {
  margin: 0;
}
</style>
