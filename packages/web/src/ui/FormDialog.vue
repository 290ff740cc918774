<script setup lang="ts">
import { Button, Modal } from './kit';
import { computed, nextTick, ref } from 'vue';
import { problemLines } from '../api/problem-lines';
import { provideFormProblems } from './form-problems';
import RestoredNotice from './RestoredNotice.vue';
import type { KeptForm } from './useKeptForm';
import { useReturnFocus } from './useReturnFocus';

/**
 * A dialog with a form in it. While a field holds something that cannot be used, it neither saves nor closes by
 * its button: it names the fields and goes to the first. Mount it with `v-if`; it opens by itself and tells when
 * it is gone.
 */
const props = defineProps<{
  title: string;
  width?: number;
  saveLabel?: string;
  /** Saves. What it throws is said in the dialog, which then stays. */
  save: () => Promise<unknown>;
  /** The form, where what is typed stays in the browser until it is saved or given up. */
  kept?: Pick<KeptForm<object>, 'restored' | 'discard' | 'done'>;
}>();
const emit = defineEmits<{ close: [] }>();
useReturnFocus();
const form = provideFormProblems();
const open = ref(true);
const busy = ref(false);
const tried = ref(false);
/** What is wrong beyond the fields. */
const problems = ref<string[]>([]);
const standing = computed(() =>
  tried.value ? form.standing.value.map(p => `${p.label}: ${p.problem}`) : [],
);

/**
 * Takes what stands in the field that is being typed in, as leaving it does. The button itself does not take the focus:
 * what a field says when it is left would push the button from under the hand, and the press would be lost.
 */
async function leaveField(): Promise<void> {
  if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
  await nextTick();
}
async function submit(): Promise<void> {
  await leaveField();
  tried.value = true;
  if (form.focusFirst()) return;
  busy.value = true;
  try {
    await props.save();
    props.kept?.done();
    open.value = false;
  } catch (e) {
    problems.value = problemLines(e);
  } finally {
    busy.value = false;
  }
}
function giveUp(): void {
  props.kept?.discard();
  open.value = false;
}
</script>

<template>
  <Modal
    v-model:open="open"
    :title="title"
    :width="width ?? 620"
    :mask-closable="false"
    :after-close="() => emit('close')"
    @cancel="giveUp"
  >
    <RestoredNotice v-if="kept" :kept="kept" />
    <slot />
    <div role="alert">
      <p v-for="p in [...standing, ...problems]" :key="p" class="out small">{{ p }}</p>
    </div>
    <template #footer>
      <Button @click="giveUp">Cancel</Button>
      <Button type="primary" :loading="busy" data-testid="form-save" @mousedown.prevent @click="submit">{{
        saveLabel ?? 'Save'
      }}</Button>
    </template>
  </Modal>
</template>
