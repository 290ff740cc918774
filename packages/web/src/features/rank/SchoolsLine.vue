<script setup lang="ts">
import { Button } from '../../ui/kit';
import { schoolViews, type SchoolView } from '@hornblende/core/advice';
import type { School } from '@hornblende/core/brief';
import type { Ranking } from '@hornblende/core/score';
import { refDebounced } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useRanking } from '../part/useRanking';
import { useDraft } from '../part/draft';
import StatusMark from '../../ui/StatusMark.vue';
import { words } from '../brief/words';

/** Where the schools disagree: who each would pick and why, side by side on demand. */
const props = defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const { candidates, printer, weather } = useRanking();
const wide = ref(false);
/** Other schools are asked once the ranking comes to rest: while a layer is pulled, every frame counts. */
const settled = refDebounced(
  computed(() => props.ranking),
  150,
);
const views = computed(() =>
  settled.value && draft.brief
    ? schoolViews(draft.brief, { printer: printer.value, weather: weather.value, families: candidates.value })
    : [],
);
const others = computed(() =>
  views.value.filter(v => !v.inForce && v.first && v.first.material !== props.ranking.firstChoice),
);
const labels: Record<string, string> = {
  ...Object.fromEntries(words.school.map(s => [s.value, s.label])),
  laboratory: 'Laboratory',
  field: 'Field',
};
const groups = computed(() =>
  [
    { title: 'How to choose', list: views.value.filter(v => v.kind === 'choose') },
    { title: 'Whose word counts outdoors', list: views.value.filter(v => v.kind === 'outdoors') },
  ].filter(g => g.list.length),
);
function choose(v: SchoolView): void {
  if (v.kind === 'choose') draft.set('school', v.school as School);
  else draft.set('outdoorSchool', v.school);
}
</script>

<template>
  <div class="schools">
    <p class="line">
      <template v-if="others.length"
        ><span v-for="o in others" :key="o.school" class="soft other"
          >{{ labels[o.school] }} would pick <b>{{ o.first?.name }}</b>.</span
        ></template
      ><span v-else class="soft"
        >Every school picks {{ ranking.candidates.find(c => c.rank === 1)?.name ?? 'nothing' }}.</span
      >
      <Button type="text" :aria-expanded="wide" @click="wide = !wide">
        {{ wide ? 'Fold' : 'Side by side' }}
      </Button>
    </p>
    <div v-if="wide" class="side" data-testid="schools">
      <section v-for="g in groups" :key="g.title" :class="{ two: g.list.length === 2 }">
        <h3 v-for="v in g.list" :key="v.school">
          <Button type="link" class="pick" :aria-pressed="v.inForce" @click="choose(v)">{{
            labels[v.school]
          }}</Button><span v-if="v.inForce" class="soft small"> in force</span>
        </h3>
        <div v-for="v in g.list" :key="`${v.school}-pick`">
          <p>
            <b>{{ v.first?.name ?? 'nothing' }}</b> <StatusMark v-if="v.first" :status="v.first.status" />
            <span v-if="v.second" class="soft small">then {{ v.second.name }}</span>
          </p>
          <p v-if="v.why" class="small soft">{{ v.why }}</p>
        </div>
      </section>
    </div>
  </div>
</template>

<style scoped>
/* Its line stands in the bar, its table on a row of its own beneath. */
.schools {
  display: contents;
}
.line {
  margin: 0;
  font-size: 14px;
}
.side {
  order: 9;
  flex-basis: 100%;
}
.other {
  margin-right: 14px;
}
.other b {
  color: var(--ink);
}
.side {
  border-top: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
  padding: 8px 0;
}
section {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 2px 26px;
  margin-bottom: 6px;
}
section.two {
  grid-template-columns: repeat(2, minmax(0, 1fr));
}
.pick {
  background: none;
  border: 0;
  padding: 0;
  color: var(--info);
  cursor: pointer;
  font-weight: 700;
}
.pick[aria-pressed='true'] {
  color: var(--ink);
}
p {
  margin: 0 0 3px;
}
</style>
