<script setup lang="ts">
import {
  adhesiveNames,
  chemicalList,
  chemicals,
  plateNames,
  recyclingOf,
  takenWords,
  windowWords,
  type Adhesive,
  type Family,
  type Plate,
  type PlateHold,
  type Resistance,
  type WindowName,
} from '@hornblende/core/materials';
import { computed } from 'vue';
import { useUnits } from '../../ui/useUnits';

/** How a filament prints, how it holds on each plate, and what it resists. */
const { of } = defineProps<{ of: Family }>();
const { show } = useUnits();
const plates = computed(() =>
  (Object.entries(of.adhesion) as [Plate, PlateHold][]).map(([plate, hold]) => ({
    plate: plateNames[plate],
    hold: holdWords(hold),
  })),
);
const recycling = computed(() => recyclingOf(of));
const resistances = ['good', 'fair', 'poor'] as const;
const resists = (level: Resistance): string =>
  chemicalList(chemicals.filter(c => of.chemicals[c] === level)) || 'none';

function holdWords({ bare, adhesive = {} }: PlateHold): string {
  const helped = Object.entries(adhesive).map(([a, v]) => `${v} with ${adhesiveNames[a as Adhesive]}`);
  return [`${bare} bare`, ...helped].join(', ');
}
function windowText(name: WindowName): string {
  const w = of.windows[name];
  return windowWords[name].measure
    ? `${show(w.low, 'temperature')} to ${show(w.high, 'temperature')}`
    : `${w.low} to ${w.high} ${windowWords[name].unit}`;
}
</script>

<template>
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
        <template v-for="p in plates" :key="p.plate"
          ><dt>{{ p.plate }}</dt>
          <dd>{{ p.hold }}</dd></template
        >
      </dl>
    </section>
    <section>
      <h2>Chemicals</h2>
      <dl>
        <template v-for="level in resistances" :key="level"
          ><dt>{{ level }}</dt>
          <dd>{{ resists(level) }}</dd></template
        >
      </dl>
      <h2>When it is done with</h2>
      <p class="small" data-testid="recycling">
        Resin code {{ recycling.code }}: {{ takenWords[recycling.taken] }}. {{ recycling.why }}
      </p>
    </section>
  </div>
</template>

<style scoped>
.more {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 36px;
  margin-top: 26px;
}
p {
  margin: 6px 0 0;
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
@media (max-width: 860px) {
  .more {
    grid-template-columns: 1fr;
  }
}
</style>
