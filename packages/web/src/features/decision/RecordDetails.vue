<script setup lang="ts">
import type { Decision } from '@hornblende/core/api';
import { gateLabel } from '@hornblende/core/score';
import { computed } from 'vue';
import StatusMark from '../../ui/StatusMark.vue';
import { useUnits } from '../../ui/useUnits';

/** The record of a decision: what led then, what was rejected and why, what it rests on. */
const props = defineProps<{ decision: Decision }>();
const { gate, say, show } = useUnits();
const r = computed(() => props.decision.record);
const nameOf = (key: string | null): string =>
  r.value.ranking.candidates.find(c => c.material === key)?.name ?? key ?? 'none';
const chance = computed(
  () => r.value.robustness.candidates.find(c => c.material === r.value.firstChoice) ?? null,
);
const first = computed(
  () => r.value.ranking.candidates.find(c => c.material === r.value.firstChoice) ?? null,
);
</script>

<template>
  <div class="inside">
    <p class="small soft">
      Then
      {{
        r.ranking.firstChoice === r.firstChoice
          ? 'the ranking led with it too'
          : `the ranking led with ${nameOf(r.ranking.firstChoice)}`
      }}; the part reached {{ show(r.ranking.conditions.partMaxC, 'temperature')
      }}<template v-if="chance"
        >; it was first in {{ Math.round(100 * chance.pFirst) }} and passed in
        {{ Math.round(100 * chance.pFits) }} of 100 draws</template
      >; library {{ r.libraryVersion
      }}<template v-if="r.hazardAcknowledged">; the hazard notice was acknowledged</template>.
    </p>
    <template v-if="first"
      ><h3>{{ first.name }}</h3>
      <p class="small">
        {{ say(first.for.join(' ')) }}
        <template v-if="first.against.length"><b>Against:</b> {{ say(first.against[0] ?? '') }}</template>
      </p>
      <p class="small soft">
        {{
          first.gates
            .filter(g => g.verdict !== 'pass' || typeof g.need === 'number')
            .slice(0, 5)
            .map(g => `${gateLabel(g.id)}: ${gate(g)}`)
            .join('; ')
        }}
      </p></template
    >
    <template v-if="r.rejected.length"
      ><h3>Why not the others</h3>
      <div class="rejected" tabindex="0" role="region" aria-label="Why not the others">
        <ul>
          <li v-for="x in r.rejected" :key="x.material">
            <b>{{ x.name }}</b> <StatusMark :status="x.status" />
            <span class="soft small">{{ say(x.why) }}</span>
          </li>
        </ul>
      </div></template
    >
    <p v-if="r.assumptions.length" class="small soft">
      <b>Assumed:</b> {{ say(r.assumptions.map(a => `${a.label}: ${a.shown}`).join('; ')) }}.
    </p>
    <p class="small soft">
      <b>Rests on:</b> {{ r.premises.printer ? r.premises.printer.name : 'no printer in particular'
      }}<template v-if="r.premises.weather">, {{ r.premises.weather.name }}</template
      >, {{ r.premises.grades.length }} own grades, {{ r.robustness.draws }} draws from seed
      {{ r.robustness.seed }}. The JSON holds all of it: the ranking can be worked out again from it.
    </p>
  </div>
</template>

<style scoped>
ul {
  margin: 2px 0 6px;
  padding-left: 18px;
}
.inside h3 {
  margin: 10px 0 2px;
}
.rejected {
  max-height: 260px;
  overflow: auto;
}
.rejected ul {
  list-style: none;
  padding: 0;
}
.rejected li {
  padding: 2px 0;
}
</style>
