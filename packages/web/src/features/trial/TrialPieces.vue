<script setup lang="ts">
import type { Trial } from '@hornblende/core/formats';
import { trialPieces } from '@hornblende/core/trials';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import { api } from '../../api/client';
import { useCouponKinds } from '../../stores/coupon-kinds';
import { useLibrary } from '../../stores/library';
import { useRanking } from '../part/useRanking';
import { saveAs } from '../../ui/save-as';
import { useFeedback } from '../../ui/useFeedback';
import { entrantMark, plateUrl } from './plate-url';

/** What is printed for a trial: the coupons and their files, all of a filament on one plate, a card a filament. */
const props = defineProps<{ trial: Trial }>();
const library = useLibrary();
const { printer } = useRanking();
const { titleOf } = useCouponKinds();
const pieces = computed(() => trialPieces(props.trial));
/** The plate where no printer is chosen, mm. */
const USUAL_PLATE: [number, number] = [220, 220];
const buildMm = computed((): [number, number] => {
  const [x, y] = printer.value?.buildMm ?? USUAL_PLATE;
  return [x, y];
});
const filaments = computed(() =>
  props.trial.entrants.flatMap((e, n) =>
    e.foreign ? [] : [{ ...e, name: library.nameOf(e.material), mark: entrantMark(n) }],
  ),
);
const { attempt } = useFeedback();
/** The mark of the plate that is being made. */
const making = ref('');
async function savePlate(mark: string): Promise<void> {
  making.value = mark;
  await attempt(async () =>
    saveAs(`plate-${mark}.3mf`, await api.file(plateUrl(pieces.value, buildMm.value, mark)), 'model/3mf'),
  );
  making.value = '';
}
const some = (n: number): string => (n === 1 ? '1 piece' : `${n} pieces`);
</script>

<template>
  <section v-if="pieces.length" aria-label="Pieces to print" data-testid="trial-pieces">
    <h3>Pieces to print of each filament</h3>
    <ul>
      <li v-for="p in pieces" :key="p.kind">
        <b>{{ titleOf(p.kind) }}</b>
        <span>{{ some(p.count) }}</span>
        <span class="soft small">for {{ p.criteria.join(', ').toLowerCase() }}</span>
        <Button size="small" type="link" :href="`/api/coupons/${p.kind}.stl`">STL</Button>
        <Button size="small" type="link" :href="`/api/coupons/${p.kind}.3mf`">3MF</Button>
      </li>
    </ul>
    <p class="small soft">
      All of them on one plate of {{ buildMm[0] }} × {{ buildMm[1] }} mm, each with a code of its own, and how
      to print each filament:
    </p>
    <ul>
      <li v-for="f in filaments" :key="f.material">
        <b>{{ f.name }}</b>
        <Button size="small" type="link" :loading="making === f.mark" @click="savePlate(f.mark)"
          >Plate {{ f.mark }} as 3MF</Button
        >
        <RouterLink
          v-if="trial.partId"
          class="small"
          :to="{ path: `/parts/${trial.partId}/card`, query: { material: f.material } }"
          >Print card</RouterLink
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
h3 {
  font-size: 15px;
  margin: 0 0 4px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
  border-top: 1px solid var(--rule);
  padding: 3px 0;
}
p {
  margin: 10px 0 4px;
}
</style>
