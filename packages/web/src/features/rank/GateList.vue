<script setup lang="ts">
import TermText from '../../ui/TermText.vue';
import WorkingNumber from '../../ui/WorkingNumber.vue';
import { Button } from '../../ui/kit';
import { capital } from '@hornblende/core/lib';
import { gateLabel, type Candidate, type Gate, type GateRemedy } from '@hornblende/core/score';
import { computed } from 'vue';
import { useFeedback } from '../../ui/useFeedback';
import { useDraft } from '../part/draft';
import { useUnits } from '../../ui/useUnits';
import { useWorking } from '../../stores/working';

const props = defineProps<{ candidate: Candidate }>();
const working = useWorking();
const { gate, say } = useUnits();
const draft = useDraft();
const { offerUndo } = useFeedback();
const words = {
  pass: { mark: '●', said: 'passes' },
  marginal: { mark: '◐', said: 'marginal' },
  fail: { mark: '○', said: 'fails' },
} as const;
const order = { fail: 0, marginal: 1, pass: 2 } as const;
const gates = computed(() => [...props.candidate.gates].sort((a, b) => order[a.verdict] - order[b.verdict]));
/** Does what a rescue says; one press takes it back. */
function apply({ label, path, value }: GateRemedy): void {
  // What is ticked already stays ticked.
  const more =
    path === 'print.aids' ? [...new Set([...draft.brief!.print.aids, ...(value as string[])])] : value;
  const before = path
    .split('.')
    .reduce<unknown>((at, key) => (at as Record<string, unknown>)[key], draft.brief);
  draft.set(path, more);
  offerUndo(`Done: ${say(label)}.`, () => Promise.resolve(draft.set(path, before)));
}
function open(g: Gate): void {
  if (g.working)
    working.show({
      title: `${gateLabel(g.id)}, ${props.candidate.name}`,
      refs: [g.working],
      note: say(g.why),
    });
}
</script>

<template>
  <ul class="gates">
    <li v-for="g in gates" :key="g.id" :class="g.verdict" :data-testid="`gate-${g.id}`">
      <span class="mark" aria-hidden="true">{{ words[g.verdict].mark }}</span>
      <div>
        <div class="line">
          <b><TermText :text="gateLabel(g.id)" /></b>
          <span class="verdict">{{ words[g.verdict].said }}</span>
          <WorkingNumber
            v-if="g.working"
            :title="`Working of ${gateLabel(g.id)}`"
            class="nums"
            @click="open(g)"
          >
            {{ gate(g) }}
          </WorkingNumber>
          <span v-else class="nums">{{ gate(g) }}</span>
        </div>
        <div v-if="g.verdict !== 'pass'" class="why small">
          <TermText :text="say(g.why)" /><span v-if="g.rescue" class="rescue">
            Rescue: {{ say(g.rescue) }}.</span
          >
          <Button v-if="g.remedy" size="small" class="remedy" @click="apply(g.remedy)">{{
            say(capital(g.remedy.label))
          }}</Button>
        </div>
      </div>
    </li>
  </ul>
</template>

<style scoped>
.gates {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 20px 1fr;
  padding: 5px 0;
  border-top: 1px solid var(--rule);
}
.pass .mark {
  color: var(--fits-fill);
}
.pass .verdict {
  color: var(--fits);
}
.marginal .mark,
.marginal .verdict {
  color: var(--marginal);
}
.fail .mark,
.fail .verdict {
  color: var(--out);
}
.verdict {
  font-size: 13px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 0 8px;
  align-items: baseline;
}
.nums {
  margin-left: auto;
  font: inherit;
  font-size: 12.5px;
  color: var(--soft);
  background: none;
  border: 0;
  padding: 0;
  text-align: right;
}
button.nums {
  cursor: pointer;
  border-bottom: 1px dotted var(--info);
  color: var(--ink);
}
.remedy {
  margin: 3px 0 2px;
  display: block;
}
.rescue {
  color: var(--info);
}
</style>
