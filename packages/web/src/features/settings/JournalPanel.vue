<script setup lang="ts">
import type { JournalEntry, JournalKind } from '@hornblende/core/api';
import { Button } from '../../ui/kit';
import { onMounted, ref, shallowRef } from 'vue';
import { api } from '../../api/client';
import { dayText } from '../../ui/day-text';
import PageState from '../../ui/PageState.vue';

/** What was done at the door and to the workshop as a whole: phones, restores, imports. */
const entries = shallowRef<JournalEntry[]>([]);
const state = ref<'loading' | 'ready' | 'failed'>('loading');
/** Entries that are shown at first, and more at a press. */
const AT_ONCE = 12;
const shown = ref(AT_ONCE);
const words: Record<JournalKind, string> = {
  paired: 'A phone was paired',
  'pairing-refused': 'A wrong pairing code came from',
  'key-refused': 'A phone’s key was refused, from',
  withdrawn: 'A phone was withdrawn',
  restored: 'A backup was restored',
  imported: 'An import was taken in',
  'import-undone': 'An import was taken back',
  'phrase-set': 'The pass phrase of the desk was set',
  'phrase-removed': 'The pass phrase of the desk was taken away',
  'desk-refused': 'A wrong pass phrase was given',
};
/** What somebody should look into. */
const odd: ReadonlySet<JournalKind> = new Set<JournalKind>([
  'pairing-refused',
  'key-refused',
  'desk-refused',
]);
const timeOf = (at: string): string =>
  new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
async function load(): Promise<void> {
  try {
    entries.value = await api.journal();
    state.value = 'ready';
  } catch {
    state.value = 'failed';
  }
}
onMounted(load);
</script>

<template>
  <section aria-label="Journal" data-testid="journal">
    <h2>Journal</h2>
    <div class="setting">
      <p class="soft small">
        Phones that were paired, refused and withdrawn, pass phrases, restores and imports. It stands beside
        the workshop: a restore does not take it back.
      </p>
      <PageState :state="state" what="the journal" @retry="load">
        <p v-if="!entries.length" class="soft">Nothing yet.</p>
        <ul>
          <li v-for="(e, i) in entries.slice(0, shown)" :key="i">
            <span class="soft small">{{ dayText(e.at) }}, {{ timeOf(e.at) }}</span>
            <span :class="{ marginal: odd.has(e.kind) }"
              >{{ odd.has(e.kind) ? '◐ ' : '' }}{{ words[e.kind] }}:</span
            >
            {{ e.what }}
          </li>
        </ul>
        <Button v-if="entries.length > shown" type="link" size="small" @click="shown += AT_ONCE">
          Show {{ Math.min(AT_ONCE, entries.length - shown) }} earlier ones
        </Button>
      </PageState>
    </div>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: baseline;
  border-top: 1px solid var(--rule);
  padding: 5px 0;
  overflow-wrap: anywhere;
}
</style>
