<script setup lang="ts">
import {
  benchCriteria,
  trialCriterionOf,
  criteriaFor,
  parseTrial,
  trialDoubts,
  trialPower,
  TrialPowerInput,
  trialSection,
  wantedWords,
  type Candidate,
  type Trial,
  type TrialCriterion,
} from '@hornblende/core';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import { useLibrary } from '../../stores/library';
import { useShelf } from '../../stores/shelf';
import { useTrials } from '../../stores/trials';
import OwnCriterion from './OwnCriterion.vue';
import CheckList from '../../ui/CheckList.vue';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import TextField from '../../ui/TextField.vue';
import RestoredNotice from '../../ui/RestoredNotice.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useKeptForm } from '../../ui/useKeptForm';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';
import type { LiveTrial } from './useTrial';

/** A trial planned: in which filaments, what is measured, how many of each. */
const props = defineProps<{ first: boolean; live: LiveTrial }>();
const emit = defineEmits<{ begun: [id: string]; leave: [] }>();
const draft = useDraft();
const library = useLibrary();
const shelf = useShelf();
const trials = useTrials();
const { ranking } = useRanking();
const { attempt } = useFeedback();

/** Filaments that are ticked to begin with. */
const FILAMENTS_TICKED = 5;
/** Those that are offered at once; more can be added. */
const FILAMENTS_OFFERED = 14;
/** Those in the running, the first choice first, own grades among them. */
const running = computed(() => {
  const inOrder = (ranking.value?.candidates ?? []).filter(c => c.rank !== null);
  const sorted = [...inOrder].sort((a, b) => a.rank! - b.rank!);
  const isOwn = (c: Candidate): boolean => c.material !== c.family;
  return sorted.filter((c, n) => n < FILAMENTS_OFFERED || isOwn(c));
});
/** Of each family one: what is ahead. */
const ticked = computed(() => {
  const families = new Set<string>();
  const first = running.value.filter(c => !families.has(c.family) && families.add(c.family));
  return first.slice(0, FILAMENTS_TICKED).map(c => c.material);
});
/** What is typed stays in the browser until the trial is begun. */
const kept = useKeptForm(`trial-${draft.id ?? ''}`, {
  filaments: null as string[] | null,
  measured: null as string[] | null,
  own: [] as TrialCriterion[],
  infills: {} as Record<string, number>,
  name: null as string | null,
  heldSame: '',
  replicates: 3,
  pieceIs: 'part' as Trial['pieceIs'],
});
const filaments = kept.field('filaments');
/** What is offered: those in the running, and whatever was added besides. */
const offered = computed(() => {
  const known = running.value.map(c => ({ value: c.material, label: c.name }));
  const added = (filaments.value ?? []).filter(key => !known.some(o => o.value === key));
  return [...known, ...added.map(key => ({ value: key, label: library.nameOf(key) }))];
});
const picked = computed({
  get: () => filaments.value ?? ticked.value,
  set: value => (filaments.value = value),
});
/** Any family or grade may be tried, also one that the ranking has out. */
const others = computed(() => [
  { value: '', label: 'another filament…' },
  ...library.everything
    .filter(f => !offered.value.some(o => o.value === f.key))
    .map(f => ({ value: f.key, label: f.name })),
]);
function addFilament(key: string): void {
  if (key) picked.value = [...picked.value, key];
}
const weights = computed(() =>
  Object.fromEntries((ranking.value?.candidates[0]?.criteria ?? []).map(c => [c.id, c.weight])),
);
const usual = computed(() =>
  props.live.asks.value ? criteriaFor(weights.value, props.live.asks.value) : [],
);
const measured = kept.field('measured');
const criteria = computed({
  get: () => measured.value ?? usual.value.map(c => c.id),
  set: value => (measured.value = value),
});
const criterionOptions = benchCriteria.map(c => ({
  value: c.id,
  label: c.unit ? `${c.label}, ${c.unit}` : c.label,
}));
const own = kept.field('own');
/** Infill of those that are printed otherwise than the others. */
const infills = kept.field('infills');
const odd = ref('');
const oddPct = ref(40);
const oddOptions = computed(() =>
  offered.value.filter(o => picked.value.includes(o.value) && infills.value[o.value] === undefined),
);
function printOtherwise(): void {
  const key = odd.value || oddOptions.value[0]?.value;
  if (key) infills.value = { ...infills.value, [key]: oddPct.value / 100 };
  odd.value = '';
}
function printAlike(key: string): void {
  infills.value = Object.fromEntries(Object.entries(infills.value).filter(([k]) => k !== key));
}
const hows = computed(() => benchCriteria.filter(c => criteria.value.includes(c.id)));
const name = kept.field('name');
const heldSame = kept.field('heldSame');
const replicates = kept.field('replicates');
/** Of the part itself mass, price and truth are those that the brief asks about; of a test piece they are not. */
const pieceIs = kept.field('pieceIs');
const pieces: { value: Trial['pieceIs']; label: string }[] = [
  { value: 'part', label: 'the part itself' },
  { value: 'coupon', label: 'a test piece' },
];
const usualName = computed(() => `${picked.value.length} filaments for the ${draft.brief?.name ?? 'part'}`);
const spoolOf = (material: string): string | null =>
  shelf.rows.find(r => r.spool.material === material && !r.spool.archived && r.leftG > 0)?.id ?? null;
