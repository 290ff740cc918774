<script setup lang="ts">
import { withPrice } from '@hornblende/core/advice';
import type { Family } from '@hornblende/core/materials';
import { rank, type Ranking } from '@hornblende/core/score';
import { Button, Progress } from '../../ui/kit';
import { computed, ref, watch } from 'vue';
import { useRanking } from '../part/useRanking';
import { useUnits } from '../../ui/useUnits';
import { useJob } from '../../workers/useJob';
import { useDraft } from '../part/draft';
import type { PlainTip } from '../../workers/jobs/advice';
import WhatIf from './WhatIf.vue';

/**
 * What would change the first choice, nearest first; each can be tried beside what is, and only becomes
 * part of the brief when it is taken.
 */
const props = defineProps<{ ranking: Ranking }>();
const draft = useDraft();
const { say } = useUnits();
const { candidates, printer, weather } = useRanking();
const { answer, soFar, progress, failed, ask, cancel } = useJob('advice');
const tried = ref<PlainTip | null>(null);
const MOST_TIPS_SHOWN = 8;
const all = ref(false);
const fresh = ref(false);
watch(answer, () => {
  fresh.value = true;
});
function look(): void {
  fresh.value = false;
  tried.value = null;
  if (draft.brief)
    ask({ brief: draft.brief, printer: printer.value, weather: weather.value, families: candidates.value });
}
watch(() => props.ranking, look, { immediate: true });

/** The candidates of a what-if: as they are, but for the one whose price it changes. */
function candidatesOf(tip: PlainTip): Family[] {
  return tip.id === 'price'
    ? candidates.value.map(f => (f.key === props.ranking.firstChoice ? withPrice(f, tip.to) : f))
    : candidates.value;
}
const then = computed(() =>
  tried.value
    ? rank(tried.value.brief, {
        printer: tried.value.printer,
        weather: weather.value,
        families: candidatesOf(tried.value),
      })
    : null,
);
/** What was found, or is so far: the nearest of them stand before the last dial is turned. */
const found = computed(() => (fresh.value ? answer.value : soFar.value));
const shown = computed(() => (found.value?.tips ?? []).slice(0, all.value ? undefined : MOST_TIPS_SHOWN));
/** What can be taken into the brief: a machine or a price cannot. */
const takeable = computed(
  () => tried.value !== null && tried.value.id !== 'price' && tried.value.id !== 'chamber',
);
function take(): void {
  if (tried.value) {
    draft.load(tried.value.brief);
    tried.value = null;
  }
}
</script>

<template>
  <div data-testid="tips">
    <p v-if="progress !== null" class="busy" role="status">
      Turning every dial until the first choice changes…
      <Progress :percent="Math.round(100 * progress)" size="small" aria-label="Dials" /><Button
        type="text"
        @click="cancel"
      >
        Stop
      </Button>
    </p>
    <p v-else-if="failed" class="out">
      It could not be worked out: {{ failed }}
      <Button type="text" @click="look">Try again</Button>
    </p>
    <p v-else-if="!fresh" class="soft">
      <Button type="text" @click="look">Look for what would change this</Button>
    </p>
    <template v-if="found">
      <p v-if="fresh && !shown.length" class="soft">
        No single change within reason puts another filament first.
      </p>
      <ul v-else class="tips">
        <li v-for="t in shown" :key="t.sentence" :class="{ on: t.sentence === tried?.sentence }">
          <span>{{ say(t.sentence) }}</span><Button
            type="text"
            :aria-label="`Try it: ${say(t.sentence)}`"
            @click="tried = t"
          >
            Try it
          </Button>
        </li>
      </ul>
      <Button v-if="found.tips.length > MOST_TIPS_SHOWN && !all" type="text" @click="all = true">
        {{ found.tips.length - MOST_TIPS_SHOWN }} more, farther off
      </Button>
      <WhatIf
        v-if="tried && then"
        :sentence="say(tried.sentence)"
        :now="ranking"
        :then="then"
        :takeable="takeable"
        @take="take"
        @drop="tried = null"
      />
      <template v-if="found.hints.length">
        <h3>What a purchase would let in</h3>
        <ul class="hints">
          <li v-for="h in found.hints.slice(0, 5)" :key="h.kind">
            <b>{{ h.name }}</b> would let
            {{
              h.lets
                .slice(0, 4)
                .map(l => `${l.name} (${l.score.toFixed(2)})`)
                .join(', ')
            }}{{ h.lets.length > 4 ? ` and ${h.lets.length - 4} more` : '' }} in.
          </li>
        </ul>
        <p class="small"><RouterLink to="/workshop/upgrades">Weigh it over all parts</RouterLink></p>
      </template>
    </template>
  </div>
</template>

<style scoped>
.busy {
  display: flex;
  gap: 12px;
  align-items: center;
}
.busy :deep(.ant-progress) {
  max-width: 220px;
  margin: 0;
}
.tips {
  list-style: none;
  padding: 0;
  margin: 0 0 6px;
  max-width: 720px;
}
.tips li {
  display: flex;
  justify-content: space-between;
  gap: 16px;
  align-items: baseline;
  border-bottom: 1px solid var(--rule);
  padding: 3px 0;
}
.on {
  background: var(--hover);
}
.hints {
  margin: 4px 0;
  padding-left: 18px;
}
h3 {
  margin: 14px 0 2px;
}
</style>
