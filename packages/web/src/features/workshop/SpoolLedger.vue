<script setup lang="ts">
import { parseSpool, type SpoolEvent } from '@hornblende/core/formats';
import { HOUR_MS } from '@hornblende/core/lib';
import { faultLessons } from '@hornblende/core/triage';
import { Button, Drawer } from '../../ui/kit';
import { computed, onMounted, ref } from 'vue';
import { problemLines } from '../../api/problem-lines';
import { useFaults } from '../../stores/faults';
import { useShelf, type ShelfRow } from '../../stores/shelf';
import { useWorking } from '../../stores/working';
import { useWorkshop } from '../../stores/workshop';
import LessonList from '../../ui/LessonList.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useReturnFocus } from '../../ui/useReturnFocus';
import { useUnits } from '../../ui/useUnits';
import LedgerForm from './LedgerForm.vue';
import { eventLine, waterLook } from './spool-words';
import WaterCurve from './WaterCurve.vue';
import { dayText } from '../../ui/day-text';

/** What happened to a spool, what water it holds because of it, and what happens next. */
const props = defineProps<{ row: ShelfRow }>();
const emit = defineEmits<{ close: [] }>();
const shelf = useShelf();
const faults = useFaults();
onMounted(() => faults.ensure());
const workshop = useWorkshop();
const working = useWorking();
const { say, show } = useUnits();
const { offerUndo } = useFeedback();
useReturnFocus();
const open = ref(true);
const problems = ref<string[]>([]);

const title = computed(() => {
  const { name, spool } = props.row;
  const named = spool.colour ? `${name}, ${spool.colour}` : name;
  return spool.code ? `${named} · ${spool.code}` : named;
});
const latestFirst = computed(() => props.row.spool.events.map((event, at) => ({ event, at })).reverse());

async function put(events: SpoolEvent[]): Promise<boolean> {
  try {
    const plain = JSON.parse(JSON.stringify({ ...props.row.spool, events })) as unknown;
    await shelf.save(parseSpool(plain), props.row);
    problems.value = [];
    return true;
  } catch (e) {
    problems.value = problemLines(e);
    return false;
  }
}
async function strike(at: number): Promise<void> {
  const before = props.row.spool.events;
  if (await put(before.filter((_, k) => k !== at)))
    offerUndo('Struck from the ledger.', () => put([...before]));
}
function showWorking(): void {
  const { family, spool, name } = props.row;
  if (!family) return;
  const opened = spool.events.find(e => e.kind === 'opened' || e.kind === 'printed');
  const hoursOpen = opened ? Math.max(0, (Date.now() - Date.parse(opened.at)) / HOUR_MS) : 0;
  working.show({
    title: `Water in ${name}`,
    note:
      `The ledger runs this from event to event, in air of ${workshop.settings.roomRhPct} % (15 % ` +
      'boxed). Here: open all the while since it was opened.',
    refs: [
      {
        model: 'spool.moisture',
        inputs: {
          family: family.grade?.family ?? family.key,
          rhPct: workshop.settings.roomRhPct,
          hoursOpen,
        },
      },
    ],
  });
}
</script>

<template>
  <Drawer
    v-model:open="open"
    :title="title"
    :width="600"
    placement="right"
    @after-open-change="(now: boolean) => now || emit('close')"
  >
    <div data-testid="ledger">
      <p class="big">
        <b>{{ show(row.leftG, 'mass') }}</b> left<span v-if="row.low" class="marginal"> ◐ low</span>
        <Button
          type="text"
          :href="`/api/coupons/swatch.stl?code=${encodeURIComponent(row.spool.code.slice(0, 12))}`"
          >A swatch of it, as STL</Button
        >
      </p>
      <LessonList :lessons="faultLessons(faults.faults, { place: 'spool', id: row.id })" />
      <template v-if="row.moisture">
        <p data-testid="moisture" :class="waterLook[row.moisture.state].tone">
          {{ waterLook[row.moisture.state].mark }} <b>{{ row.moisture.state }}</b>:
          {{ say(row.moisture.advice) }}
          <Button type="text" @click="showWorking">Working</Button>
        </p>
        <WaterCurve :row="row" />
      </template>
      <p v-else class="soft">Its grade is no longer in the library, so its water cannot be worked out.</p>
      <LedgerForm :row="row" :add="event => put([...row.spool.events, event])" />
      <p v-for="p in problems" :key="p" class="out small" role="alert">{{ p }}</p>
      <h3>The ledger</h3>
      <p v-if="!latestFirst.length" class="soft">Nothing yet: taken as sealed and dry.</p>
      <ul class="events">
        <li v-for="{ event, at } in latestFirst" :key="at">
          <span class="soft small">{{ dayText(event.at) }}</span>
          <span
            >{{ eventLine(event, show) }}<span v-if="event.note" class="soft">, {{ event.note }}</span></span
          >
          <Button
            type="text"
            size="small"
            :aria-label="`Strike: ${eventLine(event, show)}`"
            @click="strike(at)"
          >
            strike
          </Button>
        </li>
      </ul>
    </div>
  </Drawer>
</template>

<style scoped>
.big {
  font-size: 18px;
}
.events {
  list-style: none;
  padding: 0;
  margin: 6px 0 0;
}
.events li {
  display: grid;
  grid-template-columns: 96px 1fr auto;
  gap: 10px;
  padding: 4px 0;
  border-bottom: 1px solid var(--rule);
  align-items: baseline;
}
</style>
