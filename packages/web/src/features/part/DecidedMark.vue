<script setup lang="ts">
import type { Candidate } from '@hornblende/core/score';
import { Button } from '../../ui/kit';
import { computed, watch } from 'vue';
import { useLatestDecisions } from '../../stores/latest-decisions';
import { useLibrary } from '../../stores/library';
import { dayText } from '../../ui/day-text';

/** Where a part stands with its decision: what was decided and when, whether it would be so today, and what is next. */
const props = defineProps<{ partId: string; first: Candidate | null }>();
const decisions = useLatestDecisions();
const library = useLibrary();
watch(
  () => props.partId,
  id => void decisions.load(id),
  { immediate: true },
);
const decided = computed(() => decisions.of(props.partId));
/** What comes first today, where it is of another family: another grade of the same is no difference. */
const now = computed(() => {
  if (!decided.value || !props.first) return null;
  return library.familyKeyOf(decided.value.firstChoice) === props.first.family ? null : props.first.name;
});
const words = computed(() =>
  decided.value
    ? `Decided: ${library.nameOf(decided.value.firstChoice)}, ${dayText(decided.value.decidedAt)}` +
      (now.value === null ? '' : `; today ${now.value} comes first`)
    : '',
);
const next = computed(() => {
  if (!decided.value) return { to: 'decision', label: 'Record the decision', isMain: true };
  return now.value === null
    ? { to: 'card', label: 'Print it', isMain: false }
    : { to: 'decision', label: 'Decide again', isMain: true };
});
</script>

<template>
  <div class="decided">
    <span v-if="decided" class="words" :class="{ marginal: now }" :title="words" data-testid="decided-mark">{{
      words
    }}</span>
    <RouterLink v-slot="{ href, navigate }" custom :to="`/parts/${partId}/${next.to}`">
      <Button :type="next.isMain ? 'primary' : 'default'" class="record" :href="href" @click="navigate">{{
        next.label
      }}</Button>
    </RouterLink>
  </div>
</template>

<style scoped>
.decided {
  display: flex;
  gap: 4px 12px;
  align-items: center;
}
/* Two short lines at most: the bar keeps its height. */
.words {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  max-width: 190px;
  overflow: hidden;
  font-size: 13px;
  line-height: 1.25;
}
</style>
