<script setup lang="ts">
import { SearchOutlined } from '@ant-design/icons-vue';
import { Input } from './kit';

/** A field that finds. */
const model = defineModel<string>({ required: true });
defineProps<{ label: string; placeholder?: string }>();
</script>

<template>
  <Input
    v-model:value="model"
    class="search-field"
    type="search"
    allow-clear
    :placeholder="placeholder ?? label"
    :aria-label="label"
    ><template #prefix><SearchOutlined aria-hidden="true" /></template
  ></Input>
</template>

<style scoped>
.search-field {
  width: 250px;
  max-width: 100%;
}
</style>
