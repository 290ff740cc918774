<script setup lang="ts">
import type { LayChoice, LayVerdict } from '@hornblende/core/advice';
import { computed } from 'vue';
import StatusMark from '../../ui/StatusMark.vue';

/** What would be chosen for each way to lay the part: where another lay lets an easier filament in. */
const props = defineProps<{
  choices: readonly LayChoice[];
  verdicts: readonly LayVerdict[];
  easier: LayChoice | null;
}>();
const rows = computed(() =>
  props.verdicts.flatMap(v => {
    const choice = props.choices.find(c => c.index === v.index);
    return choice ? [{ v, choice }] : [];
  }),
);
const now = computed(() => rows.value.find(r => r.v.current)?.choice.first ?? null);
const same = computed(() => new Set(rows.value.map(r => r.choice.first?.material ?? '')).size <= 1);
const easierRank = computed(() => props.verdicts.find(v => v.index === props.easier?.index)?.rank ?? null);
</script>

<template>
  <div data-testid="lay-by-filament">
    <p v-if="easier?.first" class="lead">
      Laid as way {{ easierRank }}, <b>{{ easier.first.name }}</b> would do, which is easier to print
      <template v-if="now"> than {{ now.name }}</template
      >.
    </p>
    <p v-else-if="same" class="soft">
      However it lies, the same filament comes first<template v-if="now">: {{ now.name }}</template
      >.
    </p>
    <p v-else class="soft">No way to lay it lets an easier filament in.</p>
    <ul v-if="!same" class="small">
      <li v-for="{ v, choice } in rows" :key="v.index">
        <span class="way">{{ v.rank === 1 ? 'Best' : `Way ${v.rank}` }}</span>
        <template v-if="choice.first">
          {{ choice.first.name }} <StatusMark :status="choice.first.status" />
          <span class="soft">{{ choice.running }} in the running</span>
        </template>
        <span v-else class="out">nothing passes</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
p {
  margin: 0 0 6px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  border-top: 1px solid var(--rule);
  padding: 4px 0;
}
.way {
  flex: 0 0 60px;
  color: var(--soft);
}
</style>
