<script setup lang="ts">
import { familyCard } from '@hornblende/core/advice';
import { sig } from '@hornblende/core/lib';
import { families, familyByKey, fillerName, fillerTrade, neighboursOf } from '@hornblende/core/materials';
import { Button } from '../../ui/kit';
import { computed, onMounted } from 'vue';
import { useRouter } from 'vue-router';
import { useLibrary } from '../../stores/library';
import { useShelf } from '../../stores/shelf';
import PageState from '../../ui/PageState.vue';
import { useFeedback } from '../../ui/useFeedback';
import { useUnits } from '../../ui/useUnits';
import ComesFirst from '../chooser/ComesFirst.vue';
import SurfaceRoutes from '../../ui/SurfaceRoutes.vue';
import FamilyFacts from './FamilyFacts.vue';
import GradeEditor from './GradeEditor.vue';
import MeasuredStrength from './MeasuredStrength.vue';
import OwnLesson from './OwnLesson.vue';
import PropertyTable from './PropertyTable.vue';
import WhatItDoes from './WhatItDoes.vue';
import { useGradeActions } from './useGradeActions';
import { useProperties } from './useProperties';

/** A family or a grade: its case, what its filler did, its properties beside its neighbours', how it prints. */
const props = defineProps<{ family: string }>();
const library = useLibrary();
const shelf = useShelf();
const router = useRouter();
const { label, unit, number } = useProperties();
const { say, show } = useUnits();
const { ask } = useFeedback();
const { editing, add, edit, duplicate, archive } = useGradeActions();

/** The outside of a part about as large as a hand’s palm. */
const USUAL_AREA_CM2 = 100;
const own = computed(() => library.grades.get(props.family) ?? null);
const found = computed(() => library.find(props.family) ?? null);
const base = computed(() => (found.value?.grade ? (familyByKey(found.value.grade.family) ?? null) : null));
const card = computed(() => (found.value ? familyCard(found.value) : null));
const trade = computed(() => (found.value ? fillerTrade(found.value) : []));
const tradeSides = computed(() =>
  (['gained', 'given up'] as const).map(side => ({
    side,
    lines: trade.value.filter(t => t.verdict === side),
  })),
);
const neighbours = computed(() => (found.value ? neighboursOf(found.value, families) : []));
const grades = computed(() =>
  [...library.grades.values()]
    .filter(g => g.grade.family === props.family && !g.grade.archived)
    .map(g => g.grade),
);
const spools = computed(() =>
  shelf.rows.filter(
    r => !r.spool.archived && (r.spool.material === props.family || r.family?.grade?.family === props.family),
  ),
);
/** So many grades are named; the rest are counted. */
const MOST_GRADES_NAMED = 8;
onMounted(() => {
  void Promise.all([library.load(), shelf.load()]).catch(() => undefined);
});
function remove(): void {
  const grade = own.value?.grade;
  if (!grade) return;
  ask({
    title: `Delete ${grade.name} for good?`,
    content:
      'Records keep what they were decided with. Nothing brings the grade back; ' +
      'one that may be wanted again is better left put away.',
    deed: 'Delete for good',
    danger: true,
    act: async () => {
      await library.remove(grade.key);
      await router.push('/library');
    },
  });
}
</script>

