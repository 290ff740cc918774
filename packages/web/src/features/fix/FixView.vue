<script setup lang="ts">
import type { Outcome } from '@hornblende/core/formats';
import { families, ownFactsWords } from '@hornblende/core/materials';
import { rememberedWords, symptomIds, tellingTests, triageWords } from '@hornblende/core/triage';
import { Button } from '../../ui/kit';
import { computed, onMounted } from 'vue';
import { useRoute } from 'vue-router';
import { useFaults } from '../../stores/faults';
import { useHealth } from '../../stores/health';
import { usePrinters } from '../../stores/printers';
import { useWorking } from '../../stores/working';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import { useFeedback } from '../../ui/useFeedback';
import WorkingNumber from '../../ui/WorkingNumber.vue';
import FoundForm from './FoundForm.vue';
import OpenFaults from './OpenFaults.vue';
import LikelyCauses from './LikelyCauses.vue';
import PastFaults from './PastFaults.vue';
import SymptomTile from './SymptomTile.vue';
import { useFix } from './useFix';
import { useKeptFault, type FaultKept } from './useKeptFault';

/** A print went wrong: what is seen, what it may be, and the cheapest thing to try next. */
const fix = useFix();
const { sheet, put, result } = fix;
const kept = useKeptFault(fix);
const keptWords: Record<FaultKept, string> = {
  'nothing yet': '',
  saving: 'Saving…',
  kept: 'Kept in the workshop',
  found: 'What this was has been written down meanwhile: begin anew for another fault',
  waiting: 'The workshop cannot be reached: it is kept in this browser until it can',
};
const health = useHealth();
const printers = usePrinters();
const faults = useFaults();
const remembered = computed(() => rememberedWords(sheet.value.seen, faults.faults));
const working = useWorking();
const { attempt, tell } = useFeedback();
const { query } = useRoute();
onMounted(() =>
  attempt(async () => {
    faults.ensure();
    await health.first;
    // A phone is not told of the printers.
    if (health.isPhone) return;
    if (typeof query.print !== 'string') await printers.load();
    else if (!(await fix.fromPrint(query.print)))
      tell('There is no such print in the log; it may have been taken out.');
  }),
);
const familyOptions = [
  { value: '', label: 'not said' },
  ...families.map(f => ({ value: f.key, label: f.name })),
];
const printerOptions = computed(() => [
  { value: '', label: 'not said' },
  ...printers.list.map(p => ({ value: p.id, label: p.profile.name })),
]);
const spoolOptions = [
  { value: '', label: 'not said' },
  { value: 'dry', label: 'dry' },
  { value: 'dry it first', label: 'damp: dry it first' },
  { value: 'unusable', label: 'too wet to use' },
];
const numbers = [
  { key: 'nozzleC', label: 'Nozzle, °C', min: 100, max: 500 },
  { key: 'bedC', label: 'Bed, °C', min: 0, max: 250 },
  { key: 'chamberC', label: 'Air about it, °C', min: -10, max: 250 },
  { key: 'fanPct', label: 'Fan, %', min: 0, max: 100 },
  { key: 'lengthMm', label: 'Longest side, mm', min: 1, max: 5000 },
  { key: 'sharpCorners', label: 'Sharp corners', min: 0, max: 1000 },
] as const;
/** What the warp model said was of the print as it was: not of what is changed here. */
const unworked = { liftChance: null };
const next = computed(() => (result.value.state === 'told' ? null : (result.value.nextTests[0] ?? null)));
const others = computed(() => result.value.nextTests.slice(1, 4));
const howOf = (id: string): string => tellingTests.find(t => t.id === id)?.how ?? id;
const outcomes: { value: Outcome; label: string }[] = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
  { value: 'unclear', label: 'Cannot tell' },
];
const minutes = (m: number): string =>
  m < 1 ? 'half a minute' : m >= 90 ? `${Math.round(m / 60)} hours` : `${m} min`;
const stated = computed(() => ownFactsWords(sheet.value.facts));
const began = computed(() => sheet.value.seen.length > 0);
/** On a phone the answer stands under the symptoms: a line at the foot leads to it. */
function toAnswer(): void {
  document.getElementById('fix-answer')?.scrollIntoView({ block: 'start' });
}
function open(): void {
  working.show({ title: 'The fault', refs: [{ model: 'triage.rank', inputs: { ...fix.fault.value } }] });
}
</script>

