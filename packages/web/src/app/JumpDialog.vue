<script setup lang="ts">
import { nextTick, onMounted, ref, useTemplateRef } from 'vue';
import { useRouter } from 'vue-router';
import { useLibrary } from '../stores/library';
import { Modal } from '../ui/kit';
import SearchField from '../ui/SearchField.vue';
import { useReturnFocus } from '../ui/useReturnFocus';
import { useFindings } from './useFindings';

/**
 * Goes to a part, a part in service, a filament or a page by a few of its letters. Enter goes to the first that is
 * found; the arrow keys lead to the others.
 */
const open = defineModel<boolean>('open', { required: true });
const router = useRouter();
const library = useLibrary();
useReturnFocus();
const words = ref('');
const { groups, busy, failed } = useFindings(words);
const body = useTemplateRef<HTMLElement>('body');
onMounted(async () => {
  void library.load().catch(() => undefined);
  // The dialog's own content is there one tick later.
  await nextTick();
  body.value?.querySelector('input')?.focus();
});

function close(): void {
  open.value = false;
}
function goToFirst(): void {
  // What was found for other words is no answer to these.
  const first = busy.value ? undefined : groups.value[0]?.findings[0];
  if (!first) return;
  close();
  void router.push(first.to);
}
/** Moves among the field and what is found. @param by 1 for the next one, -1 for the one before */
function move(by: 1 | -1): void {
  const stops = [...(body.value?.querySelectorAll<HTMLElement>('input, a') ?? [])];
  const at = stops.findIndex(stop => stop === document.activeElement);
  stops[(at + by + stops.length) % stops.length]?.focus();
}
</script>

<template>
  <Modal v-model:open="open" title="Jump to" :footer="null" :width="520">
    <div ref="body" @keydown.down.prevent="move(1)" @keydown.up.prevent="move(-1)">
      <SearchField
        v-model="words"
        class="field"
        label="What to jump to"
        placeholder="A few letters of a part, a part in service, a filament or a page"
        @keydown.enter.prevent="goToFirst"
      />
      <nav class="found" aria-label="What is found">
        <section v-for="{ heading, findings } in groups" :key="heading">
          <h3>{{ heading }}</h3>
          <ul>
            <li v-for="{ to, title, beside } in findings" :key="to">
              <RouterLink :to="to" data-testid="finding" @click="close"
                >{{ title }}<span v-if="beside" class="soft small">{{ beside }}</span></RouterLink
              >
            </li>
          </ul>
        </section>
      </nav>
      <p v-if="failed" class="out small" role="alert">The workshop could not be searched: {{ failed }}</p>
      <p
        class="soft small"
        role="status"
        v-text="!groups.length && !busy ? 'Nothing here is called anything like that.' : ''"
      ></p>
    </div>
  </Modal>
</template>

<style scoped>
.field {
  width: 100%;
}
.found {
  max-height: 52vh;
  overflow: auto;
  margin: 10px -8px 0;
}
h3 {
  margin: 10px 8px 2px;
  font-size: 13px;
  font-weight: 400;
  color: var(--soft);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
a {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  justify-content: space-between;
  align-items: baseline;
  padding: 4px 8px;
  border-radius: 4px;
  color: var(--ink);
}
a:hover,
a:focus-visible {
  background: var(--hover);
  text-decoration: none;
}
p:not(:empty) {
  margin: 8px 0 0;
}
</style>
