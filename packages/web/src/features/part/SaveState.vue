<script setup lang="ts">
import { RollbackOutlined } from '@ant-design/icons-vue';
import { Button, Tooltip } from '../../ui/kit';
import { computed } from 'vue';
import { useDraft, type SaveState } from './draft';

const draft = useDraft();
const texts: Record<SaveState, string> = {
  saved: 'Saved',
  waiting: 'Not saved yet',
  saving: 'Saving…',
  failed: 'Not saved',
  conflict: 'Changed elsewhere',
};
const tones: Record<SaveState, string> = {
  saved: 'soft',
  waiting: 'marginal',
  saving: 'soft',
  failed: 'out',
  conflict: 'out',
};
const text = computed(() => texts[draft.saveState]);
</script>

<template>
  <div class="state small" role="status">
    <Tooltip title="Undo (Ctrl Z)">
      <Button type="text" :disabled="!draft.canUndo" aria-label="Undo" @click="draft.undo()"
        ><template #icon><RollbackOutlined aria-hidden="true" /></template
      ></Button>
    </Tooltip>
    <Tooltip title="Redo (Ctrl Shift Z)">
      <Button type="text" :disabled="!draft.canRedo" aria-label="Redo" @click="draft.redo()"
        ><template #icon><RollbackOutlined aria-hidden="true" class="again" /></template
      ></Button>
    </Tooltip>
    <span data-testid="save-state" class="words" :class="tones[draft.saveState]">{{ text }}</span>
    <Tooltip v-if="draft.saveState === 'failed'" :title="draft.saveError">
      <Button type="text" size="small" @click="draft.flush()">Try again</Button>
    </Tooltip>
  </div>
</template>

<style scoped>
.state {
  display: flex;
  align-items: center;
  gap: 2px;
  white-space: nowrap;
}
/* The hook of undo the other way round: arrows in a circle look like loading anew. */
.again :deep(svg) {
  transform: scaleX(-1);
}
/* As wide as its longest words, so that the bar does not shift while it saves. */
.words {
  min-width: 7.4em;
}
</style>
