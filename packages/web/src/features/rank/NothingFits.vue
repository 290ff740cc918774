<script setup lang="ts">
import { Button } from '../../ui/kit';
import { gateLabel, type GateId, type Ranking } from '@hornblende/core/score';
import { computed } from 'vue';
import { useRanking } from '../part/useRanking';
import { useRelaxations } from './useRelaxations';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';

defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const { say } = useUnits();
const { candidates, printer, weather } = useRanking();
const { answer, progress, failed } = useRelaxations(
  () => draft.brief,
  () => printer.value,
  () => weather.value,
  () => candidates.value,
);
const nearest = computed(() => answer.value?.relaxations.slice(0, 5) ?? []);
</script>

<template>
  <section class="notice hazard" data-testid="nothing-fits">
    <h2>Nothing fits this brief</h2>
    <p v-if="progress !== null" class="soft" role="status">Looking for the nearest thing to ask less of…</p>
    <p v-else-if="failed" class="out" role="alert">It could not be worked out: {{ failed }}</p>
    <template v-else-if="answer">
      <template v-if="nearest.length">
        <p>Ask less of one of these, nearest first:</p>
        <ol>
          <li v-for="r in nearest" :key="r.requirement">
            {{ say(r.sentence) }}: lets <b>{{ r.letsName }}</b> in.
            <Button v-if="!r.requirement.startsWith('printer')" type="text" @click="draft.load(r.brief)">
              Change the brief so
            </Button>
            <RouterLink v-else to="/workshop">To the workshop</RouterLink>
          </li>
        </ol>
      </template>
      <p v-else>No single requirement is enough.</p>
      <div v-if="answer.closest">
        <p>
          <b>{{ answer.closest.name }}</b> comes closest; it fails
          {{ answer.closest.gates.length === 1 ? 'one gate' : `${answer.closest.gates.length} gates` }}:
        </p>
        <ul>
          <li v-for="g in answer.closest.gates" :key="g.id">
            {{ gateLabel(g.id as GateId) }}: {{ say(g.why) }}
            <span v-if="g.rescue" class="info">{{ say(g.rescue) }}</span>
          </li>
        </ul>
      </div>
    </template>
  </section>
</template>

<style scoped>
ol,
ul {
  margin: 4px 0 8px;
  padding-left: 22px;
}
</style>
