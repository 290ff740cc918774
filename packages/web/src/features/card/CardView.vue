<script setup lang="ts">
import { isFitCheck } from '@hornblende/core/brief';
import {
  cardAmounts,
  cardDoubts,
  cardHtml,
  cardMarkdown,
  cardRecord,
  cardStages,
} from '@hornblende/core/records';
import { Button } from '../../ui/kit';
import { useKept } from '../../stores/browser-store';
import { computed, defineAsyncComponent } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useWorkshop } from '../../stores/workshop';
import LessonList from '../../ui/LessonList.vue';
import Segments from '../../ui/Segments.vue';
import SentenceSelect from '../../ui/SentenceSelect.vue';
import StatusMark from '../../ui/StatusMark.vue';
import { fileName, openPage } from '../../ui/open-page';
import { saveAs } from '../../ui/save-as';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';
import PrintAids from '../part/PrintAids.vue';
import SaidShareChip from '../part/SaidShareChip.vue';
import CardStage from './CardStage.vue';
import CardSurface from './CardSurface.vue';
import FitCheck from './FitCheck.vue';
import GcodePanel from './GcodePanel.vue';
import LogPrint from './LogPrint.vue';
import PairPanel from './PairPanel.vue';
import { useRanking } from '../part/useRanking';
import { usePrintCard } from './usePrintCard';

// The chart is large, and stands on a side of its own.
const SettingsTrade = defineAsyncComponent(() => import('./SettingsTrade.vue'));

/** The card for the machine, the log of its prints, and what other settings or a second filament would do. */
type Side = 'card' | 'log' | 'trade';
const sides: { value: Side; label: string }[] = [
  { value: 'card', label: 'Card' },
  { value: 'log', label: 'Log of prints' },
  { value: 'trade', label: 'Other settings' },
];
const route = useRoute();
const router = useRouter();
const side = computed<Side>({
  get: () => sides.find(s => s.value === route.query.side)?.value ?? 'card',
  set: value =>
    void router.replace({ query: { ...route.query, side: value === 'card' ? undefined : value } }),
});
/** All that is needed at the machine, stage by stage, each line with its reason, to tick off while doing. */
const draft = useDraft();
const workshop = useWorkshop();
const { say } = useUnits();
const { candidates } = useRanking();
const { material, materials, spoolId, spools, spool, family, card } = usePrintCard();

const spoolChoices = computed(() => [
  { value: '', label: 'none in particular' },
  ...spools.value.map(s => ({
    value: s.id,
    label: [s.spool.code || s.name, s.spool.colour, `${Math.round(s.leftG)} g left`]
      .filter(Boolean)
      .join(', '),
  })),
]);
const stages = computed(() => (card.value ? cardStages(card.value) : []));
const short = computed(() => {
  if (!spool.value || !card.value) return '';
  const wanted = (card.value.massG + card.value.supportG) * card.value.quantity;
  return wanted > spool.value.leftG
    ? `The spool has ${Math.round(spool.value.leftG)} g left; ${Math.round(wanted)} g are wanted.`
    : '';
});

/** What is ticked off, by part and filament, kept in this browser. */
const ticks = useKept<Record<string, string[]>>('hornblende-card-ticks', {});
const key = computed(() => `${draft.id ?? ''} ${material.value}`);
const ticked = computed(() => new Set(ticks.value[key.value] ?? []));
function tick(id: string, on: boolean): void {
  const others = [...ticked.value].filter(t => t !== id);
  ticks.value = { ...ticks.value, [key.value]: on ? [...others, id] : others };
}
function untickAll(): void {
  ticks.value = { ...ticks.value, [key.value]: [] };
}

const sheetName = computed(() => fileName(`${card.value?.part ?? 'part'}-${material.value}-card`));
function openSheet(): void {
  if (card.value) openPage(cardHtml(card.value, workshop.currency));
}
function save(as: 'html' | 'md' | 'json'): void {
  if (!card.value) return;
  const written = {
    html: () => cardHtml(card.value!, workshop.currency),
    md: () => cardMarkdown(card.value!, workshop.currency),
    json: () => `${JSON.stringify(card.value, null, 1)}\n`,
  };
  const types = { html: 'text/html', md: 'text/markdown', json: 'application/json' };
  saveAs(`${sheetName.value}.${as}`, written[as](), types[as]);
}
</script>

