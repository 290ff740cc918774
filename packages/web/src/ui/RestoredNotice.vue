<script setup lang="ts">
import { Button } from './kit';
import type { KeptForm } from './useKeptForm';

/** Says that what stands in a form was typed before the page went away, and lets one begin anew. */
defineProps<{ kept: Pick<KeptForm<object>, 'restored' | 'discard'> }>();
</script>

<template>
  <p v-if="kept.restored.value" class="notice small" role="status" data-testid="form-restored">
    What you typed before is here again; it was not saved.
    <Button size="small" type="text" @click="kept.discard()">Begin anew</Button>
  </p>
</template>
