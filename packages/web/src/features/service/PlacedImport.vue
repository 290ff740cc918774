<script setup lang="ts">
import type { Placement } from '@hornblende/core/formats';
import { materialWords } from '@hornblende/core/service';
import type { PlacedColumn, PlacedRow } from '@hornblende/core/tables';
import { computed, ref } from 'vue';
import { useLibrary } from '../../stores/library';
import FileButton from '../../ui/FileButton.vue';
import { Button, Modal } from '../../ui/kit';
import NumberInput from '../../ui/NumberInput.vue';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useReturnFocus } from '../../ui/useReturnFocus';
import { usePlacedImport } from './usePlacedImport';
import { dayText } from '../../ui/day-text';

/** Many parts placed at once: a paste from a sheet, or a file, with what becomes of each row shown first. */
const emit = defineEmits<{ close: [] }>();
useReturnFocus();
const library = useLibrary();
const { tell, attempt } = useFeedback();
const open = ref(true);
const { text, origin, weight, table, counts, rows, isReading, isWriting, problems, placed, ...deeds } =
  usePlacedImport();

const EXAMPLE = [
  'name\tfilament\tsince\twhere\tsun\toutcome\tseen',
  'Rain gauge bracket\tPETG\tMay 2021\tgarden\tfull\tbroken\t2025-08-02',
  'Hose hook\tASA\t2020\tgarden\thalf\tfine\t',
].join('\n');
/** Rows of the preview that stand there at first. */
const MORE = 60;
const most = ref(MORE);
const columnWords: Partial<Record<PlacedColumn, string>> = {
  material: 'filament',
  where: 'place',
  seen: 'last seen',
};
const asWords = (c: PlacedColumn): string => columnWords[c] ?? c;
const matched = computed(() =>
  (table.value?.columns ?? []).filter(c => c.as !== null && c.heading.trim().toLowerCase() !== asWords(c.as)),
);
const deed = computed(() => {
  const n = counts.value.add;
  if (!n) return 'Nothing to place';
  const leftOut = counts.value.reject + counts.value.double;
  return `Place ${n} ${n === 1 ? 'part' : 'parts'}${leftOut ? `, leave out ${leftOut}` : ''}`;
});
const ofWhat = (p: Placement): string => materialWords(p, library.nameOf);
function outcome({ verdict, twin, looks, problems: wrong }: PlacedRow): string {
  if (verdict === 'double') return `left out: ${twin}`;
  if (verdict === 'reject')
    return wrong
      .map(
        p =>
          `${asWords(p.field as PlacedColumn)}${p.value ? ` “${String(p.value as string)}”` : ''} ${p.message}`,
      )
      .join('; ');
  const last = looks.at(-1);
  if (!last) return 'placed; nobody has looked yet';
  const many = looks.length > 1 ? `, after ${looks.length} looks` : '';
  return `placed; ${last.mode ?? last.verdict} on ${dayText(last.at)}${many}`;
}
const sign = { add: '●', double: '◐', reject: '○' } as const;
const tone = { add: 'fits', double: 'marginal', reject: 'out' } as const;
async function undo(): Promise<void> {
  await attempt(async () => {
    tell(await deeds.undo());
    open.value = false;
  });
}
function gone(): void {
  deeds.cancel();
  emit('close');
}
</script>

<template>
  <Modal
    v-model:open="open"
    title="Place many parts"
    :width="880"
    :footer="null"
    :mask-closable="false"
    :after-close="gone"
  >
    <div data-testid="placed-import">
      <template v-if="placed">
        <p role="status">
          <b>{{ placed.length }} {{ placed.length === 1 ? 'part is' : 'parts are' }} placed.</b> They count in
          what parts tell from now on.
        </p>
        <div class="actions">
          <Button @click="undo">Take it back</Button>
          <Button type="primary" @click="open = false">Done</Button>
        </div>
      </template>
      <template v-else>
        <p class="soft small">
          Paste rows from a sheet, with their headings: what it is, of which filament and since when are
          needed; where, sun, air, water, load, outcome, last seen and a note are taken where they are there.
          A year or a month is enough for a date; “PETG or ASA” where it is half remembered.
        </p>
        <TextField
          v-model="text"
          label="Rows with their headings"
          :rows="6"
          :maxlength="2000000"
          :placeholder="EXAMPLE"
        />
        <div class="whose">
          <FileButton
            label="or take a file (CSV, JSON, another workshop’s archive)"
            accept=".csv,.tsv,.txt,.json,.zip"
            @file="deeds.readFile"
          />
          <TextField v-model="origin" label="Whose records, if not yours" :maxlength="120" />
          <NumberInput
            v-if="origin.trim()"
            v-model="weight"
            label="How much each counts, 0 to 1"
            :min="0"
            :max="1"
            :step="0.1"
          />
        </div>
        <p v-for="p in problems" :key="p" class="out small" role="alert">{{ p }}</p>
        <p v-if="isReading" class="soft small" role="status">Reading…</p>
        <template v-if="table">
          <p v-for="p in table.problems" :key="p.message" class="out small" role="alert">
            The table {{ p.message }}.
          </p>
          <p v-for="n in table.notes" :key="n" class="marginal small">◐ {{ n }}</p>
          <p v-if="matched.length" class="small soft" data-testid="placed-import-columns">
            Taken as:
            <template v-for="(c, i) in matched" :key="c.heading"
              ><template v-if="i">, </template>“{{ c.heading }}” as {{ asWords(c.as!) }}</template
            >.
          </p>
          <template v-if="rows.length">
            <p class="small" data-testid="placed-import-counts">
              <span class="fits">● {{ counts.add }} to place</span>,
              <span class="marginal">◐ {{ counts.double }} there already</span>,
              <span class="out">○ {{ counts.reject }} that cannot be read</span>
            </p>
            <div class="rows">
              <ul>
                <li v-for="r in rows.slice(0, most)" :key="r.line" data-testid="placed-import-row">
                  <span class="soft small">line {{ r.line }}</span> <b>{{ r.name || 'without a name' }}</b>
                  <span v-if="r.placement" class="small">
                    {{ ofWhat(r.placement) }}, {{ r.placement.sinceRough ? 'since about' : 'since' }}
                    {{ dayText(r.placement.since) }}, {{ r.placement.place.where }}</span
                  >
                  <span class="so small" :class="tone[r.verdict]"
                    >{{ sign[r.verdict] }} {{ outcome(r) }}</span
                  >
                </li>
              </ul>
              <Button v-if="rows.length > most" type="text" @click="most += MORE">
                {{ rows.length - most }} more
              </Button>
            </div>
          </template>
        </template>
        <div class="actions">
          <Button @click="open = false">Leave it</Button>
          <Button
            type="primary"
            :disabled="!counts.add || isWriting"
            data-testid="placed-import-write"
            @click="deeds.write"
            >{{ isWriting ? 'Placing…' : deed }}</Button
          >
        </div>
      </template>
    </div>
  </Modal>
</template>

<style scoped>
.whose {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: end;
  margin: 10px 0;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  border-top: 1px solid var(--rule);
  padding: 5px 0;
}
.so {
  display: block;
}
.rows {
  max-height: 300px;
  overflow: auto;
}
.actions {
  display: flex;
  gap: 12px;
  justify-content: flex-end;
  margin: 14px 0 0;
}
</style>