<template>
  <div v-if="card" class="page card" data-testid="print-card">
    <p class="pick">
      In <SentenceSelect v-model="material" label="Filament" :options="materials" />
      <template v-if="spools.length">
        from <SentenceSelect v-model="spoolId" label="Spool" :options="spoolChoices" />
      </template>
      {{ card.printer === null ? 'on no printer in particular' : `on ${card.printer}` }}
      <StatusMark :status="card.status" />
    </p>
    <p class="amounts" data-testid="card-amounts" data-tour="card">
      {{ say(cardAmounts(card, workshop.currency)) }}
    </p>
    <p v-if="cardRecord(card)" class="small" data-testid="card-record">{{ say(cardRecord(card)) }}</p>
    <p><SaidShareChip /></p>
    <p v-if="draft.brief && isFitCheck(draft.brief, material)" class="small" data-testid="card-of-check">
      This is the card of the fit-check: judged for size, assembly and ease, not for heat, sun or load.
    </p>
    <LessonList :lessons="card.lessons" />
    <Segments v-model="side" class="sides" :options="sides" label="Side of the card" />
    <!-- What is half typed stays as one looks at another side. -->
    <div v-show="side === 'card'">
      <p v-if="card.doubts.length" class="soft small">{{ cardDoubts(card) }}</p>
      <p v-if="short" class="out small" role="alert">{{ short }}</p>
      <div v-for="a in card.against" :key="a" class="against small">{{ say(a) }}</div>
      <div v-for="c in card.cautions" :key="c" class="caution small"><b>Caution.</b> {{ say(c) }}</div>
      <section class="small-print" aria-label="A small print first">
        <h2>A small print first</h2>
        <p>
          Print {{ say(card.small.what) }}, about {{ Math.round(card.small.massG) }} g.
          {{ say(card.small.look) }}
        </p>
      </section>
      <div class="stages">
        <CardStage
          v-for="s in stages"
          :key="s.title"
          :title="s.title"
          :lines="s.lines"
          :ticked="ticked"
          @tick="tick"
        />
      </div>
      <section aria-label="So that it holds">
        <h2 class="small-title">So that it holds</h2>
        <PrintAids :family="family" />
      </section>
      <CardSurface v-if="family" :family="family" />
      <FitCheck v-if="family" :family="family" @card="key => (material = key)" />
      <p class="deeds">
        <Button type="primary" @click="openSheet">Open the sheet to print</Button>
        <Button type="text" @click="save('html')">HTML</Button>
        <Button type="text" @click="save('md')">Markdown</Button>
        <Button type="text" @click="save('json')">JSON</Button>
        <Button type="text" :disabled="!ticked.size" @click="untickAll">Untick all</Button>
      </p>
    </div>
    <div v-show="side === 'log'">
      <template v-if="family">
        <LogPrint :card="card" :family="family" :spool="spool" />
        <GcodePanel :card="card" :family="family" />
      </template>
    </div>
    <template v-if="side === 'trade' && family">
      <SettingsTrade :family="family" />
      <PairPanel :family="family" :candidates="candidates" />
    </template>
    <p class="soft small">{{ card.notice }}</p>
  </div>
</template>

<style scoped>
.card {
  max-width: 1020px;
}
.sides {
  margin: 8px 0 12px;
}
.pick,
.amounts {
  font-size: 18px;
  margin: 0 0 6px;
}
.amounts {
  font-weight: 700;
}
.against,
.caution {
  border-left: 3px solid var(--out);
  padding: 1px 0 1px 10px;
  margin: 5px 0;
}
.caution {
  border-left-color: var(--marginal-fill);
}
.small-print {
  margin: 16px 0 6px;
  padding: 10px 0;
  border-top: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
}
.small-print h2 {
  font-size: 16px;
  margin: 0 0 4px;
}
.small-print p {
  margin: 0;
}
.small-title {
  font-size: 16px;
  margin: 12px 0 0;
}
.stages {
  columns: 2 380px;
  column-gap: 44px;
}
.deeds {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 18px 0 8px;
}
</style>
