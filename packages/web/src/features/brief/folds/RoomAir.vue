<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import { roomAirOf } from '@hornblende/core/score';
import { computed } from 'vue';
import NumberInput from '../../../ui/NumberInput.vue';
import SentenceSelect from '../../../ui/SentenceSelect.vue';
import { useDraft } from '../../part/draft';
import { useRanking } from '../../part/useRanking';
import { words } from '../words';

/** Who is in the room while it prints, and what the filaments in the running put into it. */
const draft = useDraft();
const { ranking, candidates, printer } = useRanking();
const b = computed(() => draft.brief!);
/** How many are told of, the first choice first. */
const MOST_TOLD = 4;
const told = computed(() => {
  const at = { brief: b.value, printer: printer.value };
  const order = ranking.value?.candidates.filter(c => c.rank !== null).slice(0, MOST_TOLD) ?? [];
  return order.flatMap(c => {
    const family = candidates.value.find(f => f.key === c.material);
    if (!family) return [];
    const air = roomAirOf(at, family);
    if (!air) return [`${c.name}: next to nothing`];
    const beside =
      air.share === null
        ? 'no reference value is settled'
        : `${sig(air.share, 2)} of the reference value over the day`;
    return [`${c.name}: ${sig(air.concentrationUgM3, 2)} µg/m³ of ${air.vapour.name}, ${beside}`];
  });
});
</script>

<template>
  <p>
    While it prints,
    <SentenceSelect
      :model-value="b.room.who ?? 'unsaid'"
      label="Who is in the room"
      :options="words.roomPeople"
      @update:model-value="v => draft.set('room.who', v === 'unsaid' ? null : v)"
    /><template v-if="b.room.who !== null && b.room.who !== 'nobody'"
      >; fumes
      <SentenceSelect
        :model-value="b.room.fumes"
        label="How fumes count"
        :options="words.fumesSchool"
        @update:model-value="v => draft.set('room.fumes', v)" /></template
    >.
  </p>
  <div v-if="b.room.who !== null && b.room.who !== 'nobody'" class="field-row">
    <NumberInput
      label="Hours a day that somebody is there"
      :fallback="8"
      :min="0.1"
      :max="24"
      :model-value="b.room.hoursADay"
      @update:model-value="v => draft.set('room.hoursADay', v)"
    />
  </div>
  <ul class="small" data-testid="room-air">
    <li v-for="line in told" :key="line">{{ line }}</li>
  </ul>
  <p class="notice small">
    The room and its air are told on the printer’s page. Rates of vapours range tenfold: this compares rooms
    and filaments; local rules and a ventilation engineer decide.
  </p>
</template>
