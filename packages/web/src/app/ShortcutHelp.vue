<script setup lang="ts">
import { Modal } from '../ui/kit';
import { useReturnFocus } from '../ui/useReturnFocus';
import { shortcuts } from './useShortcuts';

const open = defineModel<boolean>('open', { required: true });
useReturnFocus();
</script>

<template>
  <Modal v-model:open="open" title="Shortcuts" :footer="null" :width="460">
    <dl>
      <template v-for="s in shortcuts" :key="s.does">
        <dt>
          <kbd>{{ s.keys }}</kbd>
        </dt>
        <dd>{{ s.does }}</dd>
      </template>
    </dl>
  </Modal>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 18px;
  margin: 0;
}
dd {
  margin: 0;
}
kbd {
  font: inherit;
  border: 1px solid var(--rule-strong);
  border-radius: 3px;
  padding: 0 6px;
  white-space: nowrap;
}
</style>
