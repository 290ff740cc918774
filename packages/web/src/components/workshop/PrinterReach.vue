<script setup lang="ts">
import { families, newBrief, rank, type Gate, type Printer } from '@hornblende/core';
import { computed } from 'vue';
import type { StoredPrinter } from '../../api/client';
import { useUnits } from '../../composables/useUnits';
import { shortGateLabel } from '../gate-label';

/**
 * Which families each printer can print a small ordinary part in, and the gates that stop the rest:
 * families down, printers across.
 */
const props = defineProps<{ printers: StoredPrinter[] }>();
const { say } = useUnits();
const probe = newBrief('probe');

function reach(p: Printer): Map<string, { verdict: 'pass' | 'marginal' | 'fail'; gates: Gate[] }> {
  return new Map(
    rank(probe, { printer: p }).candidates.map(c => {
      const gates = c.gates.filter(g => g.id.startsWith('printability') && g.verdict !== 'pass');
      const stops = gates.filter(g => g.verdict === 'fail');
      return [
        c.material,
        {
          verdict: stops.length
            ? ('fail' as const)
            : gates.length
              ? ('marginal' as const)
              : ('pass' as const),
          gates: stops.length ? stops : gates,
        },
      ];
    }),
  );
}
const columns = computed(() =>
  props.printers.map(p => {
    const list = reach(p.profile);
    return { p, list, can: families.filter(f => list.get(f.key)?.verdict !== 'fail').length };
  }),
);
const mark = { pass: '●', marginal: '◐', fail: '○' } as const;
const word = { pass: 'prints', marginal: 'with care', fail: 'cannot' } as const;
const colour = { pass: 'fits', marginal: 'marginal', fail: 'out' } as const;
</script>

<template>
  <h2>
    What each can print
    <span class="soft small plain"
      >a small part; hover or read on for why. A load, the sun or a plate full of corners can rule out
      more.</span
    >
  </h2>
  <div class="scroll" tabindex="0" role="region" aria-label="What each printer can print">
    <table class="plain" data-testid="reach">
      <thead>
        <tr>
          <th>Family</th>
          <th v-for="c in columns" :key="c.p.id">
            {{ c.p.profile.name }}<span class="count">{{ c.can }} of {{ families.length }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="f in families" :key="f.key">
          <th scope="row">
            <RouterLink :to="`/library/${f.key}`">{{ f.name }}</RouterLink>
          </th>
          <td
            v-for="c in columns"
            :key="c.p.id"
            :class="colour[c.list.get(f.key)!.verdict]"
            :title="
              c.list
                .get(f.key)!
                .gates.map(g => say(`${g.why} ${g.rescue ?? ''}`))
                .join('\n')
            "
          >
            {{ mark[c.list.get(f.key)!.verdict] }} {{ word[c.list.get(f.key)!.verdict]
            }}<span v-if="c.list.get(f.key)!.gates.length" class="soft small why">{{
              c.list
                .get(f.key)!
                .gates.map(g => shortGateLabel(g.id))
                .join(', ')
            }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
h2 {
  margin: 26px 0 6px;
}
.plain {
  font-weight: 400;
}
.scroll {
  overflow-x: auto;
}
table {
  width: auto;
  min-width: 60%;
}
table td,
table tbody th {
  padding: 2px 24px 2px 0;
  border-bottom: 1px solid var(--rule);
  font-size: 14px;
  white-space: nowrap;
  vertical-align: baseline;
}
table tbody th {
  color: var(--ink);
}
table tbody th {
  text-align: left;
}
tbody th a {
  color: var(--ink);
}
.count {
  display: block;
  font-size: 12px;
}
.why {
  margin-left: 8px;
}
</style>
