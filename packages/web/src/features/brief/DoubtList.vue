<script setup lang="ts">
import { Button } from '../../ui/kit';
import { doubts, type Doubt } from '@hornblende/core/brief';
import { computed, ref } from 'vue';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';

/** What looks like a slip: asked about, never refused; an answer of "it is so" silences the question. */
const draft = useDraft();
const { say } = useUnits();
const settled = ref(new Set<string>());
const list = computed(() =>
  (draft.brief ? doubts(draft.brief) : []).filter(d => !settled.value.has(d.question)),
);
function fix(d: Doubt): void {
  if (!d.fix || !draft.brief) return;
  if (d.path === 'sun') draft.set('heat.setting', d.fix.value);
  // A fix of several fields belongs to the load whose field is in doubt.
  else if (typeof d.fix.value === 'object' && d.fix.value !== null) {
    const at = d.path.split('.').slice(0, 2).join('.');
    draft.set(at, { ...draft.brief.loads[Number(at.split('.')[1])], ...d.fix.value });
  } else draft.set(d.path, d.fix.value);
}
</script>

<template>
  <div v-if="list.length" class="doubts" role="status" data-testid="doubts">
    <p v-for="d in list" :key="d.question">
      <span class="marginal" aria-hidden="true">◐</span> {{ say(d.question) }}
      <Button v-if="d.fix" type="text" @click="fix(d)"> {{ say(d.fix.label) }}</Button><Button
        type="text"
        @click="settled = new Set([...settled, d.question])"
      >
        It is so
      </Button>
    </p>
  </div>
</template>

<style scoped>
.doubts {
  border-left: 3px solid var(--marginal-fill);
  padding: 4px 14px;
  margin-bottom: 10px;
  background: var(--panel-soft);
}
.doubts p {
  margin: 4px 0;
}
</style>
