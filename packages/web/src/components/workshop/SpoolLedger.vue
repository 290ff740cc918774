<script setup lang="ts">
import {
  filamentG,
  InputError,
  parseSpool,
  sig,
  spoolMoistureNow,
  type SpoolEvent,
  type SpoolEventKind,
} from '@hornblende/core';
import { Drawer, message } from 'ant-design-vue';
import dayjs from 'dayjs';
import { computed, ref, watch } from 'vue';
import { ApiError } from '../../api/client';
import { useUnits } from '../../composables/useUnits';
import { useShelf, type ShelfRow } from '../../stores/shelf';
import { useWorking } from '../../stores/working';
import { useWorkshop } from '../../stores/workshop';
import QuantityInput from '../QuantityInput.vue';
import NumberInput from '../NumberInput.vue';

/** What happened to a spool, what water it holds because of it, and what happens next. */
const props = defineProps<{ row: ShelfRow | null }>();
const emit = defineEmits<{ close: [] }>();
const shelf = useShelf();
const workshop = useWorkshop();
const working = useWorking();
const { say, show } = useUnits();
const kind = ref<SpoolEventKind>('printed');
const at = ref('');
const grams = ref<number | null>(null);
const withReel = ref(true);
const dryingC = ref<number | null>(null);
const hours = ref<number | null>(null);
const note = ref('');
const problems = ref<string[]>([]);
const kinds: { kind: SpoolEventKind; label: string }[] = [
  { kind: 'printed', label: 'Printed from' },
  { kind: 'weighed', label: 'Weighed' },
  { kind: 'opened', label: 'Opened' },
  { kind: 'boxed', label: 'Boxed' },
  { kind: 'dried', label: 'Dried' },
];

function reset(): void {
  at.value = dayjs().format('YYYY-MM-DDTHH:mm');
  grams.value = null;
  note.value = '';
  problems.value = [];
  dryingC.value = props.row?.moisture?.dryC ?? props.row?.family?.properties.dryC?.typical ?? null;
  hours.value = props.row?.moisture?.dryHours ?? props.row?.family?.properties.dryHours?.typical ?? null;
}
watch(
  () => props.row?.id,
  id => {
    if (id) {
      kind.value = 'printed';
      reset();
    }
  },
  { immediate: true },
);

const softens = computed(() => props.row?.family?.properties.spoolLimitC?.typical ?? null);
const tooHot = computed(
  () =>
    kind.value === 'dried' &&
    softens.value !== null &&
    dryingC.value !== null &&
    dryingC.value > softens.value,
);
async function put(events: SpoolEvent[], said: string): Promise<void> {
  if (!props.row) return;
  try {
    await shelf.save(parseSpool(JSON.parse(JSON.stringify({ ...props.row.spool, events }))), props.row);
    reset();
    if (said) void message.success(said);
  } catch (e) {
    problems.value =
      e instanceof InputError || e instanceof ApiError
        ? e.problems.map(p => `${p.field.replace(/^(spool\.)?events\[\d+\]\./, '')} ${p.message}`)
        : [(e as Error).message];
  }
}
function add(): void {
  if (!props.row) return;
  if (!dayjs(at.value).isValid()) {
    problems.value = ['When must be a date and time.'];
    return;
  }
  const amount =
    kind.value === 'weighed' && grams.value !== null
      ? filamentG(grams.value, withReel.value, props.row.spool.reelG)
      : kind.value === 'printed'
        ? grams.value
        : null;
  const event: SpoolEvent = {
    kind: kind.value,
    at: dayjs(at.value).toISOString(),
    dryingC: kind.value === 'dried' ? dryingC.value : null,
    hours: kind.value === 'dried' ? hours.value : null,
    grams: amount,
    note: note.value,
  };
  void put([...props.row.spool.events, event], '');
}
function drop(i: number): void {
  if (props.row)
    void put(
      props.row.spool.events.filter((_, k) => k !== i),
      'Struck from the ledger.',
    );
}

