<script setup lang="ts">
import type { LayVerdict } from '@hornblende/core/advice';
import type { Turn } from '@hornblende/core/geometry';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import StatusMark from '../../ui/StatusMark.vue';
import { useWorkshop } from '../../stores/workshop';
import { useUnits } from '../../ui/useUnits';
import LineDrawing from './LineDrawing.vue';

/** The best few ways to lay the part, side by side: what each costs and gains, and why. */
const props = defineProps<{
  verdicts: readonly LayVerdict[];
  edgesOf: (index: number) => { edges: Float32Array; turn: Turn };
  seen: number;
}>();
const emit = defineEmits<{ lay: [verdict: LayVerdict]; see: [index: number] }>();
const { show } = useUnits();
const workshop = useWorkshop();
const cost = (each: number): string => `${workshop.currency}${each.toFixed(2)}`;
/** How many stand side by side; the rest are a button away. */
const WAYS_AT_FIRST = 4;
const all = ref(false);
const shown = computed(() => {
  if (all.value) return props.verdicts;
  const few = props.verdicts.slice(0, WAYS_AT_FIRST);
  // How it lies now is always among them, to compare with.
  const now = props.verdicts.find(v => v.current);
  return now && !few.includes(now) ? [...few.slice(0, WAYS_AT_FIRST - 1), now] : few;
});
const minutes = (hours: number): string =>
  hours < 1 ? `${Math.round(60 * hours)} min` : `${hours.toFixed(1)} h`;
const chance = (p: number): string => (p < 0.01 ? 'under 1 in 100' : `${Math.round(100 * p)} in 100`);
</script>

<template>
  <ol class="ways" data-testid="ways">
    <li v-for="v in shown" :key="v.index" :class="{ now: v.current, seen: v.index === seen }">
      <div class="sketch">
        <LineDrawing v-bind="edgesOf(v.index)" :label="`Way ${v.rank}, drawn as it lies`" />
      </div>
      <h3>
        {{ v.rank === 1 ? 'Best' : `Way ${v.rank}` }}<template v-if="v.current">, as it is now</template>
        <StatusMark :status="v.candidate.status" />
      </h3>
      <dl class="small">
        <div>
          <dt>takes</dt>
          <dd>
            {{ show(v.candidate.printing.massG, 'mass', 1)
            }}<template v-if="v.candidate.printing.supportG >= 0.05">
              + {{ show(v.candidate.printing.supportG, 'mass', 1) }} of supports</template
            >, {{ v.lay.closed === false ? 'a guess, ' : '' }}{{ minutes(v.candidate.printing.hours) }},
            {{ cost(v.candidate.printing.costEach) }}
          </dd>
        </div>
        <div>
          <dt>size</dt>
          <dd>
            {{ show(v.brief.geometry.xMm, 'length', 1) }} × {{ show(v.brief.geometry.yMm, 'length', 1) }},
            {{ show(v.brief.geometry.zMm, 'length', 1) }} tall
          </dd>
        </div>
        <div>
          <dt>bows</dt>
          <dd>
            {{ v.bowMm < 0.01 ? 'nothing to speak of' : show(v.bowMm, 'length', 2) }}, lifts
            {{ chance(Math.max(v.candidate.printing.pLift, v.candidate.printing.pSplit)) }}
          </dd>
        </div>
      </dl>
      <ul class="reasons small">
        <li v-for="r in v.for" :key="r" class="good">{{ r }}</li>
        <li v-for="r in v.against" :key="r" class="bad">{{ r }}</li>
      </ul>
      <p class="deeds">
        <Button v-if="!v.current" size="small" type="primary" @click="emit('lay', v)">Lay it so</Button>
        <Button size="small" type="text" :aria-pressed="v.index === seen" @click="emit('see', v.index)"
          >Look at it</Button
        >
      </p>
    </li>
  </ol>
  <Button v-if="verdicts.length > WAYS_AT_FIRST" type="text" @click="all = !all">
    {{ all ? 'Only the best few' : `All ${verdicts.length} ways` }}
  </Button>
</template>

<style scoped>
.ways {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 0 28px;
}
.ways > li {
  border-top: 2px solid var(--rule-strong);
  padding: 8px 0 12px;
  display: flex;
  flex-direction: column;
}
.ways > li.now {
  border-top-color: var(--deep);
}
.sketch {
  height: 104px;
  padding: 4px;
}
.seen .sketch {
  background: var(--well);
}
h3 {
  margin: 6px 0 4px;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: baseline;
}
dl {
  margin: 0;
}
dl div {
  display: flex;
  gap: 8px;
}
dt {
  color: var(--soft);
  flex: 0 0 38px;
}
dd {
  margin: 0;
}
.reasons {
  list-style: none;
  margin: 6px 0 8px;
  padding: 0;
}
.reasons li {
  padding-left: 16px;
  position: relative;
  line-height: 1.4;
}
.reasons li::before {
  position: absolute;
  left: 0;
}
.good::before {
  content: '+';
  color: var(--fits);
  font-weight: 700;
}
.bad::before {
  content: '−';
  color: var(--out);
  font-weight: 700;
}
.deeds {
  margin: auto 0 0;
}
[aria-pressed='true'] {
  background: var(--hover);
}
</style>
