<script setup lang="ts">
import type { Trait } from '@hornblende/core/materials';
import { CloseOutlined } from '@ant-design/icons-vue';
import { Button } from '../../ui/kit';

/** What of a search was understood as something that filaments do, and what each of these means in figures. */
defineProps<{ traits: Trait[] }>();
const emit = defineEmits<{ drop: [trait: Trait] }>();
</script>

<template>
  <p class="line" data-testid="traits-found">
    <span v-for="t in traits" :key="t.id">
      <b>{{ t.label }}</b>: {{ t.means }}
      <Button type="text" size="small" :aria-label="`No longer ask for: ${t.label}`" @click="emit('drop', t)"
        ><template #icon><CloseOutlined aria-hidden="true" /></template
      ></Button>
    </span>
  </p>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  margin: 0 0 8px;
  font-size: 14px;
  color: var(--soft);
}
.line b {
  color: var(--ink);
}
</style>
