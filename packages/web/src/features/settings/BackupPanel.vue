<script setup lang="ts">
import type { BackupSummary, Verification } from '@hornblende/core/api';
import { Button, Progress } from '../../ui/kit';
import { onMounted, ref, shallowRef } from 'vue';
import { api } from '../../api/client';
import { useHealth } from '../../stores/health';
import DataTable from '../../ui/DataTable.vue';
import PageState from '../../ui/PageState.vue';
import { useFeedback } from '../../ui/useFeedback';
import { backupReasons, contentsText, sizeText } from './backup-words';
import { momentText } from '../../ui/day-text';

/** The workshop's backups: what there are and what is in them, made now, and put in place again. */
const { ask, attempt, tell } = useFeedback();
const health = useHealth();
const list = shallowRef<BackupSummary[]>([]);
const state = ref<'loading' | 'ready' | 'failed'>('loading');
const busy = ref<'backup' | 'verify' | null>(null);
const found = shallowRef<Verification | null>(null);
/** How far reading everything through is, from 0 to 1. */
const share = ref(0);
let stop = new AbortController();
const columns = [
  { key: 'at', title: 'Made' },
  { key: 'contents', title: 'What is in it' },
  { key: 'size', title: 'Size', number: true },
  { key: 'act', title: 'Restore', hiddenTitle: true, width: '100px' },
];

async function load(): Promise<void> {
  try {
    list.value = await api.backups();
    state.value = 'ready';
  } catch {
    state.value = 'failed';
  }
}
onMounted(load);

async function backUp(): Promise<void> {
  busy.value = 'backup';
  await attempt(async () => {
    await api.makeBackup();
    await load();
    tell('Backed up and read through.');
  });
  busy.value = null;
}
async function verify(): Promise<void> {
  busy.value = 'verify';
  share.value = 0;
  stop = new AbortController();
  const progress = (now: number): void => {
    share.value = now;
  };
  await attempt(async () => {
    found.value = await api.verify({ signal: stop.signal, progress });
  });
  busy.value = null;
}
function restore(b: BackupSummary): void {
  ask({
    title: `Go back to ${momentText(b.at)}?`,
    content:
      `It holds ${contentsText(b.counts)}. What was done since is not in it; the workshop as it is now is set ` +
      'aside in its folder, not deleted.',
    deed: 'Restore it',
    leave: 'Leave all as it is',
    danger: true,
    act: async () => {
      await api.restoreBackup(b.name);
      await health.ask();
      // Every page holds something of the workshop that was.
      location.reload();
    },
  });
}
</script>

<template>
  <section>
    <h2>Backups</h2>
    <div class="setting">
      <p class="deeds">
        <Button type="primary" :loading="busy === 'backup'" @click="backUp">Back up now</Button>
        <Button v-if="busy !== 'verify'" @click="verify">Read every record through</Button>
        <template v-else>
          <span class="far"><Progress :percent="Math.round(100 * share)" size="small" /></span>
          <Button size="small" @click="stop.abort()">Stop</Button>
        </template>
      </p>
      <p class="soft small">
        One is made each day and before each new version, read through after writing, and kept beside the
        workshop with its photographs: seven days and four weeks back. A backup on the same disk does not
        outlive the disk: export an archive now and then, or start Hornblende with HORNBLENDE_BACKUPS set to a
        folder on another disk.
      </p>
      <p v-if="found" :class="found.ok ? 'fits' : 'out'" role="status" data-testid="verified">
        {{ found.ok ? `● ${found.checked} records, all sound.` : `○ ${found.checked} records were read:` }}
      </p>
      <ul v-if="found && !found.ok" class="small">
        <li v-for="p in found.problems" :key="p">{{ p }}</li>
      </ul>
      <PageState :state="state" what="the backups" @retry="load">
        <p v-if="!list.length" class="soft">There is no backup yet.</p>
        <DataTable
          v-else
          :columns="columns"
          :rows="list"
          :row-key="b => b.name"
          label="Backups"
          row-testid="backup"
        >
          <template #at="{ row }">
            {{ momentText(row.at) }}
            <div class="soft small">{{ backupReasons[row.kind] }}</div>
          </template>
          <template #contents="{ row }">
            {{ contentsText(row.counts) }}
            <div v-if="row.problems.length" class="out small">○ {{ row.problems[0] }}</div>
            <div v-if="row.photosGone" class="marginal small">
              {{ row.photosGone }} photographs were gone already and are not in it
            </div>
          </template>
          <template #size="{ row }">{{ sizeText(row.bytes) }}</template>
          <template #act="{ row }">
            <Button
              type="text"
              :disabled="row.problems.length > 0"
              :aria-label="`Restore the backup of ${momentText(row.at)}`"
              @click="restore(row)"
              >Restore</Button
            >
          </template>
        </DataTable>
      </PageState>
    </div>
  </section>
</template>

<style scoped>
.deeds {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
  margin: 0;
}

.far {
  width: 160px;
}
</style>
