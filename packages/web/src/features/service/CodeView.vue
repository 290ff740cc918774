<script setup lang="ts">
import { onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { useService } from '../../stores/service';
import { useFeedback } from '../../ui/useFeedback';

/** A tag that was scanned: on to the look at its part. */
const props = defineProps<{ code: string }>();
const service = useService();
const router = useRouter();
const { attempt } = useFeedback();
const missing = ref(false);
onMounted(async () => {
  await attempt(() => service.load());
  const found = service.list.find(p => p.placement.code === props.code.toUpperCase());
  if (found) await router.replace(`/service/${found.id}/look`);
  else missing.value = true;
});
</script>

<template>
  <div class="page">
    <p v-if="missing" role="alert">
      No part out there has the code {{ code }}. <RouterLink to="/service">See all of them</RouterLink>
    </p>
    <p v-else class="soft" role="status">Looking for {{ code }}…</p>
  </div>
</template>
