<script setup lang="ts">
import {
  sig,
  upgrades as catalogue,
  type UpgradeKind,
  type UpgradeOption,
  type WorkshopUpgradesResult,
} from '@hornblende/core';
import { message, Progress } from 'ant-design-vue';
import { LineChart, ScatterChart } from 'echarts/charts';
import { use, type ECElementEvent } from 'echarts/core';
import { computed, onMounted, ref, watch } from 'vue';
import VChart from 'vue-echarts';
import NumberInput from '../components/NumberInput.vue';
import { useChartColours } from '../composables/useCharts';
import { useWorkerTask } from '../composables/useWorkerTask';
import UpgradesWorker from '../workers/upgrades.worker?worker';
import type { UpgradesQuestion } from '../workers/upgrades.worker';
import { useLibrary } from '../stores/library';
import { useParts } from '../stores/parts';
import { usePrinters } from '../stores/printers';
import { useWeathers } from '../stores/weathers';
import { useWorkshop } from '../stores/workshop';

use([ScatterChart, LineChart]);

/**
 * What to buy for a printer: what each affordable set of upgrades opens over the parts that are still to
 * decide, against its price.
 */
const printers = usePrinters();
const parts = useParts();
const workshop = useWorkshop();
const weathers = useWeathers();
const library = useLibrary();
const colours = useChartColours();
const { answer, progress, failed, ask, cancel } = useWorkerTask<
  UpgradesQuestion,
  { result: WorkshopUpgradesResult }
>(UpgradesWorker);
const result = computed(() => answer.value?.result ?? null);
const printerId = ref<string | null>(null);
const decidedToo = ref(false);
const left = ref<UpgradeKind[]>([]);
const chosen = ref(0);

const printer = computed(() => printers.byId(printerId.value) ?? printers.list[0] ?? null);
const offers = computed(() =>
  catalogue
    .filter(u => printer.value && u.apply(printer.value.profile) !== null)
    .map(u => ({ kind: u.kind, name: u.name, price: workshop.settings.upgradePrices[u.kind] ?? u.price })),
);
const open = computed(() => parts.list.filter(p => decidedToo.value || !p.decision));
const nameOf = (kinds: readonly UpgradeKind[]): string =>
  kinds.map(k => catalogue.find(u => u.kind === k)?.name ?? k).join(' + ');
const money = (x: number): string => `${workshop.currency}${sig(x, 4)}`;
onMounted(async () => {
  await Promise.all([
    parts.load(),
    printers.loaded ? Promise.resolve() : printers.load().catch(() => undefined),
    workshop.load().catch(() => undefined),
  ]);
  await Promise.all(parts.list.map(p => weathers.ensure(p.weatherId).catch(() => undefined)));
  // The least able printer has the most to gain.
  printerId.value ??= printers.list.find(p => !p.isDefault)?.id ?? printers.list[0]?.id ?? null;
});
watch([printer, open, offers, left, () => workshop.settings.upgradeBudget, () => workshop.quotes], () => {
  if (!printer.value) return;
  chosen.value = 0;
  ask({
    input: {
      printer: printer.value.profile,
      upgrades: offers.value
        .filter(o => !left.value.includes(o.kind))
        .map(({ kind, price }) => ({ kind, price })),
      parts: open.value.map(p => ({
        name: p.name,
        brief: p.brief,
        quoteEach: workshop.quotes[p.id] ?? null,
      })),
      budget: workshop.settings.upgradeBudget,
    },
    weathers: open.value.map(p => weathers.byId(p.weatherId)),
  });
});

const worth = computed(() => result.value?.options.filter(o => o.pareto) ?? []);
const most = computed(() =>
  result.value?.mostOpened
    ? (result.value.options.find(o => o.kinds.join() === result.value?.mostOpened?.join()) ?? null)
    : null,
);
const best = computed(() =>
  result.value?.bestSingle
    ? (result.value.options.find(o => o.kinds.length === 1 && o.kinds[0] === result.value?.bestSingle) ??
      null)
    : null,
);
const shown = computed<UpgradeOption | null>(
  () => worth.value[Math.min(chosen.value, worth.value.length - 1)] ?? null,
);
/** Break-even by part, so that a quote can stand beside its answer. */
const quotes = computed(() =>
  open.value.map((p, i) => ({
    id: p.id,
    name: p.name,
    quantity: p.brief.quantity,
    quote: workshop.quotes[p.id] ?? null,
    answer: result.value?.breakEven.find(b => b.index === i && b.part === p.name) ?? null,
  })),
);

async function keep(work: Promise<void>): Promise<void> {
  try {
    await work;
  } catch (e) {
    void message.error((e as Error).message);
  }
}
function setPrice(kind: UpgradeKind, price: number): void {
  void keep(workshop.set({ upgradePrices: { ...workshop.settings.upgradePrices, [kind]: price } }));
}
function take(kind: UpgradeKind, on: boolean): void {
  left.value = on ? left.value.filter(k => k !== kind) : [...left.value, kind];
}

