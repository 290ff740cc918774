<script setup lang="ts">
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import Segments from '../../ui/Segments.vue';
import CouponShelf from './CouponShelf.vue';
import FoamBench from './FoamBench.vue';
import HardnessBench from './HardnessBench.vue';
import HingeBench from './HingeBench.vue';
import InfillBench from './InfillBench.vue';
import SoakBench from './SoakBench.vue';
import SpringBench from './SpringBench.vue';

/** What is measured and worked out by hand, whatever part it is for; and the coupons for it. */
const rooms = [
  { value: 'hardness', label: 'Hardness' },
  { value: 'infill', label: 'Softer by infill' },
  { value: 'spring', label: 'Springs and mounts' },
  { value: 'hinge', label: 'Hinges and soft zones' },
  { value: 'foam', label: 'Foam' },
  { value: 'soak', label: 'Soak' },
  { value: 'coupons', label: 'Coupons' },
] as const;
type Room = (typeof rooms)[number]['value'];
const route = useRoute();
const router = useRouter();
/** The tool is part of the address, so that a page may lead to it. */
const room = computed<Room>({
  get: () => rooms.find(r => r.value === route.query.tool)?.value ?? 'hardness',
  set: tool => void router.replace({ query: { tool } }),
});
</script>

<template>
  <div class="bench" data-testid="bench">
    <Segments v-model="room" :options="rooms" label="What is measured" />
    <HardnessBench v-if="room === 'hardness'" />
    <InfillBench v-else-if="room === 'infill'" />
    <SpringBench v-else-if="room === 'spring'" />
    <HingeBench v-else-if="room === 'hinge'" />
    <FoamBench v-else-if="room === 'foam'" />
    <SoakBench v-else-if="room === 'soak'" />
    <CouponShelf v-else />
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  gap: 16px;
  justify-items: start;
}
.bench > :deep(section),
.bench > :deep(.tools) {
  width: 100%;
}
</style>
