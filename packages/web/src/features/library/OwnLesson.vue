<script setup lang="ts">
import { familyLesson } from '@hornblende/core/service';
import { computed, onMounted } from 'vue';
import { useLibrary } from '../../stores/library';
import { useService } from '../../stores/service';

/** What own parts have taught of a family, in a line of its card; nothing where there are none. */
const props = defineProps<{ family: string }>();
const service = useService();
const library = useLibrary();
onMounted(() => {
  if (service.state !== 'ready') void service.load().catch(() => undefined);
});
const lesson = computed(() => familyLesson(service.placed, props.family, library.familyKeyOf));
</script>

<template>
  <p v-if="lesson" class="small shelf" data-testid="own-lesson">
    Out there: <RouterLink to="/service">{{ lesson }}</RouterLink>
  </p>
</template>