<template>
  <div v-if="!found" class="page">
    <PageState :state="library.state" what="the library" @retry="library.load()">
      <h1>No such family or grade</h1>
      <p><RouterLink to="/library">Back to the library</RouterLink></p>
    </PageState>
  </div>
  <div v-else class="page">
    <div class="page-head">
      <h1>{{ found.name }}</h1>
      <span v-if="base" class="soft"
        >a grade of <RouterLink :to="`/library/${base.key}`">{{ base.name }}</RouterLink>{{
          found.grade?.maker ? ` by ${found.grade.maker}` : ''
        }}{{ own?.grade.archived ? ', put away' : '' }}</span
      >
      <span v-else-if="found.base" class="soft"
        ><RouterLink :to="`/library/${found.base}`">{{ library.nameOf(found.base) }}</RouterLink> with
        {{ found.filler ? fillerName(found.filler) : '' }}</span
      >
      <div class="right">
        <template v-if="own"
          ><Button type="text" @click="edit(found.key)">Change</Button
          ><Button type="text" @click="duplicate(found.key)">Duplicate</Button
          ><Button type="text" @click="archive(found.key, !own.grade.archived)">
            {{ own.grade.archived ? 'Bring back' : 'Put away' }}
          </Button>
          <Button v-if="own.grade.archived" type="text" danger @click="remove"
            >Delete for good</Button
          ></template
        >
        <Button v-else type="text" @click="add(found.key)">Add a grade of it</Button>
        <RouterLink to="/library">The whole library</RouterLink>
      </div>
    </div>
    <p v-if="own?.grade.note" class="soft note">{{ own.grade.note }}</p>
    <section class="card" data-testid="card">
      <div class="side">
        <h2 class="fits">For</h2>
        <ul>
          <li v-for="t in card?.for" :key="t">{{ say(t) }}</li>
        </ul>
      </div>
      <div class="side">
        <h2 class="out">To watch</h2>
        <ul>
          <li v-for="t in card?.watch" :key="t">{{ say(t) }}</li>
        </ul>
        <OwnLesson :family="found.grade?.family ?? found.key" />
        <ComesFirst :family="found.grade?.family ?? found.key" />
        <WhatItDoes :family="found" />
        <p v-if="spools.length" class="small shelf">
          On the shelf:
          <template v-for="(s, i) in spools" :key="s.id"
            >{{ i ? '; ' : '' }}{{ show(s.leftG, 'mass') }} {{ s.spool.colour
            }}<template v-if="s.moisture && s.moisture.state !== 'dry'">
              ({{ s.moisture.state }})</template
            ></template
          >. <RouterLink to="/workshop/spools">The shelf</RouterLink>
        </p>
        <p v-if="grades.length" class="small shelf">
          Own grades:
          <template v-for="(g, i) in grades.slice(0, MOST_GRADES_NAMED)" :key="g.key"
            >{{ i ? ', ' : '' }}<RouterLink :to="`/library/${g.key}`">{{ g.name }}</RouterLink></template
          ><template v-if="grades.length > MOST_GRADES_NAMED">
            and {{ grades.length - MOST_GRADES_NAMED }} more</template
          >
        </p>
      </div>
    </section>
    <MeasuredStrength v-if="!own" :family="found" />
    <section v-if="trade.length" class="trade" data-testid="trade">
      <h2>
        What the {{ found.filler ? fillerName(found.filler) : '' }} did to
        {{ library.nameOf(found.base ?? '') }}
      </h2>
      <div class="card">
        <div v-for="t in tradeSides" :key="t.side" class="side">
          <h3>{{ t.side === 'gained' ? 'Gained' : 'Given up' }}</h3>
          <ul class="lines">
            <li v-for="l in t.lines" :key="l.name">
              <span>{{ label(l.name) }}</span><span class="soft"
                >{{ number(l.name, l.base) }} → <b>{{ number(l.name, l.filled) }}</b> {{ unit(l.name) }}</span
              ><span class="soft">{{ l.ratio === null ? '' : `× ${sig(l.ratio, 2)}` }}</span>
            </li>
          </ul>
          <p v-if="!t.lines.length" class="soft small">Nothing to speak of.</p>
        </div>
      </div>
    </section>
    <section v-for="d in found.disputes" :key="d.question" class="dispute">
      <h2>{{ d.question }}</h2>
      <p v-for="p in d.positions" :key="p.school">
        <b>{{ p.claim }}</b> {{ p.reasoning }}
        <span class="soft small">{{ p.school }}{{ p.school === d.used ? ', used in the scoring' : '' }}</span>
      </p>
      <p v-if="!d.positions.some(p => p.school === d.used)" class="small soft">
        Used in the scoring: {{ d.used }}.
      </p>
    </section>
    <h2>
      Properties
      <span class="soft small plain"
        >the bar is its range, the tick typical; the dots are
        {{ neighbours.map(n => n.name).join(', ') }}</span
      >
    </h2>
    <PropertyTable :of="found" :base="base" :grade="own?.grade ?? null" :neighbours="neighbours" />
    <FamilyFacts :of="found" />
    <section class="surface" aria-label="Surface">
      <h2>
        Surface <span class="soft small">for a part of {{ say(`${USUAL_AREA_CM2} cm²`) }} outside</span>
      </h2>
      <SurfaceRoutes :family="found" :area-cm2="USUAL_AREA_CM2" />
    </section>
    <GradeEditor
      v-if="editing"
      :start="editing"
      @close="editing = null"
      @saved="g => router.push(`/library/${g.key}`)"
    />
  </div>
</template>

<style scoped>
.note {
  max-width: 760px;
}
.card {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 36px;
  max-width: 980px;
  margin-bottom: 18px;
}
.surface {
  margin: 18px 0;
}
.card h2 {
  margin-bottom: 4px;
}
ul {
  margin: 0;
  padding-left: 18px;
}
.shelf {
  margin-top: 8px;
}
.trade {
  border-top: 1px solid var(--rule);
  padding-top: 12px;
}
.lines {
  list-style: none;
  padding: 0;
}
.lines li {
  display: grid;
  grid-template-columns: 1fr auto 62px;
  gap: 12px;
  padding: 3px 0;
  border-bottom: 1px solid var(--rule);
  font-size: 14px;
}
.lines li span:last-child {
  text-align: right;
}
.dispute {
  border-left: 3px solid var(--s-warp);
  padding: 4px 16px;
  margin-bottom: 18px;
  max-width: 760px;
}
.dispute p {
  margin: 4px 0;
}
.plain {
  font-weight: 400;
}
@media (max-width: 860px) {
  .card {
    grid-template-columns: 1fr;
  }
}
</style>
