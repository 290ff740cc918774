<script setup lang="ts">
import { trialLooksModel, TrialLooksInput } from '@hornblende/core/trials';
import { Button } from '../../../ui/kit';
import { computed } from 'vue';
import { useWorking } from '../../../stores/working';
import TextField from '../../../ui/TextField.vue';
import WorkingNumber from '../../../ui/WorkingNumber.vue';
import { useBenchSheet } from '../../bench/useBenchSheet';
import { blindLetters, placesByOrder } from './blind';

/** Looks judged by several people, who see letters and not names: who agrees with whom, and the order of all. */
const props = defineProps<{
  kept: string;
  materials: readonly string[];
  seed: number;
  nameOf: (m: string) => string;
}>();
const emit = defineEmits<{ takeAll: [places: Record<string, number[]>, note: string] }>();
const working = useWorking();
interface Person {
  name: string;
  order: string;
}
const { sheet, put } = useBenchSheet(`looks-${props.kept}`, {
  people: [{ name: '', order: '' }] as Person[],
  shown: false,
});
const letters = computed(() => blindLetters(props.materials, props.seed));
const all = computed(() => [...letters.value.keys()]);
const problems = computed(() =>
  sheet.value.people.map(p => {
    const read = placesByOrder(p.order, all.value);
    return p.order.trim() && typeof read === 'string' ? read : '';
  }),
);
const placed = computed(() =>
  sheet.value.people.flatMap(p => {
    const read = placesByOrder(p.order, all.value);
    return typeof read === 'string' ? [] : [{ name: p.name.trim(), places: read }];
  }),
);
const places = computed<Record<string, number[]>>(() =>
  Object.fromEntries(
    [...letters.value].map(([letter, material]) => [material, placed.value.map(p => p.places.get(letter)!)]),
  ),
);
const input = computed(() => Object.assign(new TrialLooksInput(), { places: places.value }));
const answer = computed(() => (placed.value.length ? trialLooksModel.compute(input.value) : null));
const letterOf = (material: string): string => [...letters.value].find(([, m]) => m === material)?.[0] ?? '';
const order = computed(() =>
  (answer.value?.result.standings ?? [])
    .map(s => (sheet.value.shown ? props.nameOf(s.key) : letterOf(s.key)))
    .join(', '),
);
function change(n: number, part: Partial<Person>): void {
  const people = sheet.value.people.map((p, i) => (i === n ? { ...p, ...part } : p));
  put({ people });
}
function take(): void {
  if (!answer.value) return;
  const names = placed.value.map((p, n) => p.name || `person ${n + 1}`).join(', ');
  emit(
    'takeAll',
    places.value,
    `Ranked blind by ${names}; agreement W ${answer.value.result.agreement.toFixed(2)}`,
  );
  put({ people: [{ name: '', order: '' }], shown: false });
}
function open(): void {
  working.show({ title: 'Looks', refs: [{ model: 'trial.looks', inputs: { ...input.value } }] });
}
</script>

<template>
  <div class="aid" data-testid="looks-round">
    <p class="small soft">
      Somebody marks the pieces {{ all.join(', ') }} underneath as the key says; everybody else sees the
      letters only, and says the best first. “A = B” ties.
    </p>
    <p>
      <Button size="small" :aria-expanded="sheet.shown" @click="put({ shown: !sheet.shown })">{{
        sheet.shown ? 'Hide the key' : 'Show the key'
      }}</Button>
      <span v-if="sheet.shown" class="small" data-testid="looks-key">
        <template v-for="[letter, material] in letters" :key="letter">
          {{ letter }} {{ nameOf(material) }}.
        </template>
      </span>
    </p>
    <div v-for="(p, n) in sheet.people" :key="n" class="row people">
      <TextField
        :model-value="p.name"
        :label="`Person ${n + 1}`"
        :maxlength="40"
        @update:model-value="v => change(n, { name: v })"
      />
      <TextField
        :model-value="p.order"
        :label="`Order of person ${n + 1}`"
        :placeholder="all.join(' ')"
        :maxlength="200"
        :problem="problems[n]"
        @update:model-value="v => change(n, { order: v })"
      />
    </div>
    <p>
      <Button size="small" @click="put({ people: [...sheet.people, { name: '', order: '' }] })"
        >One more person</Button
      >
    </p>
    <template v-if="answer">
      <p data-testid="looks-answer">
        {{ order }}.
        <template v-if="answer.result.people > 1"
          >They agree by
          <WorkingNumber @click="open">W = {{ answer.result.agreement.toFixed(2) }}</WorkingNumber
          >.</template
        >
        <Button type="primary" size="small" @click="take">Take the places as readings</Button>
      </p>
      <p v-for="w in answer.warnings" :key="w" class="small marginal">◐ {{ w }}</p>
    </template>
  </div>
</template>

<style scoped src="./aid.css"></style>
