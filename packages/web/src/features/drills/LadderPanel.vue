<script setup lang="ts">
import type { Rung } from '@hornblende/core/drills';
import { Button, Progress } from '../../ui/kit';
import { computed, onMounted, ref } from 'vue';
import { useLibrary } from '../../stores/library';
import { useParts } from '../../stores/parts';
import { usePrintedHere } from '../../stores/printed-here';
import { usePrinters } from '../../stores/printers';
import { usePrints } from '../../stores/prints';
import { useJob } from '../../workers/useJob';

/** The families in the order of their difficulty here: what each asks, what went well, and which to learn next. */
const printers = usePrinters();
const prints = usePrints();
const parts = useParts();
const library = useLibrary();
const here = usePrintedHere();
const job = useJob('ladder');
const all = ref(false);
/** Rungs that are shown before the rest is asked for. */
const MOST_RUNGS_SHOWN = 16;
async function ask(): Promise<void> {
  await Promise.allSettled([printers.load(), prints.load(), parts.loadAll(), library.load(), here.load()]);
  job.ask({
    families: here.families,
    printers: printers.list.map(p => ({ id: p.id, printer: p.profile })),
    prints: prints.entries.map(({ family, outcome }) => ({ family, outcome })),
    parts: parts.list
      .filter(p => !p.decision)
      .map(p => ({ name: p.name, brief: p.brief, printer: printers.byId(p.printerId)?.profile ?? null })),
  });
}
onMounted(() => void ask());
const rungs = computed(() => job.answer.value?.rungs ?? []);
const next = computed(() => {
  const found = job.answer.value?.next;
  if (!found) return null;
  return { why: found.why, rung: rungs.value.find(r => r.family === found.family)! };
});
const shown = computed(() => (all.value ? rungs.value : rungs.value.slice(0, MOST_RUNGS_SHOWN)));
const most = computed(() => Math.max(1, ...rungs.value.filter(r => !r.blocked).map(r => r.difficulty)));
function couponPath({ coupon }: Rung): string {
  const numbers = new URLSearchParams(Object.entries(coupon.numbers).map(([k, v]) => [k, String(v)]));
  const query = numbers.size ? `?${numbers.toString()}` : '';
  return `/api/coupons/${coupon.kind}.stl${query}`;
}
function went({ well, failed }: Rung): string {
  if (well === 0 && failed === 0) return '○ not yet';
  const missed = failed ? `, ${failed} failed` : '';
  return well ? `● ${well} well${missed}` : `◐ ${failed} failed`;
}
</script>

<template>
  <div data-testid="ladder">
    <p class="soft small intro">
      By print difficulty on the printer of yours on which each is easiest; by your log what went well; by
      your open parts what is worth learning.
    </p>
    <p v-if="job.failed.value" class="out" role="alert">
      {{ job.failed.value }} <Button @click="ask">Try again</Button>
    </p>
    <div v-if="job.progress.value !== null" class="row" role="status">
      <Progress :percent="Math.round(100 * job.progress.value)" size="small" />
      <Button size="small" @click="job.cancel">Cancel</Button>
    </div>
    <section v-if="next" class="next" aria-label="The next one to learn" data-testid="ladder-next">
      <p class="lead">
        Next: <RouterLink :to="`/library/${next.rung.family}`">{{ next.rung.name }}</RouterLink>
      </p>
      <p>{{ next.why }}</p>
      <p>
        Begin with <a :href="couponPath(next.rung)" download>about ten grams, as STL</a>: it shows
        {{ next.rung.coupon.shows }}.
      </p>
    </section>
    <p v-if="rungs.length && !printers.list.length" data-testid="ladder-empty">
      How hard a filament is depends on the printer:
      <RouterLink to="/workshop">say which one you have</RouterLink>, and the ladder stands here.
    </p>
    <ol v-else-if="rungs.length" class="rungs">
      <li v-for="r in shown" :key="r.family" :class="{ blocked: r.blocked }">
        <span class="name"
          ><RouterLink :to="`/library/${r.family}`">{{ r.name }}</RouterLink></span
        >
        <span class="bar" aria-hidden="true"
          ><span :style="{ width: r.blocked ? '0' : `${(100 * r.difficulty) / most}%` }"
        /></span>
        <span class="num small" :title="r.blocked ? '' : 'print difficulty'">{{
          r.blocked ? '' : r.difficulty.toFixed(1)
        }}</span>
        <span class="small" :class="r.well ? 'fits' : 'soft'">{{ r.blocked ? '○ not here' : went(r) }}</span>
        <span class="small soft asks">{{ r.blocked || r.asks.join(', ') || 'asks for nothing' }}</span>
        <span class="small opens">{{
          r.opens.length ? `opens ${r.opens.length}` : r.fits.length ? `fits ${r.fits.length}` : ''
        }}</span>
        <a v-if="!r.blocked" class="small" :href="couponPath(r)" download :title="r.coupon.shows">coupon</a>
      </li>
    </ol>
    <Button
      v-if="printers.list.length && rungs.length > MOST_RUNGS_SHOWN && !all"
      type="text"
      @click="all = true"
      >All {{ rungs.length }} filaments</Button
    >
  </div>
</template>

<style scoped>
.intro {
  margin: 12px 0 6px;
}
.row {
  display: flex;
  gap: 12px;
  max-width: 460px;
}
.next {
  border-left: 3px solid var(--gold);
  padding-left: 14px;
  margin: 10px 0 16px;
}
.next p {
  margin: 3px 0;
}
.lead {
  font-size: 18px;
}
.rungs {
  list-style: none;
  margin: 0;
  padding: 0;
}
.rungs li {
  display: grid;
  grid-template-columns: 148px 120px 34px 120px minmax(0, 1fr) 64px 56px;
  gap: 2px 14px;
  align-items: baseline;
  border-top: 1px solid var(--rule);
  padding: 5px 0;
}
.bar {
  height: 6px;
  background: var(--rule);
  align-self: center;
}
.bar span {
  display: block;
  height: 100%;
  background: var(--deep);
}
.num {
  font-variant-numeric: tabular-nums;
  text-align: right;
}
@media (max-width: 900px) {
  .rungs li {
    grid-template-columns: minmax(0, 1fr) 34px auto;
  }
  .bar {
    display: none;
  }
  .asks {
    grid-column: 1 / 3;
  }
  .opens {
    grid-column: 1 / 3;
    grid-row: 3;
  }
  .opens:empty {
    display: none;
  }
  .rungs a[download] {
    grid-column: 3;
    justify-self: end;
  }
}
</style>
