<script setup lang="ts">
import { computed, onMounted } from 'vue';
import { useService } from '../../stores/service';

/** What is due out there, in a line over the parts; nothing where nothing is. */
const service = useService();
onMounted(() => void service.load().catch(() => undefined));
/** Days ahead that count as this week. */
const WEEK = 7;
const soon = computed(
  () => service.list.filter(p => p.due && p.due.inDays >= 0 && p.due.inDays <= WEEK).length,
);
const words = computed(() => {
  const late = service.overdue.length;
  const said = [
    ...(late
      ? [`${late} ${late === 1 ? 'part' : 'parts'} out there ${late === 1 ? 'is' : 'are'} overdue`]
      : []),
    ...(soon.value ? [`${soon.value} to look at this week`] : []),
  ];
  return said.join(', ');
});
</script>

<template>
  <p v-if="words" class="due" data-testid="due-notice">
    <span :class="service.overdue.length ? 'out' : 'marginal'">{{ service.overdue.length ? '○' : '◐' }}</span>
    <RouterLink to="/service">{{ words }}</RouterLink>
  </p>
</template>

<style scoped>
.due {
  display: flex;
  gap: 8px;
  margin: 0 0 10px;
}
</style>