const option = computed(() => {
  const point = (o: UpgradeOption): object => ({
    value: [o.cost, o.gain],
    kinds: o.kinds,
    name: nameOf(o.kinds),
  });
  const axis = (name: string, gap: number): object => ({
    type: 'value',
    name,
    nameLocation: 'middle',
    nameGap: gap,
    nameTextStyle: { color: colours.value.ink, fontSize: 13 },
    axisLabel: { color: colours.value.soft },
    splitLine: { lineStyle: { color: colours.value.rule } },
    axisLine: { show: true, lineStyle: { color: colours.value.soft } },
  });
  return {
    animation: false,
    textStyle: { fontFamily: "'Atkinson Hyperlegible', system-ui, sans-serif" },
    grid: { left: 62, right: 24, top: 16, bottom: 50 },
    tooltip: {
      confine: true,
      backgroundColor: colours.value.panel,
      borderColor: colours.value.rule,
      textStyle: { color: colours.value.ink, fontSize: 13 },
      formatter: (p: { data: { name: string; value: [number, number] } }) =>
        `<b>${p.data.name}</b><br>${money(p.data.value[0])}, gain ${p.data.value[1].toFixed(2)}`,
    },
    xAxis: { ...axis(`cost, ${workshop.currency}`, 28), min: 0 },
    yAxis: axis('gain in score', 40),
    series: [
      {
        type: 'scatter',
        data: (result.value?.options ?? []).filter(o => !o.pareto).map(point),
        symbolSize: 5,
        itemStyle: { color: colours.value.soft, opacity: 0.35 },
        z: 1,
      },
      {
        type: 'line',
        step: 'end',
        data: worth.value.map(point),
        symbol: 'circle',
        symbolSize: (_: unknown, p: { dataIndex: number }) => (p.dataIndex === chosen.value ? 13 : 8),
        lineStyle: { color: colours.value.strength, width: 1.5 },
        itemStyle: { color: colours.value.strength },
        z: 3,
      },
    ],
  };
});
function pick(e: ECElementEvent): void {
  const data = e.data as { kinds?: UpgradeKind[] } | null;
  const i = worth.value.findIndex(o => o.kinds === data?.kinds);
  if (i >= 0) chosen.value = i;
}
</script>

