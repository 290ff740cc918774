<script setup lang="ts">
import type { ArchiveUndone, LeftAsIs } from '@hornblende/core/api';
import { Button, Modal, Progress, Radio, RadioGroup } from '../../ui/kit';
import { computed, ref, shallowRef } from 'vue';
import { api } from '../../api/client';
import DataTable from '../../ui/DataTable.vue';
import FileButton from '../../ui/FileButton.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useArchiveImport } from './useArchiveImport';
import { momentText } from '../../ui/day-text';

/** The whole workshop in one file, out; and one like it in again, looked at before. */
const { attempt } = useFeedback();
const { fileName, stage, preview, result, problems, progress, conflicts, read, write, undo, cancel } =
  useArchiveImport();
/** How far an export is, from 0 to 1; null while none is written. */
const exporting = ref<number | null>(null);
/** What the last export could not write. */
const left = shallowRef<LeftAsIs[]>([]);
let stopExport = new AbortController();
const taken = shallowRef<ArchiveUndone | null>(null);
const open = ref(false);
const busy = computed(() => stage.value === 'reading' || stage.value === 'writing');

const kindNames: Record<string, string> = {
  marks: 'marks',
  workshop: 'the workshop’s settings',
  printers: 'printers',
  weathers: 'years of weather',
  grades: 'grades',
  spools: 'spools',
  parts: 'parts',
  'part-versions': 'versions of briefs',
  quotes: 'quotes',
  libraries: 'states of the library',
  pieces: 'pieces of decisions',
  decisions: 'decisions',
  prints: 'prints',
  trials: 'trials',
  faults: 'faults',
  'drill-answers': 'answers to drills',
  photos: 'photographs',
  service: 'parts in service',
  inspections: 'looks',
  shapes: 'files of shapes',
};
const columns = [
  { key: 'kind', title: 'Kind' },
  { key: 'adds', title: 'To add', number: true },
  { key: 'changes', title: 'To change', number: true },
  { key: 'conflicts', title: 'Changed here since', number: true },
  { key: 'same', title: 'The same', number: true },
];
const kinds = computed(
  () => preview.value?.kinds.filter(k => k.adds + k.changes + k.conflicts + k.same) ?? [],
);
const sum = (of: 'adds' | 'changes' | 'conflicts'): number => kinds.value.reduce((s, k) => s + k[of], 0);
const anything = computed(() => sum('adds') + sum('changes') + sum('conflicts') > 0);
const verdictNames = { add: 'to add', change: 'to change', conflict: 'changed here since' };
const named = computed(() =>
  (preview.value?.named ?? [])
    .filter(n => !['pieces', 'libraries', 'part-versions'].includes(n.kind))
    .slice(0, 12),
);

async function take(file: File): Promise<void> {
  open.value = true;
  await read(file);
}
function close(): void {
  cancel();
  open.value = false;
  // What the pages hold may be older than what was taken over.
  if (result.value || taken.value) location.reload();
}
async function takeBack(): Promise<void> {
  await attempt(async () => {
    taken.value = await undo();
  });
}
async function exportAll(): Promise<void> {
  stopExport = new AbortController();
  exporting.value = 0;
  left.value = [];
  await attempt(async () => {
    const progress = (share: number): void => {
      exporting.value = share;
    };
    const ready = await api.exportArchive({ signal: stopExport.signal, progress });
    left.value = ready.left;
    location.assign(api.archiveAddress(ready.id));
  });
  exporting.value = null;
}
</script>

<template>
  <section>
    <h2>Archive</h2>
    <div class="setting">
      <p class="deeds">
        <Button v-if="exporting === null" @click="exportAll">Export everything</Button>
        <template v-else>
          <span class="far"><Progress :percent="Math.round(100 * exporting)" size="small" /></span>
          <Button size="small" @click="stopExport.abort()">Stop</Button>
        </template>
        <FileButton label="Import an archive" accept=".zip" @file="take" />
      </p>
      <div v-if="left.length" class="small out" role="alert" data-testid="export-left">
        <p>Written, but {{ left.length === 1 ? 'one record' : `${left.length} records` }} could not be:</p>
        <ul>
          <li v-for="l in left.slice(0, 8)" :key="l.what">{{ l.what }}: {{ l.why }}</li>
        </ul>
      </div>
      <p class="soft small">
        One zip with a file for each record, for another machine, another disk, or a look with other tools.
        Importing shows first what it would do, and can be taken back.
      </p>
    </div>
    <Modal v-if="open" open :title="`Import ${fileName}`" :width="640" :mask-closable="false" @cancel="close">
      <div data-testid="archive">
        <p v-if="busy" role="status">
          {{ stage === 'reading' ? 'Reading it through, record by record…' : 'Taking it over…' }}
          <Progress :percent="Math.round(100 * progress)" size="small" />
        </p>
        <ul v-else-if="stage === 'failed'" class="out" role="alert">
          <li v-for="p in problems" :key="p">{{ p }}. Nothing was written.</li>
        </ul>
        <template v-else-if="stage === 'done'">
          <p v-if="result" role="status">
            ● {{ result.added }} records added, {{ result.changed }} changed<template v-if="result.kept"
              >, {{ result.kept }} kept as they are here</template
            >.
          </p>
          <template v-else-if="taken">
            <p role="status">The import was taken back: {{ taken.restored }} records are as they were.</p>
            <template v-if="taken.left.length">
              <p>
                {{
                  taken.left.length === 1 ? 'One stays as it is' : `${taken.left.length} stay as they are`
                }}:
              </p>
              <ul class="small" data-testid="archive-left">
                <li v-for="l in taken.left.slice(0, 20)" :key="l.what">{{ l.what }}: {{ l.why }}.</li>
              </ul>
            </template>
          </template>
        </template>
        <template v-else-if="preview">
          <p>
            Made {{ momentText(preview.madeAt) }}.
            <template v-if="!anything">It holds nothing that is not here already.</template>
          </p>
          <DataTable
            v-if="anything"
            :columns="columns"
            :rows="kinds"
            :row-key="k => k.kind"
            label="What importing would do"
          >
            <template #kind="{ row }">{{ kindNames[row.kind] ?? row.kind }}</template>
            <template #adds="{ row }">{{ row.adds || '' }}</template>
            <template #changes="{ row }">{{ row.changes || '' }}</template>
            <template #conflicts="{ row }">{{ row.conflicts || '' }}</template>
            <template #same="{ row }">{{ row.same || '' }}</template>
          </DataTable>
          <p v-if="named.length" class="small soft">
            Among them
            {{ named.map(n => `${n.title} (${verdictNames[n.verdict]})`).join(', ') }}.
          </p>
          <RadioGroup
            v-if="sum('conflicts')"
            v-model:value="conflicts"
            aria-label="What was changed here since"
          >
            <Radio value="keep">Keep what was changed here since</Radio>
            <Radio value="replace">Take the archive’s</Radio>
          </RadioGroup>
        </template>
      </div>
      <template #footer>
        <Button v-if="stage === 'done' && result" @click="takeBack">Take it back</Button>
        <Button v-if="stage === 'preview' && anything" type="primary" @click="write">Import</Button>
        <Button @click="close">{{ stage === 'done' ? 'Done' : 'Close' }}</Button>
      </template>
    </Modal>
  </section>
</template>

<style scoped>
.deeds {
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
  margin: 0;
}

.far {
  width: 160px;
}
</style>