/** The water over the ledger's time, sampled between its events. */
const W = 520;
const H = 130;
const curve = computed(() => {
  const { row } = props;
  const first = row?.spool.events[0];
  if (!row?.family || !row.moisture || !first) return null;
  const from = Date.parse(first.at);
  const to = Date.now();
  if (to <= from) return null;
  const times = Array.from({ length: 121 }, (_, i) => from + ((to - from) * i) / 120)
    .concat(row.spool.events.map(e => Date.parse(e.at)).filter(t => t <= to))
    .sort((a, b) => a - b);
  const points = times.map(t => ({
    t,
    w: spoolMoistureNow(row.spool, row.family!, new Date(t).toISOString(), workshop.settings.roomRhPct, null)
      .waterPct,
  }));
  const max = Math.max(row.moisture.limitPct * 1.6, ...points.map(p => p.w)) || 1;
  const x = (t: number): number => 44 + ((W - 54) * (t - from)) / (to - from);
  const y = (w: number): number => H - 22 - ((H - 34) * w) / max;
  return {
    path: points.map((p, i) => `${i ? 'L' : 'M'}${x(p.t).toFixed(1)} ${y(p.w).toFixed(1)}`).join(' '),
    limit: y(row.moisture.limitPct),
    limitPct: row.moisture.limitPct,
    max,
    top: y(max),
    from: dayjs(from).format('D MMM YY'),
    events: row.spool.events
      .filter(e => e.kind === 'dried' && Date.parse(e.at) <= to)
      .map(e => x(Date.parse(e.at))),
  };
});
function showWorking(): void {
  const { row } = props;
  if (!row?.family || !row.moisture) return;
  const opened = row.spool.events.find(e => e.kind === 'opened' || e.kind === 'printed');
  working.show({
    title: `Water in ${row.name}`,
    note:
      `The ledger runs this from event to event, in air of ${workshop.settings.roomRhPct} % (15 % ` +
      'boxed). Here: open all the while since it was opened.',
    refs: [
      {
        model: 'spool.moisture',
        inputs: {
          family: row.family.grade?.family ?? row.family.key,
          rhPct: workshop.settings.roomRhPct,
          hoursOpen: opened ? Math.max(0, (Date.now() - Date.parse(opened.at)) / 3_600_000) : 0,
        },
      },
    ],
  });
}
function line(e: SpoolEvent): string {
  switch (e.kind) {
    case 'opened':
      return 'Opened';
    case 'boxed':
      return 'Closed up with desiccant';
    case 'dried':
      return `Dried ${sig(e.hours ?? 0, 2)} h at ${show(e.dryingC, 'temperature')}`;
    case 'printed':
      return `Printed ${show(e.grams, 'mass')}`;
    case 'weighed':
      return `Weighed: ${show(e.grams, 'mass')} of filament left`;
  }
}
</script>

