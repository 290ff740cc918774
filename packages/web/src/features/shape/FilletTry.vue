<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import type { Family } from '@hornblende/core/materials';
import type { Xyz } from '@hornblende/core/geometry';
import { computed, ref } from 'vue';
import { Button, Progress } from '../../ui/kit';
import QuantityInput from '../../ui/QuantityInput.vue';
import { useUnits } from '../../ui/useUnits';
import { reserveOf, useLoadsJudged } from './useLoadsJudged';
import type { FilletTry } from './useFilletTry';

/** What a radius would do in the inner corner at which a load is hardest on the part. */
const props = defineProps<{
  fillets: FilletTry;
  /** Whether the part itself is being worked out just now. */
  busy: boolean;
  family: Family;
  /** Which load it is, and how much of what it asks the filament carries as the part is. */
  load: number;
  reserve: number;
  /** Where the inner corner is, in the axes of the file. */
  at: Xyz;
}>();
const { show } = useUnits();
const radiusMm = ref<number | null>(3);
const judged = useLoadsJudged(
  () => props.family,
  () => (props.fillets.tried.value?.load === props.load ? props.fillets.tried.value.brief : null),
);
const then = computed(() => reserveOf(judged.value?.loads[props.load]));
function tryIt(): void {
  if (radiusMm.value !== null)
    props.fillets.attempt(props.load, { atMm: [...props.at], radiusMm: radiusMm.value });
}
</script>

<template>
  <div class="fillet">
    <p>An inner corner lies there, where stress gathers. A radius would help:</p>
    <div class="row">
      <QuantityInput
        v-model="radiusMm"
        label="Radius in that corner"
        dimension="length"
        :min="0.1"
        :max="100"
        :fallback="3"
      />
      <Button
        size="small"
        :disabled="fillets.trying.value !== null || busy || radiusMm === null"
        @click="tryIt"
        >Try it</Button
      >
    </div>
    <p v-if="fillets.trying.value !== null" class="row small" role="status">
      Working it out with the corner filled…
      <Progress
        class="bar"
        :percent="Math.round(100 * fillets.trying.value)"
        size="small"
        aria-label="Trying a radius"
      />
      <Button type="text" size="small" @click="fillets.cancel">Stop</Button>
    </p>
    <template v-if="fillets.tried.value && then !== null">
      <p data-testid="fillet-answer">
        With a radius of {{ show(fillets.tried.value.fillet.radiusMm, 'length') }} there
        {{ family.name }} would carry {{ sig(then, 2) }} times what is asked, safety included, instead of
        {{ sig(reserve, 2) }} times: worked out again with the corner filled.
      </p>
      <Button type="primary" size="small" @click="fillets.take">Count the radius</Button>
    </template>
  </div>
</template>

<style scoped>
.fillet {
  margin: 6px 0 10px;
  padding-left: 12px;
  border-left: 2px solid var(--rule);
}
.fillet p {
  margin: 0 0 6px;
}
.row {
  display: flex;
  gap: 12px;
  align-items: end;
  flex-wrap: wrap;
}
.row.small {
  align-items: center;
}
.bar {
  flex: 1;
  min-width: 80px;
  max-width: 220px;
}
</style>
