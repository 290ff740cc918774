<script setup lang="ts">
import { computed } from 'vue';
import { termPieces } from './glossary';
import TermWord from './TermWord.vue';

/** A text whose words of the trade open what they mean. Not for labels of fields: a press there is the field's. */
const props = defineProps<{ text: string }>();
const pieces = computed(() => termPieces(props.text));
</script>

<template>
  <template v-for="(p, i) in pieces" :key="i"
    ><TermWord v-if="p.word" :word="p.word">{{ p.text }}</TermWord
    ><template v-else>{{ p.text }}</template></template
  >
</template>
