<script setup lang="ts">
import { gateLabel, type GateId, type Ranking } from '@hornblende/core';
import { computed } from 'vue';
import { useRanking } from '../composables/useRanking';
import { useRelaxations } from '../composables/useRelaxations';
import { useUnits } from '../composables/useUnits';
import { useDraft } from '../stores/draft';

defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const { say } = useUnits();
const { candidates, printer, weather } = useRanking();
const { answer, busy } = useRelaxations(
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
    <p v-if="busy" class="soft" role="status">Looking for the nearest thing to ask less of…</p>
    <template v-else-if="answer">
      <template v-if="nearest.length">
        <p>Ask less of one of these, nearest first:</p>
        <ol>
          <li v-for="r in nearest" :key="r.requirement">
            {{ say(r.sentence) }}: lets <b>{{ r.letsName }}</b> in.
            <button
              v-if="!r.requirement.startsWith('printer')"
              type="button"
              class="quiet-button"
              @click="draft.load(r.brief)"
            >
              Change the brief so
            </button>
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
