<script setup lang="ts">
import type { Placement } from '@hornblende/core/formats';
import { Button } from '../../ui/kit';
import { computed, onMounted, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { api } from '../../api/client';
import { useLibrary } from '../../stores/library';
import { usePrints } from '../../stores/prints';
import { useService } from '../../stores/service';
import { useShelf } from '../../stores/shelf';
import FileButton from '../../ui/FileButton.vue';
import PageState from '../../ui/PageState.vue';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';
import { shrunk } from '../../ui/photo';
import { usePlacedFrom } from './usePlacedFrom';
import { placingDraft, placingLike, usePlacing, type PlacingDraft } from './usePlacing';
import RestoredNotice from '../../ui/RestoredNotice.vue';
import { useKeptForm } from '../../ui/useKeptForm';
import PauseList from './PauseList.vue';
import PlaceSince from './PlaceSince.vue';
import PlaceWhat from './PlaceWhat.vue';
import PlaceWhere from './PlaceWhere.vue';
import { noSuchPlaced } from './words';

/** A part goes out: from a decision and a logged print, or from memory. */
const props = defineProps<{ id?: string }>();
const service = useService();
const library = useLibrary();
const prints = usePrints();
const shelf = useShelf();
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
const said = (field: string): string => (tried.value ? (problems.value.get(field) ?? '') : '');
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
        <PlaceWhat
          :draft="draft"
          :part-name="part?.name ?? ''"
          :said="said"
          @change="put"
          @part="id => attempt(() => ofPart(id))"
          @print="ofPrint"
        />
        <PlaceWhere :place="draft.place" @change="putPlace" />
        <PlaceSince :draft="draft" :said="said" @change="put" />
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
