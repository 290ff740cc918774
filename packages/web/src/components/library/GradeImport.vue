<script setup lang="ts">
import type { Grade, Problem } from '@hornblende/core';
import type { PreviewRow, Verdict } from '@hornblende/core/tables';
import { useVirtualizer } from '@tanstack/vue-virtual';
import { message, Modal, Progress } from 'ant-design-vue';
import { computed, onUnmounted, ref, shallowRef } from 'vue';
import { ApiError, type ImportResult } from '../../api/client';
import { useLibrary } from '../../stores/library';
import GradesWorker from '../../workers/grades.worker?worker';
import type { GradesAnswer, GradesQuestion } from '../../workers/grades.worker';

/** A table of grades in, with what it would do shown before it does it. */
const open = defineModel<boolean>('open', { required: true });
const library = useLibrary();
const stage = ref<'choose' | 'reading' | 'preview' | 'writing' | 'done'>('choose');
const fileName = ref('');
const progress = ref(0);
const rows = shallowRef<PreviewRow[]>([]);
const notes = ref<string[]>([]);
const problems = ref<Problem[]>([]);
const shownVerdict = ref<Verdict>('add');
const result = ref<ImportResult | null>(null);
let worker: Worker | null = null;
let abort: AbortController | null = null;

const words: Record<Verdict, string> = {
  add: 'new',
  change: 'changed',
  same: 'the same already',
  reject: 'cannot be used',
};
const marks: Record<Verdict, string> = { add: '+', change: '±', same: '=', reject: '×' };
const verdicts = Object.keys(words) as Verdict[];
const counts = computed(() => {
  const n: Record<Verdict, number> = { add: 0, change: 0, same: 0, reject: 0 };
  for (const r of rows.value) n[r.verdict]++;
  return n;
});
const listed = computed(() => rows.value.filter(r => r.verdict === shownVerdict.value));
const usable = computed(() => counts.value.add + counts.value.change);

const scroller = ref<HTMLElement | null>(null);
const virtual = useVirtualizer(
  computed(() => ({
    count: listed.value.length,
    getScrollElement: () => scroller.value,
    estimateSize: () => 34,
    overscan: 8,
    getItemKey: (i: number) => `${shownVerdict.value}-${i}`,
  })),
);
const measure = (el: unknown): void => {
  if (el instanceof Element) virtual.value.measureElement(el);
};

function restart(): void {
  worker?.terminate();
  worker = null;
  stage.value = 'choose';
  rows.value = [];
  notes.value = [];
  problems.value = [];
  progress.value = 0;
  result.value = null;
}
async function read(file: File | undefined): Promise<void> {
  if (!file) return;
  restart();
  stage.value = 'reading';
  fileName.value = file.name;
  worker = new GradesWorker();
  worker.onmessage = (e: MessageEvent<GradesAnswer>) => {
    if ('done' in e.data) {
      progress.value = e.data.total ? Math.round((100 * e.data.done) / e.data.total) : 0;
      return;
    }
    rows.value = e.data.rows;
    notes.value = e.data.notes;
    problems.value = e.data.problems;
    stage.value = 'preview';
    shownVerdict.value = verdicts.find(v => v !== 'same' && counts.value[v] > 0) ?? 'same';
  };
  const question: GradesQuestion = {
    bytes: new Uint8Array(await file.arrayBuffer()),
    existing: JSON.parse(JSON.stringify([...library.grades.values()].map(g => g.grade))) as Grade[],
  };
  worker.postMessage(question);
}
async function write(): Promise<void> {
  const list = rows.value.flatMap(r =>
    r.grade && (r.verdict === 'add' || r.verdict === 'change') ? [r.grade] : [],
  );
  abort = new AbortController();
  stage.value = 'writing';
  try {
    result.value = await library.importAll(list, abort.signal);
    stage.value = 'done';
  } catch (e) {
    stage.value = 'preview';
    problems.value = abort.signal.aborted
      ? [{ field: 'The import', value: null, message: 'was cancelled; nothing was written' }]
      : e instanceof ApiError
        ? e.problems
        : [{ field: 'The import', value: null, message: (e as Error).message }];
  }
}
async function undo(): Promise<void> {
  if (!result.value) return;
  try {
    const back = await library.undoImport(result.value.id);
    void message.success(
      back.left.length
        ? `Taken back, but for ${back.left.length} changed since: ${back.left.slice(0, 3).join(', ')}`
        : 'The import is taken back.',
    );
    close();
  } catch (e) {
    void message.error((e as Error).message);
  }
}
function close(): void {
  abort?.abort();
  open.value = false;
  restart();
}
onUnmounted(() => worker?.terminate());
</script>

