<script setup lang="ts">
import { doors, pieceStates } from '@hornblende/core/formats';
import { breakingsOf, liftByDoor, type LiftByDoor } from '@hornblende/core/trials';
import { computed } from 'vue';
import PlainTable from '../../ui/PlainTable.vue';
import WorkingNumber from '../../ui/WorkingNumber.vue';
import { useMoney } from '../../ui/useMoney';
import { useWorking } from '../../stores/working';
import { doorWords, stateWords } from './answer-words';
import type { LiveTrial } from './useTrial';

/**
 * What a trial tells besides its ranking: what comes from elsewhere, hours to the first movement brought to the part’s
 * wall, how pieces gave way, and how corners lifted by how the door stood.
 */
const props = defineProps<{ live: LiveTrial }>();
const money = useMoney();
const working = useWorking();
const trial = computed(() => props.live.asked.value!);
const foreign = computed(() => props.live.inRanking.value?.foreign ?? []);
const moved = computed(() => props.live.inRanking.value?.moved ?? []);
const broke = computed(() => breakingsOf(trial.value));
const lifts = computed(() => liftByDoor(trial.value));
const columns = [{ title: 'Filament', width: '22%' }, ...doors.map(d => ({ title: doorWords[d] }))];
const cellsOf = (lift: LiftByDoor, door: (typeof doors)[number]): LiftByDoor['cells'] =>
  pieceStates.flatMap(state => lift.cells.filter(c => c.door === door && c.state === state));
/** Whether all were tried under the same doors: else one was given an easier life than another. */
const sameDoors = computed(
  () => new Set(lifts.value.map(l => [...new Set(l.cells.map(c => c.door))].sort().join())).size < 2,
);
const most = computed(() => Math.max(0.1, ...lifts.value.flatMap(l => l.cells.map(c => c.meanMm))));
function open(material: string): void {
  const found = moved.value.find(m => m.material === material);
  if (found)
    working.show({
      title: 'Hours to the first movement',
      refs: [{ model: 'trial.movement', inputs: { ...found.input } }],
    });
}
</script>

<template>
  <section v-if="foreign.length" aria-label="From elsewhere" data-testid="trial-foreign">
    <h2>From elsewhere</h2>
    <p class="small soft">
      The models know nothing of these: they stand by their price, by what they ask, and by what was read.
    </p>
    <ul>
      <li v-for="f in foreign" :key="f.material">
        <b>{{ f.name }}</b>, {{ f.priceEach === null ? 'price not known' : `${money(f.priceEach)} each` }}.
        <template v-if="f.needs">It asks {{ f.needs }}.</template>
        <span class="small soft">{{ f.read }} of {{ f.of }} things are read of it.</span>
        <span v-if="f.broken.length" class="out small"> ○ {{ f.broken.join('; ') }}</span>
      </li>
    </ul>
  </section>
  <section v-if="moved.length" aria-label="Hours to the first movement" data-testid="trial-moved">
    <h2>Hours to the first movement, for the part’s own wall</h2>
    <ul>
      <li v-for="m in moved" :key="m.material">
        <b>{{ live.nameOf(m.material) }}</b>:
        <WorkingNumber @click="open(m.material)">{{ m.words }}</WorkingNumber>
        <span v-if="m.tooShort" class="out small"> ○ too soon</span>
      </li>
    </ul>
  </section>
  <section v-if="broke.length" aria-label="How the pieces gave way" data-testid="trial-broke">
    <h2>How the pieces gave way</h2>
    <ul>
      <li v-for="b in broke" :key="b.material">
        <b>{{ live.nameOf(b.material) }}</b>: {{ b.words }}.
      </li>
    </ul>
  </section>
  <section v-if="lifts.length" aria-label="How corners lifted" data-testid="trial-lifts">
    <h2>How corners lifted, by the printer’s door</h2>
    <p v-if="!sameDoors" class="small marginal" data-testid="lifts-differ">
      ◐ They were not all tried under the same doors: compare them within a column, not by their means.
    </p>
    <PlainTable :columns="columns">
      <tr v-for="l in lifts" :key="l.material">
        <td>{{ live.nameOf(l.material) }}</td>
        <td v-for="d in doors" :key="d">
          <span v-if="!cellsOf(l, d).length" class="soft small">not tried</span>
          <div v-for="c in cellsOf(l, d)" :key="c.state" class="lift">
            <i aria-hidden="true" :style="{ width: `${(100 * c.meanMm) / most}%` }" />
            <span
              >{{ c.meanMm.toFixed(2) }} mm
              <span class="soft small">{{ stateWords[c.state] }}, {{ c.readings }} read</span></span
            >
            <b v-if="l.best === d && c.state === 'released'" class="fits small">● least</b>
          </div>
        </td>
      </tr>
    </PlainTable>
  </section>
</template>

<style scoped>
h2 {
  margin: 22px 0 4px;
}
p {
  margin: 0;
}
ul {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
}
li {
  border-top: 1px solid var(--rule);
  padding: 4px 0;
}
.lift {
  display: grid;
}
.lift i {
  display: block;
  height: 4px;
  background: var(--info);
  border-radius: 2px;
  min-width: 2px;
}
</style>
