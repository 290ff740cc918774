<script setup lang="ts">
import { InboxOutlined } from '@ant-design/icons-vue';
import type { ImportVerdict } from '@hornblende/core/tables';
import { Button, Modal, Progress, TabPane, Tabs, UploadDragger } from '../../ui/kit';
import { computed, ref, watch } from 'vue';
import { useFeedback } from '../../ui/useFeedback';
import { useReturnFocus } from '../../ui/useReturnFocus';
import ImportRows from './ImportRows.vue';
import KnownColumns from './KnownColumns.vue';
import { verdictWords } from './import-words';
import { useGradeImport } from './useGradeImport';

/** A table of grades in, with what it would do shown before it does it. */
const emit = defineEmits<{ close: [] }>();
useReturnFocus();
const { tell, attempt } = useFeedback();
const open = ref(true);
const { stage, fileName, progress, rows, counts, notes, problems, result, ...importing } = useGradeImport();
const verdicts = Object.keys(verdictWords) as ImportVerdict[];
const at = ref<ImportVerdict>('add');
watch(rows, () => {
  at.value = verdicts.find(v => v !== 'same' && counts.value[v] > 0) ?? 'same';
});
const listed = computed(() => rows.value.filter(r => r.verdict === at.value));
const usable = computed(() => counts.value.add + counts.value.change);
const deed = computed(() => {
  if (!usable.value) return 'Nothing to import';
  const what = `Import ${usable.value} ${usable.value === 1 ? 'grade' : 'grades'}`;
  return counts.value.reject ? `${what}, leave out ${counts.value.reject}` : what;
});
/** So many problems of the file as a whole are named. */
const MOST_PROBLEMS_LISTED = 8;

function take(file: File): false {
  void importing.read(file);
  return false;
}
async function undo(): Promise<void> {
  await attempt(async () => {
    tell(await importing.undo());
    open.value = false;
  });
}
function gone(): void {
  importing.cancel();
  emit('close');
}
</script>

<template>
  <Modal
    v-model:open="open"
    title="Import grades"
    :width="820"
    :footer="null"
    :mask-closable="false"
    :after-close="gone"
  >
    <div data-testid="import">
      <template v-if="stage === 'choose'">
        <UploadDragger
          accept=".csv,.tsv,.txt,.json,text/csv,application/json"
          :show-upload-list="false"
          :before-upload="take"
        >
          <p class="inbox"><InboxOutlined aria-hidden="true" /></p>
          <p><b>Choose a CSV or JSON file</b>, or drop it here</p>
        </UploadDragger>
        <p class="soft small">
          One row a grade, with the columns <b>name</b> and <b>family</b>, and any of key, maker, note, a
          property (its data sheet), the same after “measured.” (your own), or a printing window. Values are
          96, or 91..96..101, with or without a unit. Commas, semicolons or tabs; decimal points or commas.
          Nothing is written before you have seen what would change.
        </p>
        <KnownColumns />
      </template>
      <template v-else-if="stage === 'reading'">
        <p role="status">Reading {{ fileName }}…</p>
        <Progress :percent="Math.round(100 * (progress ?? 0))" aria-label="Reading" />
        <Button type="text" @click="importing.restart">Cancel</Button>
      </template>
      <template v-else-if="stage === 'preview'">
        <p v-for="p in problems.slice(0, MOST_PROBLEMS_LISTED)" :key="p" class="out" role="alert">{{ p }}</p>
        <p v-for="n in notes" :key="n" class="marginal small">◐ {{ n }}</p>
        <template v-if="rows.length">
          <Tabs v-model:active-key="at">
            <TabPane v-for="v in verdicts" :key="v" :disabled="!counts[v]">
              <template #tab>
                <span :data-testid="`import-${v}`"
                  >{{ verdictWords[v].mark }} {{ counts[v] }} {{ verdictWords[v].word }}</span
                >
              </template>
            </TabPane>
          </Tabs>
          <ImportRows :rows="listed" />
        </template>
        <div class="actions">
          <Button @click="importing.restart">Another file</Button>
          <Button type="primary" :disabled="!usable" data-testid="import-write" @click="importing.write">{{
            deed
          }}</Button>
        </div>
      </template>
      <template v-else-if="stage === 'writing'">
        <p role="status">Writing {{ usable }} grades, all or none…</p>
        <Progress :percent="100" status="active" :show-info="false" aria-label="Writing" />
        <Button type="text" @click="importing.cancel">Cancel</Button>
      </template>
      <template v-else-if="result">
        <p role="status">
          <b>{{ result.added }} added, {{ result.changed }} changed.</b> They take part in every ranking from
          now on; records keep what they were decided with.
        </p>
        <div class="actions">
          <Button @click="undo">Take it back</Button>
          <Button type="primary" @click="open = false">Done</Button>
        </div>
      </template>
    </div>
  </Modal>
</template>

<style scoped>
.inbox {
  font-size: 30px;
  color: var(--soft);
  margin: 0;
}
.actions {
  display: flex;
  gap: 12px;
  justify-content: flex-end;
  margin: 14px 0 0;
}
</style>
