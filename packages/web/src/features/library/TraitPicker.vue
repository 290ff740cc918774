<script setup lang="ts">
import { traits, type Trait } from '@hornblende/core/materials';
import { Button, Checkbox, Popover } from '../../ui/kit';

/** Picks from everything that filaments are known to do, with how each is decided. */
defineProps<{ found: Trait[] }>();
const emit = defineEmits<{ toggle: [trait: Trait] }>();
</script>

<template>
  <Popover trigger="click" placement="bottomLeft">
    <Button type="text">What it does{{ found.length ? ` (${found.length})` : '' }}</Button>
    <template #content>
      <ul class="traits" aria-label="What filaments do">
        <li v-for="t in traits" :key="t.id">
          <Checkbox :checked="found.includes(t)" @update:checked="emit('toggle', t)">{{ t.label }}</Checkbox>
          <span class="soft small">{{ t.means }}</span>
        </li>
      </ul>
    </template>
  </Popover>
</template>

<style scoped>
.traits {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  width: min(820px, 84vw);
  max-height: 60vh;
  overflow: auto;
  gap: 8px 18px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.traits span {
  display: block;
  padding-left: 24px;
}
</style>
