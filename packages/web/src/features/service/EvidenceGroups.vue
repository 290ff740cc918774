<script setup lang="ts">
import type { EvidenceGroup } from '@hornblende/core/service';
import { computed, ref } from 'vue';
import { Button } from '../../ui/kit';
import { groupSaid } from './group-said';
import StandBar from './StandBar.vue';

/** All groups in one chart: the share of each that stands, with its interval, on one scale. */
const props = defineProps<{
  groups: readonly EvidenceGroup[];
  nameOf: (key: string) => string;
  picked: string;
}>();
const emit = defineEmits<{ pick: [key: string] }>();
/** Groups of a single part that stands: one line for all of them, until it is opened. */
const single = computed(() => props.groups.filter(g => g.survival.parts === 1 && !g.survival.failures));
const isOpen = ref(false);
const listed = computed(() =>
  isOpen.value || single.value.length < 2
    ? props.groups
    : props.groups.filter(g => !single.value.includes(g)),
);
const folded = computed(() => single.value.map(g => props.nameOf(g.key)).join(', '));
</script>

<template>
  <div class="groups">
    <p class="head soft small" aria-hidden="true">
      <span>still stand, in 100</span>
      <span class="scale"><i>0</i><i>50</i><i>100</i></span>
    </p>
    <ul>
      <li v-for="g in listed" :key="g.key" data-testid="evidence-group">
        <Button
          type="text"
          block
          class="group"
          :class="{ now: g.key === picked }"
          :aria-pressed="g.key === picked"
          @click="emit('pick', g.key)"
        >
          <b>{{ nameOf(g.key) }}</b>
          <StandBar :survival="g.survival" />
          <span class="small said">{{ groupSaid(g) }}</span>
          <span v-if="g.unseen" class="soft small said">{{ g.unseen }} not looked at yet</span>
        </Button>
      </li>
      <li v-if="single.length > 1">
        <Button
          type="text"
          block
          class="group"
          :aria-expanded="isOpen"
          data-testid="single-groups"
          @click="isOpen = !isOpen"
        >
          <b>{{ single.length }} of one part each</b>
          <span class="small said">{{
            isOpen ? 'Fold them.' : `${folded}: none has failed; one part proves next to nothing.`
          }}</span>
        </Button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.head,
.group.group.group {
  display: grid;
  grid-template-columns: minmax(90px, 1fr) minmax(0, 2fr);
  gap: 2px 14px;
  padding: 8px 10px;
}
.head {
  margin: 0;
  padding-block: 0;
  border-left: 3px solid transparent;
}
.scale {
  display: flex;
  justify-content: space-between;
}
.scale i {
  font-style: normal;
  width: 0;
  display: flex;
  justify-content: center;
}
.group.group.group {
  height: auto;
  text-align: left;
  white-space: normal;
  color: var(--ink);
  border: 0;
  border-bottom: 1px solid var(--rule);
  border-left: 3px solid transparent;
  border-radius: 0;
}
.group.group.now {
  border-left-color: var(--gold);
}
.said {
  grid-column: 1 / -1;
}
</style>
