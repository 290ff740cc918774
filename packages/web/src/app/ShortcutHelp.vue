<script setup lang="ts">
import { computed, ref } from 'vue';
import { Modal } from '../ui/kit';
import { finds } from '../ui/search-words';
import SearchField from '../ui/SearchField.vue';
import { useReturnFocus } from '../ui/useReturnFocus';
import { shortcuts } from './useShortcuts';

const open = defineModel<boolean>('open', { required: true });
useReturnFocus();
const typed = ref('');
const listed = computed(() => {
  const has = finds(typed.value);
  return has ? shortcuts.filter(s => has(s.does)) : shortcuts;
});
</script>

<template>
  <Modal v-model:open="open" title="Shortcuts" :footer="null" :width="460">
    <SearchField v-model="typed" label="Find a shortcut" placeholder="What it does" class="find" />
    <p v-if="!listed.length" role="status" class="soft">No shortcut does anything like that.</p>
    <dl>
      <template v-for="s in listed" :key="s.does">
        <dt>
          <kbd>{{ s.keys }}</kbd>
        </dt>
        <dd>{{ s.does }}</dd>
      </template>
    </dl>
  </Modal>
</template>

<style scoped>
.find {
  margin-bottom: 14px;
}
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
