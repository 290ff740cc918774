<script setup lang="ts">
import { computed } from 'vue';
import { useDraft } from '../stores/draft';

const draft = useDraft();
const text = computed(
  () =>
    ({
      saved: 'Saved',
      waiting: 'Not saved yet',
      saving: 'Saving…',
      failed: 'Not saved',
      conflict: 'Changed elsewhere',
    })[draft.saveState],
);
</script>

<template>
  <div class="state small" role="status">
    <button
      type="button"
      class="quiet-button"
      :disabled="!draft.past.length"
      title="Undo (Ctrl Z)"
      aria-label="Undo"
      @click="draft.undo()"
    >
      <svg
        viewBox="0 0 20 20"
        width="17"
        height="17"
        aria-hidden="true"
        fill="none"
        stroke="currentColor"
        stroke-width="1.7"
      >
        <path d="M4 8h8.5a4 4 0 0 1 0 8H7M4 8l4-4M4 8l4 4" />
      </svg>
    </button>
    <button
      type="button"
      class="quiet-button"
      :disabled="!draft.future.length"
      title="Redo (Ctrl Shift Z)"
      aria-label="Redo"
      @click="draft.redo()"
    >
      <svg
        viewBox="0 0 20 20"
        width="17"
        height="17"
        aria-hidden="true"
        fill="none"
        stroke="currentColor"
        stroke-width="1.7"
      >
        <path d="M16 8H7.5a4 4 0 0 0 0 8H13M16 8l-4-4M16 8l-4 4" />
      </svg>
    </button>
    <span
      data-testid="save-state"
      :class="{
        soft: draft.saveState === 'saved',
        marginal: draft.saveState === 'waiting',
        out: draft.saveState === 'failed' || draft.saveState === 'conflict',
      }"
      >{{ text }}</span
    >
    <button
      v-if="draft.saveState === 'failed'"
      type="button"
      class="quiet-button"
      :title="draft.saveError"
      @click="draft.flush()"
    >
      Try again
    </button>
  </div>
</template>

<style scoped>
.state {
  display: flex;
  align-items: center;
  gap: 2px;
  white-space: nowrap;
}
</style>
