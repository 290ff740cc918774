<script setup lang="ts">
import { traitsOf, type Family } from '@hornblende/core/materials';
import { useSessionStorage } from '@vueuse/core';
import { computed } from 'vue';

/** What a filament does, in words, each of which finds the others that do the same. */
const { family } = defineProps<{ family: Family }>();
const traits = computed(() => traitsOf(family));
const search = useSessionStorage('hornblende-library-search', '');
</script>

<template>
  <p v-if="traits.length" class="small" data-testid="what-it-does">
    What it does:
    <template v-for="(t, i) in traits" :key="t.id"
      >{{ i ? ' · ' : ''
      }}<RouterLink to="/library" :title="t.means" @click="search = t.label.toLowerCase()">{{
        t.label.toLowerCase()
      }}</RouterLink></template
    >
  </p>
</template>
