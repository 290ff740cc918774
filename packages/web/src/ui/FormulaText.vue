<script setup lang="ts">
import { computed } from 'vue';
import { formulaPieces } from './formula-pieces';

/** A formula with its subscripts low and its powers high. */
const props = defineProps<{ text: string }>();
const pieces = computed(() => formulaPieces(props.text));
const tags = { plain: 'span', sub: 'sub', sup: 'sup' };
</script>

<template>
  <component :is="tags[p.set]" v-for="(p, i) in pieces" :key="i">{{ p.text }}</component>
</template>

<style scoped>
sub,
sup {
  font-size: 0.78em;
  line-height: 0;
}
</style>
