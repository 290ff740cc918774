<script setup lang="ts">
import { families, familyByKey, propertyDefinitions, propertyNames, sig } from '@hornblende/core';
import { computed } from 'vue';

const props = defineProps<{ family: string }>();
const found = computed(() => familyByKey(props.family));
/** Each property with where this family's range lies among all families. */
const rows = computed(() => propertyNames.map(name => {
  const all = families.map(f => f.properties[name]).filter(p => p !== null);
  const [min, max] = [Math.min(...all.map(p => p.low)), Math.max(...all.map(p => p.high))];
  const own = found.value?.properties[name] ?? null;
  const log = min > 0 && max / min > 40;
  const at = (v: number): number => max === min ? 50 : log ? 100 * Math.log(v / min) / Math.log(max / min) : 100 * (v - min) / (max - min);
  return { name, def: propertyDefinitions[name], own, at, others: all.map(p => at(p.typical)) };
}));
const windows = computed(() => found.value ? Object.entries(found.value.windows) : []);
const windowLabels: Record<string, string> = { nozzleC: 'Nozzle, °C', bedC: 'Bed, °C', chamberC: 'Air around it, °C', speedMmS: 'Speed, mm/s', fanPct: 'Cooling, %' };
</script>

<template>
  <div v-if="!found" class="page"><h1>No such family</h1><p><RouterLink to="/library">Back to the library</RouterLink></p></div>
  <div v-else class="page">
    <div class="page-head"><h1>{{ found.name }}</h1><span v-if="found.filler" class="soft">{{ found.base }} with {{ found.filler }}</span><div class="right"><RouterLink to="/library">All families</RouterLink></div></div>
    <section v-for="d in found.disputes" :key="d.question" class="dispute">
      <h2>{{ d.question }}</h2>
      <p v-for="p in d.positions" :key="p.school"><b>{{ p.claim }}</b> {{ p.reasoning }} <span class="soft small">{{ p.school }}</span></p>
      <p class="small soft">Used in the scoring: {{ d.used }}.</p>
    </section>
    <h2>Properties <span class="soft small plain">the bar is this family’s range, the dots are the typical values of the others</span></h2>
    <table class="plain">
      <thead><tr><th>Property</th><th class="n">Typical</th><th>Among all families</th><th>How known</th></tr></thead>
      <tbody>
        <tr v-for="r in rows" :key="r.name">
          <td>{{ r.def.label }}</td>
          <td class="n"><template v-if="r.own"><b>{{ sig(r.own.typical, 3) }}</b> {{ r.own.unit }}<span class="range">{{ sig(r.own.low, 3) }} to {{ sig(r.own.high, 3) }}</span></template><span v-else class="soft">does not apply</span></td>
          <td><svg v-if="r.own" viewBox="0 0 220 16" width="220" height="16" aria-hidden="true"><line x1="4" x2="216" y1="8" y2="8" class="axis" /><circle v-for="(o, i) in r.others" :key="i" :cx="4 + o * 2.12" cy="8" r="2" class="other" /><rect :x="4 + r.at(r.own.low) * 2.12" y="5" :width="Math.max(3, (r.at(r.own.high) - r.at(r.own.low)) * 2.12)" height="6" rx="3" class="own" /></svg></td>
          <td class="small soft">{{ r.own ? `${r.own.confidence}; ${r.own.source}` : '' }}</td>
        </tr>
      </tbody>
    </table>
    <h2 class="windows">Printing windows</h2>
    <p class="list"><span v-for="[name, w] in windows" :key="name">{{ windowLabels[name] }} <b>{{ w.low }} to {{ w.high }}</b></span></p>
  </div>
</template>

<style scoped>
.dispute { border-left: 3px solid var(--s-warp); padding: 4px 16px; margin-bottom: 18px; max-width: 760px; }
.dispute p { margin: 4px 0; }
.plain { font-weight: 400; }
.n { text-align: right; white-space: nowrap; padding-right: 24px !important; }
.range { display: block; font-size: 12px; color: var(--soft); }
.axis { stroke: var(--rule-strong); } .other { fill: var(--rule-strong); } .own { fill: var(--s-strength); }
.windows { margin-top: 26px; }
.list { display: flex; gap: 8px 28px; flex-wrap: wrap; }
</style>
