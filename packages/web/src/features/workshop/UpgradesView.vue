<script setup lang="ts">
import { Button, Progress } from '../../ui/kit';
import { useParts } from '../../stores/parts';
import PageState from '../../ui/PageState.vue';
import FirstMachines from './FirstMachines.vue';
import ServiceQuotes from './ServiceQuotes.vue';
import UpgradeOffers from './UpgradeOffers.vue';
import UpgradeWorth from './UpgradeWorth.vue';
import { useUpgrades } from './useUpgrades';

/**
 * What to buy for a printer: what each affordable set of upgrades, or another machine beside it, opens over
 * the parts that are still to decide, against its price.
 */
const stored = useParts();
const {
  printer,
  printerId,
  decidedToo,
  offers,
  machines,
  left,
  parts,
  result,
  worth,
  progress,
  failed,
  cancel,
} = useUpgrades();
</script>

<template>
  <PageState :state="stored.state" what="the parts" @retry="stored.load()">
    <FirstMachines v-if="!printer" :parts="parts" />
    <div v-else class="upgrades">
      <UpgradeOffers
        v-model:left="left"
        v-model:decided-too="decidedToo"
        :printer="printer.id"
        :offers="offers"
        :machines="machines"
        :weighed="parts.length"
        @update:printer="id => (printerId = id)"
      />
      <section class="answer">
        <div v-if="progress !== null" class="busy" role="status">
          Weighing every set…
          <Progress :percent="Math.round(100 * progress)" size="small" aria-label="Weighing" />
          <Button type="text" @click="cancel">Stop</Button>
        </div>
        <p v-if="failed" class="out" role="alert">It could not be worked out: {{ failed }}</p>
        <UpgradeWorth v-if="result" :result="result" :worth="worth" />
      </section>
      <ServiceQuotes :parts="parts" :result="result" />
    </div>
  </PageState>
</template>

<style scoped>
.upgrades {
  display: grid;
  grid-template-columns: 300px minmax(0, 1fr);
  gap: 20px 36px;
}
.busy {
  display: flex;
  gap: 12px;
  align-items: center;
}
.busy :deep(.ant-progress) {
  max-width: 240px;
}
@media (max-width: 1180px) {
  .upgrades {
    grid-template-columns: 260px minmax(0, 1fr);
    gap: 20px;
  }
}
@media (max-width: 760px) {
  .upgrades {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
