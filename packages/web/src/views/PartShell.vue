<script setup lang="ts">
import { message } from 'ant-design-vue';
import { watch } from 'vue';
import ConflictDialog from '../components/ConflictDialog.vue';
import VerdictBar from '../components/VerdictBar.vue';
import { useAutosave } from '../composables/useAutosave';
import { useRanking } from '../composables/useRanking';
import { useDraft } from '../stores/draft';
import { useWeathers } from '../stores/weathers';

const props = defineProps<{ id: string }>();
const draft = useDraft();
const weathers = useWeathers();
const { ranking, first, second } = useRanking();
watch(
  () => props.id,
  id => {
    void draft.open(id);
  },
  { immediate: true },
);
watch(
  () => draft.content?.weatherId,
  id => {
    if (id) void weathers.ensure(id);
  },
  { immediate: true },
);
useAutosave(() => {
  void message.info('Another tab saved this part; this one now shows it.');
});
</script>

<template>
  <div v-if="draft.loadError" class="page">
    <h1>This part cannot be shown</h1>
    <p>{{ draft.loadError }}</p>
    <p><RouterLink to="/parts">Back to the parts</RouterLink></p>
  </div>
  <div v-else-if="!draft.content || !ranking" class="page soft" role="status">Opening the part…</div>
  <template v-else>
    <VerdictBar :ranking="ranking" :first="first" :second="second" :part-id="id" />
    <RouterView />
    <ConflictDialog />
  </template>
</template>