<template>
  <div class="page fix" data-testid="fix-page">
    <div class="page-head">
      <h1>Fix</h1>
      <Button type="text" @click="fix.clear()">Begin anew</Button>
      <span class="soft small right" role="status" data-testid="fix-kept">{{ keptWords[kept] }}</span>
    </div>
    <p v-if="sheet.from" class="soft" data-testid="fix-from">From the print log: {{ sheet.from }}</p>
    <div class="both">
      <section aria-label="What is seen">
        <h2>What do you see?</h2>
        <p class="soft small">
          Press once for what you see, twice for what you looked for and is not there: that tells as much.
        </p>
        <div class="tiles" data-tour="symptoms">
          <SymptomTile
            v-for="s in symptomIds"
            :key="s"
            :symptom="s"
            :state="fix.stateOf(s)"
            @turn="fix.turn(s)"
          />
        </div>
      </section>
      <section aria-label="What it may be" class="answer">
        <p v-if="!began" class="lead">Press what you see, and here stands what it may be.</p>
        <template v-else>
          <p id="fix-answer" class="lead" role="status" data-testid="fix-answer">
            <WorkingNumber @click="open">{{ triageWords(result) }}</WorkingNumber>
          </p>
          <p v-if="remembered" class="small" data-testid="fix-remembered">{{ remembered }}</p>
          <div v-if="next" class="next" data-testid="fix-next">
            <p class="soft small">The cheapest telling test, {{ minutes(next.minutes) }}:</p>
            <p class="how">{{ next.how }}</p>
            <p class="acts">
              <Button
                v-for="o in outcomes"
                :key="o.value"
                size="large"
                @click="fix.answer(next.id, o.value)"
                >{{ o.label }}</Button
              >
            </p>
            <details v-if="others.length">
              <summary class="small">Rather another</summary>
              <ul class="small">
                <li v-for="t in others" :key="t.id">
                  {{ t.how }} <span class="soft">{{ minutes(t.minutes) }}</span>
                  <Button
                    v-for="o in outcomes"
                    :key="o.value"
                    size="small"
                    type="text"
                    @click="fix.answer(t.id, o.value)"
                    >{{ o.label }}</Button
                  >
                </li>
              </ul>
            </details>
          </div>
          <p v-else class="next">
            {{
              result.state === 'told'
                ? 'That is told well enough: mend it, and change nothing else.'
                : 'No test tells any more: mend the likeliest, one change at a time, and look again.'
            }}
          </p>
          <ul v-if="sheet.tried.length" class="small tried" aria-label="What was tried">
            <li v-for="t in sheet.tried" :key="t.test">
              {{ howOf(t.test) }} <b>{{ t.outcome === 'unclear' ? 'cannot tell' : t.outcome }}</b>
              <Button type="text" size="small" @click="fix.takeBack(t.test)">Take it back</Button>
            </li>
          </ul>
          <LikelyCauses :causes="result.causes" />
          <FoundForm v-if="!health.isPhone" :fix="fix" :result="result" />
          <p v-else class="soft small">What it turned out to be is written down at the desk.</p>
        </template>
        <OpenFaults :fix="fix" :can-remove="!health.isPhone" />
        <PastFaults v-if="!health.isPhone" />
      </section>
      <section aria-label="What is known besides" class="besides">
        <h2>What is known besides</h2>
        <p v-if="stated" class="soft" data-testid="fix-facts">Stated of this filament: {{ stated }}.</p>
        <div class="known">
          <OptionSelect
            :model-value="sheet.family"
            label="Filament"
            :options="familyOptions"
            @update:model-value="v => put({ family: v, facts: null, ...unworked })"
          />
          <OptionSelect
            v-if="!health.isPhone"
            :model-value="sheet.printerId"
            label="Printer"
            :options="printerOptions"
            @update:model-value="
              v => put({ printerId: v, ...unworked, printsThere: null, failedThere: null })
            "
          />
          <OptionSelect
            :model-value="sheet.spoolState"
            label="The spool is"
            :options="spoolOptions"
            @update:model-value="v => put({ spoolState: v })"
          />
          <NumberInput
            v-for="n in numbers"
            :key="n.key"
            :model-value="sheet[n.key]"
            :label="n.label"
            :min="n.min"
            :max="n.max"
            nullable
            placeholder="not known"
            @update:model-value="v => put({ [n.key]: v, ...unworked })"
          />
        </div>
      </section>
    </div>
    <a v-if="began" class="jump" href="#fix-answer" @click.prevent="toAnswer">{{ triageWords(result) }}</a>
  </div>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  grid-template-rows: auto 1fr;
  gap: 12px 34px;
  align-items: start;
}
/* On a wide screen the answer stands beside both questions; on a phone between them. */
.answer {
  grid-column: 2;
  grid-row: 1 / span 2;
}
.besides {
  grid-column: 1;
}
h2 {
  font-size: 16px;
  margin: 14px 0 2px;
}
.tiles {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 6px;
  margin-top: 8px;
}
.known {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px 14px;
}
.lead {
  font-size: 18px;
  margin: 10px 0;
}
.next {
  border-left: 3px solid var(--gold);
  padding-left: 14px;
  margin: 12px 0;
}
.next p {
  margin: 4px 0;
}
.how {
  font-size: 17px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.acts :deep(.ant-btn) {
  min-height: 48px;
  min-width: 84px;
}
.tried {
  list-style: none;
  margin: 0;
  padding: 0;
}
/* Only where the answer is out of sight. */
.jump {
  display: none;
}
@media (max-width: 860px) {
  .jump {
    display: block;
    position: sticky;
    bottom: 0;
    margin: 10px -14px 0;
    padding: 12px 14px;
    background: var(--panel);
    border-top: 1px solid var(--rule-strong);
  }
  .both {
    grid-template-columns: minmax(0, 1fr);
  }
  .answer,
  .besides {
    grid-column: 1;
    grid-row: auto;
  }
}
</style>