<template>
  <p v-if="!printers.list.length" class="soft">Upgrades are weighed for a printer: add one first.</p>
  <p v-else-if="parts.state === 'loading'" class="soft" role="status">Fetching the parts…</p>
  <div v-else-if="printer" class="upgrades">
    <section class="offers">
      <p>
        <label
          >For
          <select
            class="in-sentence"
            :value="printer.id"
            aria-label="Printer to upgrade"
            @change="printerId = ($event.target as HTMLSelectElement).value"
          >
            <option v-for="p in printers.list" :key="p.id" :value="p.id">{{ p.profile.name }}</option>
          </select></label
        >
      </p>
      <p v-if="!offers.length" class="soft">This printer has everything that is on offer here.</p>
      <table v-else class="plain">
        <thead>
          <tr>
            <th>On offer</th>
            <th class="n">Price, {{ workshop.currency }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="o in offers" :key="o.kind">
            <td>
              <label class="tick"
                ><input
                  type="checkbox"
                  :checked="!left.includes(o.kind)"
                  @change="take(o.kind, ($event.target as HTMLInputElement).checked)"
                />
                {{ o.name }}</label
              >
            </td>
            <td class="n">
              <NumberInput
                inline
                :label="`Price of ${o.name}`"
                :model-value="o.price"
                :min="0"
                :max="1000000"
                @update:model-value="v => v !== null && setPrice(o.kind, v)"
              />
            </td>
          </tr>
        </tbody>
      </table>
      <p>
        <NumberInput
          label="Spend at most"
          nullable
          placeholder="no limit"
          :model-value="workshop.settings.upgradeBudget"
          :min="0"
          :max="10000000"
          @update:model-value="v => keep(workshop.set({ upgradeBudget: v }))"
        />
      </p>
      <p class="small soft">
        Prices are made up to start from; put in what you would pay. {{ open.length }}
        {{ open.length === 1 ? 'part is' : 'parts are' }} weighed.
        <label class="tick"><input v-model="decidedToo" type="checkbox" /> decided ones too</label>
      </p>
      <p class="small caution">
        Heaters, mains wiring and hot chambers are work for qualified people, to local code.
      </p>
    </section>
    <section class="answer">
      <div v-if="progress !== null" class="busy" role="status">
        Weighing every set…
        <Progress :percent="Math.round(100 * progress)" size="small" aria-label="Weighing" /><button
          type="button"
          class="quiet-button"
          @click="cancel"
        >
          Stop
        </button>
      </div>
      <p v-if="failed" class="out">It could not be worked out: {{ failed }}</p>
      <template v-if="result">
        <p v-if="!worth.length" class="soft">
          Nothing on offer makes any of these parts better. Keep the money.
        </p>
        <template v-else>
          <p class="lead" data-testid="most-opened">
            <template v-if="most"
              >One thing that opens most: <b>{{ nameOf(most.kinds) }}</b>, {{ most.opens }} more part–filament
              pairs for {{ money(most.cost) }}.</template
            >
            <template v-if="best"
              >One thing that gains most: <b>{{ nameOf(best.kinds) }}</b>, {{ best.gain.toFixed(2) }} in score
              for {{ money(best.cost) }}.</template
            >
          </p>
          <VChart
            class="chart"
            :option="option"
            :update-options="{ notMerge: true }"
            autoresize
            role="img"
            :aria-label="`Cost against gain; worth it: ${worth.map(o => `${nameOf(o.kinds)} ${money(o.cost)} gains ${o.gain.toFixed(2)}`).join('; ')}`"
            @click="pick"
          />
          <div class="pair">
            <table class="plain" data-testid="worth">
              <thead>
                <tr>
                  <th>No cheaper set gains as much</th>
                  <th class="n">Cost</th>
                  <th class="n" title="Rise of the best score, summed over the parts">Gain</th>
                  <th class="n">Opens</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="(o, i) in worth" :key="o.kinds.join()" :class="{ on: o === shown }">
                  <td>
                    <button type="button" class="link" @click="chosen = i">{{ nameOf(o.kinds) }}</button>
                  </td>
                  <td class="n">{{ money(o.cost) }}</td>
                  <td class="n">{{ o.gain.toFixed(2) }}</td>
                  <td class="n">{{ o.opens }}</td>
                </tr>
              </tbody>
            </table>
            <div v-if="shown" class="unlocks">
              <h3>{{ nameOf(shown.kinds) }}</h3>
              <ul>
                <li v-for="u in shown.unlocked" :key="u.index">
                  <b>{{ u.part }}</b>:
                  {{ u.firstBefore === null ? 'nothing fitted' : library.nameOf(u.firstBefore)
                  }}<template v-if="u.firstAfter !== u.firstBefore">
                    → <b>{{ library.nameOf(u.firstAfter ?? '') }}</b></template
                  ><template v-else> stays first</template>
                  <span class="soft small"
                    >{{ u.scoreBefore.toFixed(2) }} → {{ u.scoreAfter.toFixed(2)
                    }}<template v-if="u.materials.length"
                      >; opens
                      {{
                        u.materials
                          .slice(0, 4)
                          .map(m => library.nameOf(m))
                          .join(', ')
                      }}<template v-if="u.materials.length > 4">
                        and {{ u.materials.length - 4 }} more</template
                      ></template
                    ></span
                  >
                </li>
              </ul>
            </div>
          </div>
        </template>
      </template>
    </section>
    <section class="service">
      <h2>
        Or have it printed
        <span class="soft small plain"
          >type what a print service asks for one; against it stands the filament, machine time and labour
          here</span
        >
      </h2>
      <p v-if="!quotes.length" class="soft">No part is open.</p>
      <table v-else class="plain">
        <thead>
          <tr>
            <th>Part</th>
            <th class="n">Wanted</th>
            <th class="n">Quote each, {{ workshop.currency }}</th>
            <th class="n">Here, each</th>
            <th>So</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="q in quotes" :key="q.id">
            <td>
              <RouterLink :to="`/parts/${q.id}/rank`">{{ q.name }}</RouterLink>
            </td>
            <td class="n">{{ q.quantity }}</td>
            <td class="n">
              <NumberInput
                inline
                nullable
                placeholder="none"
                :label="`Quote for ${q.name}`"
                :model-value="q.quote"
                :min="0.01"
                :max="1000000"
                @update:model-value="v => keep(workshop.quote(q.id, v))"
              />
            </td>
            <td class="n">{{ q.answer?.ownEach == null ? '' : money(q.answer.ownEach) }}</td>
            <td class="soft">{{ q.answer?.note ?? '' }}</td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
.upgrades {
  display: grid;
  grid-template-columns: 300px minmax(0, 1fr);
  gap: 20px 36px;
}
.service {
  grid-column: 1 / -1;
  border-top: 1px solid var(--rule);
  padding-top: 14px;
}
.offers td {
  padding: 4px 8px 4px 0;
  font-size: 14px;
}
.n {
  text-align: right !important;
  white-space: nowrap;
}
.chart {
  height: 300px;
}
.lead {
  margin-bottom: 4px;
}
.pair {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 30px;
}
.pair td {
  padding: 4px 10px 4px 0;
  font-size: 14px;
}
.on {
  background: var(--hover);
}
.unlocks ul {
  margin: 6px 0 0;
  padding-left: 18px;
}
.unlocks li {
  margin-bottom: 4px;
}
.plain {
  font-weight: 400;
}
.busy {
  display: flex;
  gap: 12px;
  align-items: center;
}
.busy :deep(.ant-progress) {
  max-width: 240px;
}
.caution {
  border-left: 3px solid var(--marginal-fill);
  padding-left: 10px;
}
@media (max-width: 1180px) {
  .upgrades {
    grid-template-columns: 240px minmax(0, 1fr);
    gap: 20px;
  }
  .pair {
    grid-template-columns: 1fr;
  }
}
</style>
