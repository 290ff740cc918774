<script setup lang="ts">
import { computed } from 'vue';
import { useDraft } from '../stores/draft';

const draft = useDraft();
const text = computed(() => ({ saved: 'Saved', waiting: 'Not saved yet', saving: 'Saving…', failed: 'Not saved', conflict: 'Changed elsewhere' })[draft.saveState]);
</script>

<template>
  <div class="state small" role="status">
    <button type="button" class="quiet-button" :disabled="!draft.past.length" title="Undo (Ctrl Z)" @click="draft.undo()">Undo</button>
    <button type="button" class="quiet-button" :disabled="!draft.future.length" title="Redo (Ctrl Shift Z)" @click="draft.redo()">Redo</button>
    <span data-testid="save-state" :class="{ soft: draft.saveState === 'saved', marginal: draft.saveState === 'waiting', out: draft.saveState === 'failed' || draft.saveState === 'conflict' }">{{ text }}</span>
    <button v-if="draft.saveState === 'failed'" type="button" class="quiet-button" :title="draft.saveError" @click="draft.flush()">Try again</button>
  </div>
</template>

<style scoped>.state { display: flex; align-items: center; gap: 2px; white-space: nowrap; }</style>