<template>
  <Modal
    :open="open"
    title="Import grades"
    :width="820"
    :footer="null"
    :mask-closable="false"
    @cancel="close"
  >
    <div data-testid="import">
      <template v-if="stage === 'choose'">
        <label class="drop" @dragover.prevent @drop.prevent="read($event.dataTransfer?.files[0])">
          <b>Choose a CSV or JSON file</b>, or drop it here
          <input
            type="file"
            accept=".csv,.tsv,.txt,.json,text/csv,application/json"
            aria-label="File of grades"
            @change="read(($event.target as HTMLInputElement).files?.[0])"
          />
        </label>
        <p class="soft small">
          One row a grade, with the columns <b>name</b> and <b>family</b>, and any of key, maker, note, a
          property such as hdt045C (its data sheet), measured.hdt045C (your own), or a window such as nozzleC.
          Values are 96, or 91..96..101. Commas, semicolons or tabs; decimal points or commas. An export shows
          the shape. Nothing is written before you have seen what would change.
        </p>
      </template>
      <template v-else-if="stage === 'reading'">
        <p role="status">Reading {{ fileName }}…</p>
        <Progress :percent="progress" :show-info="true" aria-label="Reading" />
        <p><button type="button" class="quiet-button" @click="restart">Cancel</button></p>
      </template>
      <template v-else-if="stage === 'preview'">
        <p v-for="p in problems.slice(0, 8)" :key="p.field + p.message" class="out">
          {{ p.field === '(file)' ? fileName : p.field }} {{ p.message }}
        </p>
        <p v-for="n in notes" :key="n" class="marginal small">◐ {{ n }}</p>
        <template v-if="rows.length">
          <p class="leaves" role="tablist">
            <button
              v-for="v in verdicts"
              :key="v"
              type="button"
              role="tab"
              :aria-selected="shownVerdict === v"
              :class="{ on: shownVerdict === v, out: v === 'reject' && counts[v] > 0 }"
              :disabled="!counts[v]"
              :data-testid="`import-${v}`"
              @click="shownVerdict = v"
            >
              {{ marks[v] }} {{ counts[v] }} {{ words[v] }}
            </button>
          </p>
          <div ref="scroller" class="rows" tabindex="0" role="region" aria-label="Rows of the file">
            <div :style="{ height: `${virtual.getTotalSize()}px`, position: 'relative' }">
              <div
                v-for="v in virtual.getVirtualItems()"
                :key="String(v.key)"
                :ref="measure"
                :data-index="v.index"
                class="row"
                data-testid="import-row"
                :style="{ transform: `translateY(${v.start}px)` }"
              >
                <span class="soft line">line {{ listed[v.index]!.line }}</span>
                <span
                  ><b>{{ listed[v.index]!.name || listed[v.index]!.key || 'without a name' }}</b>
                  <span class="soft small">{{ listed[v.index]!.grade?.family }}</span>
                  <span v-for="c in listed[v.index]!.changes" :key="c.field" class="small change"
                    >{{ c.field }}: <s>{{ c.before || 'nothing' }}</s> {{ c.after || 'nothing' }}</span
                  >
                  <span v-for="(p, i) in listed[v.index]!.problems" :key="i" class="small out change"
                    >{{ p.field }}: “{{ String(p.value ?? '').slice(0, 40) }}” {{ p.message }}</span
                  >
                </span>
              </div>
            </div>
          </div>
        </template>
        <p class="actions">
          <button type="button" class="quiet-button" @click="restart">Another file</button
          ><button type="button" class="solid" :disabled="!usable" data-testid="import-write" @click="write">
            {{
              usable
                ? `Import ${usable} ${usable === 1 ? 'grade' : 'grades'}${counts.reject ? `, leave out ${counts.reject}` : ''}`
                : 'Nothing to import'
            }}
          </button>
        </p>
      </template>
      <template v-else-if="stage === 'writing'">
        <p role="status">Writing {{ usable }} grades, all or none…</p>
        <Progress :percent="100" status="active" :show-info="false" aria-label="Writing" />
        <p><button type="button" class="quiet-button" @click="abort?.abort()">Cancel</button></p>
      </template>
      <template v-else-if="result">
        <p role="status">
          <b>{{ result.added }} added, {{ result.changed }} changed.</b> They take part in every ranking from
          now on; records keep what they were decided with.
        </p>
        <p class="actions">
          <button type="button" class="quiet-button" @click="undo">Take it back</button
          ><button type="button" class="solid" @click="close">Done</button>
        </p>
      </template>
    </div>
  </Modal>
</template>

<style scoped>
.drop {
  display: block;
  border: 1.5px dashed var(--rule-strong);
  border-radius: 6px;
  padding: 34px 20px;
  text-align: center;
  cursor: pointer;
  margin-bottom: 12px;
}
.drop input {
  display: block;
  margin: 12px auto 0;
}
.leaves .out:not(.on) {
  color: var(--out);
}
.rows {
  height: 320px;
  overflow: auto;
  border-top: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
}
.row {
  position: absolute;
  top: 0;
  left: 0;
  right: 0;
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 10px;
  padding: 6px 4px;
  border-bottom: 1px solid var(--rule);
}
.line {
  font-size: 13px;
}
.change {
  display: block;
}
s {
  color: var(--soft);
}
.actions {
  display: flex;
  gap: 12px;
  justify-content: flex-end;
  margin: 14px 0 0;
  align-items: center;
}
</style>