<template>
  <Drawer
    :open="row !== null"
    :title="
      row
        ? `${row.name}${row.spool.colour ? `, ${row.spool.colour}` : ''}${row.spool.code ? ` · ${row.spool.code}` : ''}`
        : ''
    "
    :width="600"
    placement="right"
    @close="emit('close')"
  >
    <div v-if="row" data-testid="ledger">
      <p class="big">
        <b>{{ show(row.leftG, 'mass') }}</b> left<span v-if="row.low" class="marginal"> ◐ low</span>
      </p>
      <template v-if="row.moisture">
        <p
          data-testid="moisture"
          :class="{
            fits: row.moisture.state === 'dry',
            marginal: row.moisture.state === 'dry it first',
            out: row.moisture.state === 'unusable',
          }"
        >
          {{ { dry: '●', 'dry it first': '◐', unusable: '○' }[row.moisture.state] }}
          <b>{{ row.moisture.state }}</b>: {{ say(row.moisture.advice) }}
          <button type="button" class="quiet-button" @click="showWorking">Working</button>
        </p>
        <svg
          v-if="curve"
          :viewBox="`0 0 ${W} ${H}`"
          :width="W"
          :height="H"
          role="img"
          :aria-label="`Water over time, now ${sig(row.moisture.waterPct, 2)} %`"
        >
          <line x1="44" :x2="W - 10" :y1="H - 22" :y2="H - 22" class="axis" />
          <line x1="44" :x2="W - 10" :y1="curve.limit" :y2="curve.limit" class="limit" />
          <line v-for="(x, i) in curve.events" :key="i" :x1="x" :x2="x" y1="8" :y2="H - 22" class="dried" />
          <path :d="curve.path" class="water" />
          <text x="38" :y="curve.limit + 4" text-anchor="end" class="limit-text">
            {{ sig(curve.limitPct, 2) }}
          </text>
          <text v-if="curve.limit - curve.top > 18" x="38" :y="curve.top + 4" text-anchor="end">
            {{ sig(curve.max, 2) }}
          </text>
          <text x="38" :y="H - 18" text-anchor="end">0</text>
          <text x="44" :y="H - 5">{{ curve.from }}</text>
          <text :x="W - 10" :y="H - 5" text-anchor="end">now</text>
        </svg>
        <p v-if="curve" class="soft small">% of water by mass; the line is the most it prints well with.</p>
      </template>
      <p v-else class="soft">Its grade is no longer in the library, so its water cannot be worked out.</p>
      <form class="add" @submit.prevent="add">
        <span class="segments" role="radiogroup" aria-label="What happened"
          ><button
            v-for="k in kinds"
            :key="k.kind"
            type="button"
            role="radio"
            :aria-checked="kind === k.kind"
            :class="{ on: kind === k.kind }"
            @click="kind = k.kind"
          >
            {{ k.label }}
          </button></span
        >
        <div class="fields">
          <QuantityInput
            v-if="kind === 'printed'"
            label="Taken off"
            nullable
            placeholder="40 g"
            dimension="mass"
            :model-value="grams"
            :min="0"
            :max="20000"
            @update:model-value="
              v => {
                grams = v;
              }
            "
          />
          <template v-if="kind === 'weighed'"
            ><QuantityInput
              label="The scale reads"
              nullable
              placeholder="640 g"
              dimension="mass"
              :model-value="grams"
              :min="0"
              :max="25000"
              @update:model-value="
                v => {
                  grams = v;
                }
              "
            /><label class="tick"
              ><input v-model="withReel" type="checkbox" /> with the reel ({{
                show(row.spool.reelG, 'mass')
              }})</label
            ></template
          >
          <template v-if="kind === 'dried'"
            ><QuantityInput
              label="At"
              dimension="temperature"
              :model-value="dryingC"
              :min="20"
              :max="250"
              @update:model-value="
                v => {
                  dryingC = v;
                }
              " /><NumberInput
              label="Hours"
              :model-value="hours"
              :min="0.1"
              :max="500"
              @update:model-value="
                v => {
                  hours = v;
                }
              "
          /></template>
          <label class="field-label"
            >When<input v-model="at" type="datetime-local" aria-label="When"
          /></label>
          <label class="field-label grow">Note<input v-model="note" maxlength="200" /></label>
        </div>
        <p v-if="tooHot" class="out small">
          A spool of {{ row.name }} softens at {{ show(softens, 'temperature') }}: its turns fuse.
        </p>
        <p v-for="p in problems" :key="p" class="out small">{{ p }}</p>
        <button type="submit" class="solid" data-testid="ledger-add">Write it down</button>
      </form>
      <h3>The ledger</h3>
      <p v-if="!row.spool.events.length" class="soft">Nothing yet: taken as sealed and dry.</p>
      <ul class="events">
        <li v-for="(e, i) in [...row.spool.events].reverse()" :key="i">
          <span class="soft small">{{ dayjs(e.at).format('D MMM YYYY') }}</span><span
            >{{ line(e) }}<span v-if="e.note" class="soft">, {{ e.note }}</span></span
          ><button
            type="button"
            class="quiet-button small"
            :aria-label="`Strike: ${line(e)}`"
            @click="drop(row.spool.events.length - 1 - i)"
          >
            strike
          </button>
        </li>
      </ul>
    </div>
  </Drawer>
</template>

<style scoped>
.big {
  font-size: 18px;
}
svg {
  max-width: 100%;
}
text {
  font:
    12px 'Atkinson Hyperlegible',
    system-ui,
    sans-serif;
  fill: var(--soft);
}
.axis {
  stroke: var(--rule-strong);
}
.limit {
  stroke: var(--out);
}
.limit-text {
  fill: var(--out);
}
.water {
  fill: none;
  stroke: var(--info);
  stroke-width: 2;
}
.dried {
  stroke: var(--s-heat);
  stroke-dasharray: 3 3;
}
.add {
  border-top: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
  padding: 12px 0;
  margin: 10px 0;
}
.fields {
  display: flex;
  gap: 10px 16px;
  flex-wrap: wrap;
  align-items: end;
  margin: 10px 0;
}
.grow {
  flex: 1;
  min-width: 120px;
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
