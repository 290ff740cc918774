<script setup lang="ts">
import { chooserNeeds, type ChooserPick } from '@hornblende/core/advice';
import { computed, onMounted } from 'vue';
import { useChooser } from './useChooser';

/** What a family is reached for first in this workshop, and what second: a line of its card. */
const props = defineProps<{ family: string }>();
const { rows, cellsOf, load } = useChooser();
onMounted(() => {
  if (!rows.value) void load().catch(() => undefined);
});
const isIt = (pick: ChooserPick | null): boolean => pick?.family === props.family;
/** The needs of which a cell has it there, as one reads them in a sentence. */
function needsWith(place: 'first' | 'second'): string[] {
  return (rows.value ?? [])
    .filter(row => cellsOf(row).some(cell => isIt(cell[place])))
    .map(row => row.need)
    .flatMap(id => chooserNeeds.find(n => n.id === id)?.label.toLowerCase() ?? []);
}
const first = computed(() => needsWith('first'));
const second = computed(() => needsWith('second').filter(n => !first.value.includes(n)));
</script>

<template>
  <p v-if="first.length || second.length" class="small" data-testid="comes-first">
    <template v-if="first.length">Comes first here for: {{ first.join('; ') }}. </template>
    <template v-if="second.length">Second for: {{ second.join('; ') }}. </template>
    <RouterLink to="/chooser">What to reach for</RouterLink>
  </p>
</template>
