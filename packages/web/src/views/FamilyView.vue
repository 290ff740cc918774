<script setup lang="ts">
import {
  chemicals,
  families,
  familyCard,
  familyByKey,
  fillerTrade,
  neighboursOf,
  propertyDefinition,
  propertyNames,
  sig,
  type Adhesive,
  type Plate,
} from '@hornblende/core';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import GradeEditor from '../components/library/GradeEditor.vue';
import RangeBar from '../components/library/RangeBar.vue';
import { windowWords } from '../components/library/window-words';
import { useGradeActions } from '../composables/useGradeActions';
import { useProperties } from '../composables/useProperties';
import { useUnits } from '../composables/useUnits';
import { useLibrary } from '../stores/library';
import { useShelf } from '../stores/shelf';

const props = defineProps<{ family: string }>();
const library = useLibrary();
const shelf = useShelf();
const router = useRouter();
const { label, unit, number } = useProperties();
const { say, show } = useUnits();
const { editing, add, edit, duplicate, archive } = useGradeActions();

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
/** Each property on a scale that it shares with its neighbours and the whole library. */
const rows = computed(() =>
  propertyNames.map(name => {
    const all = [...families.map(f => f.properties[name]), found.value?.properties[name] ?? null].filter(
      p => p !== null,
    );
    return {
      name,
      range: found.value?.properties[name] ?? null,
      min: Math.min(...all.map(p => p.low)),
      max: Math.max(...all.map(p => p.high)),
      others: neighbours.value.flatMap(n => n.properties[name]?.typical ?? []),
      family: base.value?.properties[name] ?? null,
      level: own.value
        ? own.value.grade.measured[name]
          ? 'measured here'
          : own.value.grade.sheet[name]
            ? 'data sheet'
            : ''
        : '',
    };
  }),
);
const plates = computed(
  () =>
    Object.entries(found.value?.adhesion ?? {}) as [
      Plate,
      { bare: number; adhesive?: Partial<Record<Adhesive, number>> },
    ][],
);
const resists = (level: string): string =>
  chemicals.filter(c => found.value?.chemicals[c] === level).join(', ') || 'none';
function windowText(name: keyof typeof windowWords): string {
  const w = found.value?.windows[name];
  if (!w) return '';
  return windowWords[name].measure
    ? `${show(w.low, 'temperature')} to ${show(w.high, 'temperature')}`
    : `${w.low} to ${w.high} ${windowWords[name].unit}`;
}
</script>

<template>
  <div v-if="!found" class="page">
    <template v-if="library.state === 'loading'"
      ><p class="soft" role="status">Fetching the library…</p></template
    ><template v-else
      ><h1>No such family</h1>
      <p><RouterLink to="/library">Back to the library</RouterLink></p></template
    >
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
        {{ found.filler }}</span
      >
      <div class="right">
        <template v-if="own"
          ><button type="button" class="quiet-button" @click="edit(found.key)">Change</button
          ><button type="button" class="quiet-button" @click="duplicate(found.key)">Duplicate</button
          ><button type="button" class="quiet-button" @click="archive(found.key, !own.grade.archived)">
            {{ own.grade.archived ? 'Bring back' : 'Put away' }}
          </button></template
        >
        <button v-else type="button" class="quiet-button" @click="add(found.key)">Add a grade of it</button>
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
        <h2 class="out">Against</h2>
        <p>{{ say(card?.against ?? '') }}</p>
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
          <template v-for="(g, i) in grades.slice(0, 8)" :key="g.key"
            >{{ i ? ', ' : '' }}<RouterLink :to="`/library/${g.key}`">{{ g.name }}</RouterLink></template
          ><template v-if="grades.length > 8"> and {{ grades.length - 8 }} more</template>
        </p>
      </div>
    </section>
    <section v-if="trade.length" class="trade" data-testid="trade">
      <h2>What the {{ found.filler }} did to {{ library.nameOf(found.base ?? '') }}</h2>
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
    <table class="plain props">
      <thead>
        <tr>
          <th>Property</th>
          <th class="n">Typical</th>
          <th v-if="base" class="n">{{ base.name }}</th>
          <th>Against its neighbours</th>
          <th>How known</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.name" :class="{ stated: r.level }">
          <td>{{ label(r.name) }}</td>
          <td class="n">
            <template v-if="r.range"
              ><b>{{ number(r.name, r.range.typical) }}</b> {{ unit(r.name)
              }}<span class="range"
                >{{ number(r.name, r.range.low) }} to {{ number(r.name, r.range.high) }}</span
              ></template
            ><span v-else class="soft">none</span>
          </td>
          <td v-if="base" class="n soft">{{ r.family ? number(r.name, r.family.typical) : 'none' }}</td>
          <td>
            <RangeBar
              v-if="r.range"
              :name="r.name"
              :range="r.range"
              :min="r.min"
              :max="r.max"
              :others="r.others"
            />
          </td>
          <td class="small soft">
            <b v-if="r.level" class="level">{{ r.level }}: </b
            >{{ r.range ? `${r.range.confidence}; ${r.range.source}` : propertyDefinition(r.name).absent }}
          </td>
        </tr>
      </tbody>
    </table>
    <div class="more">
      <section>
        <h2>Printing windows</h2>
        <dl>
          <template v-for="(w, name) in windowWords" :key="name"
            ><dt>{{ w.label }}</dt>
            <dd>{{ windowText(name) }}</dd></template
          >
        </dl>
      </section>
      <section>
        <h2>Hold on a plate, J/m²</h2>
        <dl>
          <template v-for="[plate, e] in plates" :key="plate"
            ><dt>{{ plate }}</dt>
            <dd>
              {{ e.bare }} bare<template v-for="(v, a) in e.adhesive ?? {}" :key="a"
                >, {{ v }} with {{ a }}</template
              >
            </dd></template
          >
        </dl>
      </section>
      <section>
        <h2>Chemicals</h2>
        <dl>
          <dt>good</dt>
          <dd>{{ resists('good') }}</dd>
          <dt>fair</dt>
          <dd>{{ resists('fair') }}</dd>
          <dt>poor</dt>
          <dd>{{ resists('poor') }}</dd>
        </dl>
      </section>
    </div>
    <GradeEditor
      :start="editing"
      @close="editing = null"
      @saved="
        g => {
          editing = null;
          router.push(`/library/${g.key}`);
        }
      "
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
.n {
  text-align: right !important;
  white-space: nowrap;
  padding-right: 24px !important;
}
.range {
  display: block;
  font-size: 12px;
  color: var(--soft);
}
.props td {
  padding-top: 6px;
  padding-bottom: 6px;
}
.stated {
  background: var(--panel);
}
.level {
  color: var(--fits);
}
.more {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 36px;
  margin-top: 26px;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 3px 16px;
  margin: 6px 0 0;
  font-size: 14px;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
}
</style>
