<script setup lang="ts">
import { chooserBrief, type ChooserCell, type ChooserNeed, type ChooserPick } from '@hornblende/core/advice';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { useParts } from '../../stores/parts';
import { Button } from '../../ui/kit';
import StatusMark from '../../ui/StatusMark.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useUnits } from '../../ui/useUnits';
import type { ChooserColumn } from './useChooser';

/** Behind an answer of the chooser: the part that stands for it, why, and a part of one's own from it. */
const props = defineProps<{ need: ChooserNeed; cell: ChooserCell; column: ChooserColumn }>();
const parts = useParts();
const router = useRouter();
const { attempt } = useFeedback();
const { say } = useUnits();
const picks = computed((): { pick: ChooserPick; as: string }[] => [
  ...(props.cell.first ? [{ pick: props.cell.first, as: 'First' }] : []),
  ...(props.cell.second ? [{ pick: props.cell.second, as: 'Then' }] : []),
]);
function begin(): Promise<unknown> {
  const { need, column } = props;
  return attempt(async () => {
    const start = { ...need.brief, filledIn: Object.keys(need.brief) };
    const part = await parts.create(chooserBrief(need).name, column.printerId, { start });
    await router.push(`/parts/${part.id}/rank`);
  });
}
</script>

<template>
  <section class="behind" :aria-label="`${need.label}, ${column.name}`" data-testid="chooser-answer">
    <p>
      <b>{{ column.name }}.</b> {{ say(need.means) }}
    </p>
    <ul v-if="picks.length">
      <li v-for="{ pick, as } in picks" :key="pick.material">
        <span class="soft small as">{{ as }}</span>
        <RouterLink :to="`/library/${pick.material}`">{{ pick.name }}</RouterLink>
        <StatusMark :status="pick.status" />
        <span v-if="pick.why">{{ say(pick.why) }}</span>
      </li>
    </ul>
    <template v-else-if="cell.letsIn">
      <p>Nothing here does it. {{ cell.letsIn.name }} is nearest; what would let it in:</p>
      <ul>
        <li v-for="w in cell.letsIn.words" :key="w">{{ say(w) }}</li>
      </ul>
    </template>
    <p v-else>Nothing is there to choose from.</p>
    <Button size="small" @click="begin">Begin a part like this</Button>
  </section>
</template>

<style scoped>
.behind {
  padding: 8px 12px 14px;
}
.behind p {
  margin: 0 0 6px;
}
ul {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  align-items: baseline;
}
.as {
  flex: 0 0 34px;
}
</style>
