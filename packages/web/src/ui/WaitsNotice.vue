<script setup lang="ts">
import { useWorkshop } from '../stores/workshop';

/** Says that settings or prices wait here to be saved. */
const workshop = useWorkshop();
</script>

<template>
  <p v-if="workshop.isAway" class="notice small" role="status" data-testid="settings-wait">
    The workshop cannot be reached: what you changed is kept in this browser and saved when it is back.
  </p>
</template>
