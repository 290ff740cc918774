<script setup lang="ts">
import type { Inspection } from '@hornblende/core/formats';
import { yearsText } from '@hornblende/core/lib';
import {
  consequenceWords,
  loadWords,
  placeText,
  materialWords,
  pausesWords,
  standingWords,
  strengthKept,
  yearsToHalfBySpares,
} from '@hornblende/core/service';
import { Button } from '../../ui/kit';
import { computed, onMounted, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { api } from '../../api/client';
import { useLibrary } from '../../stores/library';
import { useLooksQueue } from '../../stores/looks-queue';
import { useService } from '../../stores/service';
import PageState from '../../ui/PageState.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useMoney } from '../../ui/useMoney';
import PlacedWhy from './PlacedWhy.vue';
import LookLine from './LookLine.vue';
import { useStory } from './useStory';
import { dueWords, noSuchPlaced, standingMark } from './words';
import { dayText } from '../../ui/day-text';

/** One part in service: what it is, where, and its story, the newest look first. */
const props = defineProps<{ id: string }>();
const service = useService();
const queue = useLooksQueue();
const library = useLibrary();
const story = useStory();
const router = useRouter();
const { ask, attempt, tell } = useFeedback();
const placed = computed(() => service.byId(props.id));
const looks = shallowRef<Inspection[]>([]);
const state = ref<'loading' | 'ready' | 'failed' | 'missing'>('loading');

async function fetchAll(): Promise<void> {
  const done = await attempt(async () => {
    if (!placed.value) await Promise.all([service.load(), library.load().catch(() => undefined)]);
    if (placed.value) looks.value = await api.inspections(props.id);
  });
  state.value = !done ? 'failed' : placed.value ? 'ready' : 'missing';
}
onMounted(fetchAll);
watch(
  () => queue.arrived,
  () => void fetchAll(),
);
async function strike(look: Inspection): Promise<void> {
  await attempt(async () => {
    await api.strikeInspection(look.id, !look.struck);
    await Promise.all([fetchAll(), service.load()]);
  });
}
function remove(): void {
  ask({
    title: `Remove ${placed.value?.placement.name ?? 'it'} for good?`,
    content:
      'Its looks go with it, and what it taught. A part that is gone is better said to be lost or removed.',
    deed: 'Remove it',
    danger: true,
    act: async () => {
      await service.remove(props.id);
      tell('It is removed.');
      await router.push('/service');
    },
  });
}
const p = computed(() => placed.value!.placement);
const money = useMoney();
const kept = computed(() => strengthKept(p.value, looks.value));
const half = computed(() => yearsToHalfBySpares(kept.value));
const photos = computed(() => [
  ...p.value.photos.map(photo => ({ ...photo, at: p.value.since })),
  ...[...looks.value].reverse().flatMap(l => l.photos.map(photo => ({ ...photo, at: l.at }))),
]);
</script>

<template>
  <div class="page placed" data-testid="placed-page">
    <PageState :state="state" what="the part" :missing="noSuchPlaced" @retry="fetchAll">
      <template v-if="placed">
        <p class="soft small"><RouterLink to="/service">Service</RouterLink>, {{ p.place.where }}</p>
        <div class="page-head">
          <h1>{{ p.name }}</h1>
          <div class="right">
            <RouterLink v-slot="{ navigate }" :to="{ path: '/service/new', query: { like: id } }" custom
              ><Button type="text" @click="navigate">Another like it</Button></RouterLink
            >
            <RouterLink v-slot="{ navigate }" :to="`/service/${id}/edit`" custom
              ><Button type="text" @click="navigate">Change it</Button></RouterLink
            >
            <Button type="text" danger @click="remove">Remove it</Button>
            <RouterLink v-if="!placed.standing.ended" v-slot="{ navigate }" :to="`/service/${id}/look`" custom
              ><Button type="primary" @click="navigate">Look at it</Button></RouterLink
            >
          </div>
        </div>
        <p class="lead" :class="standingMark(placed.standing).tone" data-testid="placed-standing">
          {{ standingMark(placed.standing).sign }} {{ standingWords(placed.standing)
          }}<template v-if="placed.due"
            >; {{ placed.due.inDays < 0 ? 'was to be looked at' : 'to be looked at' }}
            {{ dueWords(placed) }}</template
          >
        </p>
        <p v-if="placed.standing.mode && p.partId" class="small">
          <RouterLink :to="`/parts/${p.partId}/rank`">What would do better: its part’s ranking</RouterLink>
        </p>
        <dl>
          <dt>Of</dt>
          <dd>{{ materialWords(p, library.nameOf) }}</dd>
          <dt>Since</dt>
          <dd>{{ dayText(p.since) }}{{ p.sinceRough ? ', from memory' : '' }}</dd>
          <dt>Where</dt>
          <dd>
            {{ placeText(p) }}
          </dd>
          <dt>Bears</dt>
          <dd>{{ loadWords[p.place.load] }}; if it fails {{ consequenceWords[p.ifItFails] }}</dd>
          <template v-if="p.pauses.length">
            <dt>Taken in</dt>
            <dd>{{ pausesWords(p) }}</dd>
          </template>
          <template v-if="p.replacementPrice !== null">
            <dt>Instead of</dt>
            <dd>a bought one for {{ money(p.replacementPrice) }}</dd>
          </template>
          <template v-if="p.partRevision !== null && p.partId">
            <dt>Design</dt>
            <dd>
              <RouterLink :to="`/parts/${p.partId}/brief`"
                >version {{ p.partRevision }} of its part</RouterLink
              >
            </dd>
          </template>
          <template v-if="kept.length">
            <dt>Strength kept</dt>
            <dd data-testid="strength-kept">
              {{ kept.map(k => k.words).join(', then ')
              }}<template v-if="half !== null"
                >; half is left after about {{ yearsText(half) }} at that rate</template
              >
            </dd>
          </template>
          <template v-if="p.code">
            <dt>Tag</dt>
            <dd>{{ p.code }}</dd>
          </template>
          <template v-if="p.origin">
            <dt>Record of</dt>
            <dd>{{ p.origin }}, which counts for {{ p.weight }}</dd>
          </template>
          <template v-if="p.note">
            <dt>Note</dt>
            <dd>{{ p.note }}</dd>
          </template>
        </dl>
        <section v-if="photos.length" aria-label="Photographs through the years" class="photos">
          <figure v-for="(photo, n) in photos" :key="n">
            <a :href="`/api/photos/${photo.sha256}`" target="_blank" rel="noopener">
              <img
                :src="`/api/photos/${photo.sha256}`"
                :alt="photo.caption || `${p.name}, ${dayText(photo.at)}`"
                loading="lazy"
              />
            </a>
            <figcaption class="soft small">{{ dayText(photo.at) }}</figcaption>
          </figure>
        </section>
        <PlacedWhy v-if="placed.standing.looks" :id="id" />
        <div class="story-head">
          <h2>Its story</h2>
          <Button type="text" @click="attempt(() => story.print(placed!, looks))"
            >Open the sheet to print</Button
          >
          <Button type="text" @click="story.markdown(placed, looks)">Markdown</Button>
        </div>
        <ol class="story" data-testid="story">
          <li v-for="w in queue.of(id)" :key="w.look.id">
            <LookLine :look="w.look" />
            <span class="soft small">{{ w.problem ?? 'waits here to be sent' }}</span>
          </li>
          <li v-for="l in looks" :key="l.id" data-testid="look-line">
            <LookLine :look="l" />
            <Button type="text" size="small" @click="strike(l)">{{
              l.struck ? 'Let it count' : 'Strike it'
            }}</Button>
          </li>
          <li>
            <b>{{ dayText(p.since) }}</b> placed
          </li>
        </ol>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.lead {
  font-size: 17px;
}
.right {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
dl {
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 3px 18px;
  margin: 0;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
}
.photos {
  display: flex;
  gap: 12px;
  overflow-x: auto;
  margin-top: 14px;
}
figure {
  margin: 0;
}
img {
  height: 140px;
  border-radius: 4px;
}
h2 {
  font-size: 16px;
  margin: 20px 0 4px;
}
.story-head {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: baseline;
}
.story {
  list-style: none;
  margin: 0;
  padding: 0;
  max-width: 860px;
}
.story li {
  border-top: 1px solid var(--rule);
  padding: 7px 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
}
</style>
