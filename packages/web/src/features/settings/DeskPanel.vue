<script setup lang="ts">
import type { DeskState } from '@hornblende/core/api';
import { computed, onMounted, ref, shallowRef } from 'vue';
import { api } from '../../api/client';
import { deskLocked } from '../../api/desk-locked';
import { Button } from '../../ui/kit';
import FormDialog from '../../ui/FormDialog.vue';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';

/** The pass phrase of the desk: for a machine that several people use. */
const state = shallowRef<DeskState | null>(null);
const { attempt, tell } = useFeedback();
const load = (): Promise<boolean> => attempt(async () => (state.value = await api.desk()));
onMounted(load);

/** What is being done to it. */
const doing = ref<'set' | 'remove' | null>(null);
const old = ref('');
const next = ref('');
const again = ref('');
/** Fewer letters are guessed. */
const SHORTEST = 8;
const nextProblem = computed(() => (next.value.length < SHORTEST ? `At least ${SHORTEST} letters.` : ''));
const againProblem = computed(() => (again.value === next.value ? '' : 'The two are not the same.'));
function begin(what: 'set' | 'remove'): void {
  old.value = next.value = again.value = '';
  doing.value = what;
}
async function save(): Promise<void> {
  const phrase = doing.value === 'set' ? next.value : null;
  await api.setDeskPhrase(phrase, old.value);
  tell(phrase === null ? 'The desk has no pass phrase any more.' : 'The pass phrase is set.');
  await load();
}
async function lock(): Promise<void> {
  await attempt(async () => {
    await api.lockDesk();
    deskLocked.value = true;
  });
}
</script>

<template>
  <section aria-label="Pass phrase" data-testid="desk-panel">
    <h2>Pass phrase</h2>
    <div class="setting">
      <p class="soft small">
        For a machine that several people use. With one, each browser is asked for it after a start, and after
        eight hours in which nothing was done. Programs that you run yourself need none, and paired phones
        have keys of their own.
      </p>
      <p v-if="state" class="acts">
        <template v-if="state.phrase">
          <Button @click="lock">Lock the desk now</Button>
          <Button @click="begin('set')">Change it</Button>
          <Button type="text" @click="begin('remove')">Take it away</Button>
        </template>
        <Button v-else @click="begin('set')">Set a pass phrase</Button>
      </p>
    </div>
    <FormDialog
      v-if="doing"
      :title="
        doing === 'remove'
          ? 'Take the pass phrase away'
          : state?.phrase
            ? 'Change the pass phrase'
            : 'Set a pass phrase'
      "
      :save-label="doing === 'remove' ? 'Take it away' : 'Set it'"
      :width="460"
      :save="save"
      @close="doing = null"
    >
      <TextField
        v-if="state?.phrase"
        v-model="old"
        label="The present one"
        type="password"
        autocomplete="current-password"
        :maxlength="200"
        :problem="old ? '' : 'Needed.'"
      />
      <template v-if="doing === 'set'">
        <TextField
          v-model="next"
          label="The new one"
          type="password"
          autocomplete="new-password"
          :maxlength="200"
          :problem="nextProblem"
        />
        <TextField
          v-model="again"
          label="The new one again"
          type="password"
          autocomplete="new-password"
          :maxlength="200"
          :problem="againProblem"
        />
      </template>
    </FormDialog>
  </section>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
