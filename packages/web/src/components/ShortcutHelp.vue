<script setup lang="ts">
import { Modal } from 'ant-design-vue';
import { shortcuts } from '../composables/useShortcuts';

const open = defineModel<boolean>('open', { required: true });
</script>

<template>
  <Modal v-model:open="open" title="Shortcuts" :footer="null" :width="460">
    <table class="plain">
      <tbody>
        <tr v-for="s in shortcuts" :key="s.keys">
          <td>
            <kbd>{{ s.keys }}</kbd>
          </td>
          <td>{{ s.does }}</td>
        </tr>
      </tbody>
    </table>
  </Modal>
</template>

<style scoped>
kbd {
  font: inherit;
  border: 1px solid var(--rule-strong);
  border-radius: 3px;
  padding: 0 6px;
  white-space: nowrap;
}
td {
  padding: 6px 12px 6px 0;
}
</style>