const trial = computed(() =>
  parseTrial({
    format: 'hornblende-trial',
    version: 1,
    name: (name.value ?? usualName.value).slice(0, 120) || usualName.value,
    partId: draft.id,
    piece: (pieceIs.value === 'part' ? (draft.brief?.name ?? 'the part') : 'a test piece').slice(0, 120),
    pieceIs: pieceIs.value,
    heldSame: heldSame.value,
    replicates: replicates.value,
    seed: Math.floor(Date.now() / 1000) % 1e9,
    criteria: [
      ...benchCriteria
        .filter(c => criteria.value.includes(c.id))
        .map(c => usual.value.find(u => u.id === c.id) ?? trialCriterionOf(c)),
      ...own.value,
    ],
    section: draft.brief ? trialSection(draft.brief) : null,
    entrants: picked.value.map(material => ({
      material,
      spoolId: spoolOf(material),
      infill: infills.value[material] ?? null,
    })),
  }),
);
const doubts = computed(() =>
  trialDoubts(
    trial.value,
    key => library.find(key) ?? null,
    key => shelf.rows.find(r => r.id === key)?.spool ?? null,
  ),
);
/** A difference that people want told, and what single readings scatter, % of them. */
const POWER_EXAMPLE = { difference: 20, sd: 10 };
const told = computed(() =>
  trialPower(
    Object.assign(new TrialPowerInput(), POWER_EXAMPLE, {
      replicates: replicates.value < 2 ? 2 : replicates.value,
    }),
  ),
);
const enough = computed(() => trialPower(Object.assign(new TrialPowerInput(), POWER_EXAMPLE)));
const bad = computed(() => {
  if (picked.value.length < 2) return 'A trial wants two filaments at least.';
  return criteria.value.length + own.value.length ? '' : 'Say what is measured.';
});
async function begin(): Promise<void> {
  await attempt(async () => {
    const begun = await trials.add(trial.value, kept.id.value);
    kept.done();
    emit('begun', begun.id);
  });
}
function leave(): void {
  kept.discard();
  emit('leave');
}
</script>

<template>
  <section aria-label="A trial" data-testid="trial-setup">
    <RestoredNotice :kept="kept" />
    <p v-if="first" class="lead">
      Where the models end: print the same thing in several filaments, measure, break and heat it, and put out
      what fails, with the reason written down.
    </p>
    <TextField
      :model-value="name ?? usualName"
      label="What it is called"
      :maxlength="120"
      @update:model-value="v => (name = v)"
    />
    <CheckList v-model="picked" label="Printed in" :options="offered" />
    <p v-if="!running.length" class="small marginal">
      Nothing is in the running for this brief: add what you want to try all the same.
    </p>
    <OptionSelect
      class="add"
      model-value=""
      label="Try another one as well"
      :options="others"
      @update:model-value="addFilament"
    />
    <CheckList v-model="criteria" label="Measured" :options="criterionOptions" />
    <ul class="hows soft small">
      <li v-for="c in hows" :key="c.id">
        <b>{{ c.label }}.</b> {{ c.how }}
      </li>
    </ul>
    <OwnCriterion :taken="own.map(c => c.id)" @add="c => (own = [...own, c])" />
    <ul v-if="own.length" class="hows small">
      <li v-for="c in own" :key="c.id">
        <b>{{ c.unit ? `${c.label}, ${c.unit}` : c.label }}</b>: {{ wantedWords(c) }}.
        <Button type="text" size="small" @click="own = own.filter(o => o !== c)">Leave it out</Button>
      </li>
    </ul>
    <div v-if="oddOptions.length" class="odd">
      <OptionSelect
        :model-value="odd || (oddOptions[0]?.value ?? '')"
        label="Printed otherwise than the others"
        :options="oddOptions"
        @update:model-value="v => (odd = v)"
      />
      <NumberInput v-model="oddPct" label="Infill, %" :min="0" :max="100" :fallback="40" />
      <Button @click="printOtherwise">Print it so</Button>
    </div>
    <ul v-if="Object.keys(infills).length" class="hows small" data-testid="trial-infills">
      <li v-for="(share, key) in infills" :key="key">
        {{ library.nameOf(key) }} is printed {{ Math.round(100 * share) }} % full: its mass and its load are
        brought to the others’ infill by its section.
        <Button type="text" size="small" @click="printAlike(key)">Print it alike</Button>
      </li>
    </ul>
    <div class="row">
      <OptionSelect v-model="pieceIs" label="What is printed" :options="pieces" />
      <NumberInput v-model="replicates" label="Prints of each" :min="1" :max="50" :fallback="3" integer />
      <TextField
        v-model="heldSame"
        label="What is held the same"
        :maxlength="400"
        placeholder="plate, walls, infill, layers…"
      />
    </div>
    <p class="small" data-testid="trial-power">
      <template v-if="replicates < 2">One of each tells nothing of its scatter. </template>
      <template v-else
        >A difference of {{ POWER_EXAMPLE.difference }} % in readings that scatter by {{ POWER_EXAMPLE.sd }} %
        is told {{ Math.round(10 * told.power) }} times in 10.
      </template>
      {{ enough.replicates }} of each tell it 8 times in 10.
    </p>
    <ul v-if="doubts.length" class="marginal small" data-testid="trial-doubts">
      <li v-for="d in doubts" :key="d">{{ d }}</li>
    </ul>
    <p v-if="bad" class="out small" role="alert">{{ bad }}</p>
    <p class="acts">
      <Button type="primary" :disabled="bad !== ''" @click="begin">Begin the trial</Button>
      <Button v-if="!first" type="text" @click="leave">Leave it</Button>
    </p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 14px;
  max-width: 860px;
}
p {
  margin: 0;
}
.lead {
  font-size: 16px;
}
.row {
  display: grid;
  grid-template-columns: 140px minmax(200px, 1fr);
  gap: 14px;
  align-items: start;
}
.hows {
  margin: 0;
  padding-left: 18px;
}
.odd {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}
.acts {
  display: flex;
  gap: 10px;
}
.add {
  max-width: 320px;
}
@media (max-width: 640px) {
  .row {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
