<script setup lang="ts">
import { newReading, type TrialCriterion, type TrialEntrant } from '@hornblende/core/formats';
import { colourByWords } from '@hornblende/core/materials';
import type { BreakManner } from '@hornblende/core/trials';
import { computed } from 'vue';
import { useLibrary } from '../../stores/library';
import { useShelf } from '../../stores/shelf';
import BendBar from './aids/BendBar.vue';
import FallStairs from './aids/FallStairs.vue';
import LeverBar from './aids/LeverBar.vue';
import LooksRound from './aids/LooksRound.vue';
import SagLog from './aids/SagLog.vue';
import type { LiveTrial } from './useTrial';

/** What helps to read a criterion that no instrument reads by itself; nothing for the others. */
const props = defineProps<{ live: LiveTrial; entrant: TrialEntrant; criterion: TrialCriterion }>();
const emit = defineEmits<{ take: [value: number, note: string, broke: BreakManner | null] }>();
const library = useLibrary();
const shelf = useShelf();
const trial = computed(() => props.live.trial.value!);
/** What a sheet is kept under: one for each cell. */
const kept = computed(() => `${props.live.id.value}-${props.entrant.material}`);
const family = computed(() => library.find(props.entrant.material) ?? null);
const colour = computed(() => {
  const spool = shelf.rows.find(r => r.id === props.entrant.spoolId)?.spool;
  return spool ? colourByWords(spool.colour) : null;
});
const running = computed(() => trial.value.entrants.filter(e => e.eliminated === null).map(e => e.material));
function takeAll(places: Record<string, number[]>, note: string): void {
  const now = Date.now();
  props.live.takeAll(
    new Map(
      Object.entries(places).map(([material, values]) => [
        material,
        values.map((value, person) =>
          newReading({
            criterion: props.criterion.id,
            value,
            // A reading is known by its time: two people may give the same place.
            at: new Date(now + person).toISOString(),
            instrument: 'By eye',
            note,
          }),
        ),
      ]),
    ),
  );
}
</script>

<template>
  <FallStairs
    v-if="criterion.id === 'drop'"
    :key="kept"
    :kept="kept"
    @take="(v, note) => emit('take', v, note, null)"
  />
  <LeverBar v-else-if="criterion.id === 'stress'" @take="(v, note, broke) => emit('take', v, note, broke)" />
  <BendBar v-else-if="criterion.id === 'bend'" @take="(v, note) => emit('take', v, note, null)" />
  <SagLog
    v-else-if="criterion.id === 'sag'"
    :key="kept"
    :kept="kept"
    :family="family"
    :colour="colour"
    @take="(v, note) => emit('take', v, note, null)"
  />
  <LooksRound
    v-else-if="criterion.id === 'finish'"
    :kept="live.id.value ?? ''"
    :materials="running"
    :seed="trial.seed"
    :name-of="live.nameOf"
    @take-all="takeAll"
  />
</template>
