<script setup lang="ts">
import { familyCard, helps, propertyNames, type Family, type PropertyName } from '@hornblende/core';
import { computed, ref } from 'vue';
import { useProperties } from '../../composables/useProperties';
import { useUnits } from '../../composables/useUnits';
import RangeBar from './RangeBar.vue';

/** Up to four filaments side by side: each property with its range on one scale, the best of the row marked. */
const props = defineProps<{ rows: Family[] }>();
const emit = defineEmits<{ drop: [key: string] }>();
const { label, unit, number } = useProperties();
const { say } = useUnits();
const onlyDifferent = ref(true);
/** Ranges that overlap for the most part say nothing about which is better. */
const DIFFERENT = 0.07;

const lines = computed(() =>
  propertyNames.flatMap(name => {
    const ranges = props.rows.map(f => f.properties[name]);
    const known = ranges.filter(r => r !== null);
    if (!known.length) return [];
    const typicals = known.map(r => r.typical);
    const least = Math.min(...typicals);
    const most = Math.max(...typicals);
    const thermal = /C$/.test(name);
    const differs =
      known.length < ranges.length ||
      (thermal ? most - least > 3 : most - least > DIFFERENT * Math.max(Math.abs(most), Math.abs(least)));
    if (onlyDifferent.value && !differs) return [];
    const better = helps(name);
    const best = differs && better ? (better === 'more' ? most : least) : null;
    return [
      {
        name,
        ranges,
        best,
        min: Math.min(...known.map(r => r.low)),
        max: Math.max(...known.map(r => r.high)),
      },
    ];
  }),
);
const cards = computed(() => props.rows.map(familyCard));
const wins = (f: Family): PropertyName[] =>
  lines.value
    .filter(
      l =>
        l.best !== null &&
        f.properties[l.name]?.typical === l.best &&
        l.ranges.filter(r => r?.typical === l.best).length === 1,
    )
    .map(l => l.name);
</script>

<template>
  <p v-if="!rows.length" class="soft empty">Nothing to compare yet. Tick up to four in the table.</p>
  <template v-else>
    <label class="only"><input v-model="onlyDifferent" type="checkbox" /> Only what differs</label>
    <div class="scroll" tabindex="0" role="region" aria-label="Comparison">
      <table class="plain" data-testid="compare">
        <thead>
          <tr>
            <th class="prop">Property</th>
            <th v-for="f in rows" :key="f.key">
              <RouterLink :to="`/library/${f.key}`" class="head">{{ f.name }}</RouterLink>
              <button
                type="button"
                class="quiet-button"
                :aria-label="`Drop ${f.name}`"
                @click="emit('drop', f.key)"
              >
                ×
              </button>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr class="cards">
            <th scope="row" class="prop">For</th>
            <td v-for="(c, i) in cards" :key="i">
              <p v-for="t in c.for" :key="t" class="small">{{ say(t) }}</p>
            </td>
          </tr>
          <tr class="cards">
            <th scope="row" class="prop">Against</th>
            <td v-for="(c, i) in cards" :key="i" class="small">{{ say(c.against) }}</td>
          </tr>
          <tr class="cards">
            <th scope="row" class="prop">Best of these at</th>
            <td v-for="f in rows" :key="f.key" class="small">
              {{
                wins(f)
                  .map(n => label(n))
                  .join(', ') || 'nothing alone'
              }}
            </td>
          </tr>
          <tr v-for="l in lines" :key="l.name">
            <th scope="row" class="prop">
              {{ label(l.name) }}<span class="soft small">{{ unit(l.name) }}</span>
            </th>
            <td v-for="(r, i) in l.ranges" :key="i">
              <template v-if="r"
                ><b v-if="r.typical === l.best" class="best"
                  >{{ number(l.name, r.typical) }}<span class="visually-hidden"> best</span> ◆</b
                ><template v-else>{{ number(l.name, r.typical) }}</template
                ><span class="soft small span"
                  >{{ number(l.name, r.low) }} to {{ number(l.name, r.high) }}</span
                ><RangeBar :name="l.name" :range="r" :min="l.min" :max="l.max" /></template
              ><span v-else class="soft">none</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </template>
</template>

<style scoped>
.empty {
  padding: 40px 0;
}
.only {
  display: flex;
  gap: 8px;
  margin: 4px 0 8px;
  font-size: 14px;
}
.scroll {
  overflow: auto;
  flex: 1;
}
.prop {
  width: 190px;
  color: var(--ink) !important;
  font-weight: 400;
  text-align: left;
  font-size: 14px !important;
  vertical-align: top;
  padding: 9px 12px 9px 0;
  border-bottom: 1px solid var(--rule);
}
.prop span {
  display: block;
}
.head {
  font-weight: 700;
  font-size: 16px;
  color: var(--ink);
}
.best {
  color: var(--fits);
}
.span {
  margin-left: 10px;
}
.cards td {
  vertical-align: top;
}
.cards p {
  margin: 0 0 4px;
}
td {
  min-width: 180px;
}
</style>
