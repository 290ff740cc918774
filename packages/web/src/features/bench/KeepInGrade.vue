<script setup lang="ts">
import type { Grade } from '@hornblende/core/formats';
import { Button } from '../../ui/kit';
import { computed, onMounted, ref } from 'vue';
import { useLibrary } from '../../stores/library';
import OptionSelect from '../../ui/OptionSelect.vue';
import { useFeedback } from '../../ui/useFeedback';

/** Keeps what a bench found in a grade of the library, with a way back. */
const props = defineProps<{
  /** A grade with what was found in it; null where nothing is to be kept yet. */
  learn: (grade: Grade) => Grade | null;
  /** What it has then: "its measured hardness". */
  what: string;
  disabled?: boolean;
  /** Why it cannot be kept yet. */
  hint?: string;
}>();
const library = useLibrary();
const { attempt, offerUndo } = useFeedback();
const grades = computed(() =>
  [...library.grades.values()]
    .filter(g => !g.grade.archived)
    .map(g => ({ value: g.grade.key, label: g.grade.name })),
);
const key = ref('');
onMounted(() => void attempt(() => library.load()));
async function keep(): Promise<void> {
  const stored = library.grades.get(key.value);
  const grade = stored && props.learn(stored.grade);
  if (!stored || !grade) return;
  await attempt(async () => {
    const saved = await library.save(grade, stored.revision);
    offerUndo(`${grade.name} has ${props.what}.`, () => library.save(stored.grade, saved.revision));
  });
}
</script>

<template>
  <div v-if="grades.length" class="keep">
    <OptionSelect v-model="key" label="Keep it in a grade" :options="grades" />
    <Button :disabled="!key || disabled" @click="keep">Keep it as measured</Button>
    <span v-if="hint" class="soft small">{{ hint }}</span>
  </div>
</template>

<style scoped>
.keep {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: end;
}
</style>
