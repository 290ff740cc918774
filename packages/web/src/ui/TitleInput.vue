<script setup lang="ts">
import { Textarea } from './kit';
import { computed, ref, watch } from 'vue';

/** A heading that can be typed over. It wraps rather than hide its end. Emptied, it says so, and changes nothing. */
const model = defineModel<string>({ required: true });
const props = defineProps<{ label: string; thing: string }>();
const text = ref(model.value);
watch(model, now => {
  if (now !== text.value.trim()) text.value = now;
});
const problem = computed(() =>
  text.value.trim() ? '' : `${props.thing} needs a name: it stays “${model.value}” until it has another.`,
);
function read(typed: string): void {
  text.value = typed;
  if (typed.trim()) model.value = typed;
}
function leave(): void {
  if (problem.value) text.value = model.value;
}
</script>

<template>
  <div class="title">
    <Textarea
      :value="text"
      class="title-input"
      :bordered="false"
      :aria-label="label"
      :aria-invalid="problem !== ''"
      :maxlength="120"
      :auto-size="{ minRows: 1, maxRows: 3 }"
      @update:value="read"
      @blur="leave"
      @keydown.enter.prevent
    />
    <span class="out small" role="status">{{ problem }}</span>
  </div>
</template>

<style scoped>
.title {
  flex: 1 1 340px;
  display: grid;
}
.title-input {
  font-size: 24px;
  font-weight: 700;
  line-height: 1.25;
  padding: 0;
  border-bottom: 1px solid transparent;
  border-radius: 0;
}
.title-input:hover,
.title-input:focus {
  border-bottom-color: var(--rule-strong);
}
</style>
