<script setup lang="ts">
import { drillNames } from '@hornblende/core/drills';
import { Button } from '../../ui/kit';
import { computed, nextTick, useTemplateRef, watch } from 'vue';
import { useWorking } from '../../stores/working';
import { useKeys } from '../../ui/keys';
import { useUnits } from '../../ui/useUnits';
import DrillPicture from './DrillPicture.vue';
import { sureText } from './sure-words';
import { useLabPath } from './useLabPath';
import type { Round } from './useRound';

/** One drill: what is given, what it may be, how sure one is; then what it is, and why. */
const props = defineProps<{ round: Round }>();
const working = useWorking();
const { say: inUnits } = useUnits();
const drill = computed(() => props.round.drill.value);
const chosen = computed(() => props.round.chosen.value);
const isTold = computed(() => props.round.said.value !== null);
const isRight = computed(() => chosen.value === drill.value?.right);
const lab = useLabPath(() => drill.value?.lab ?? null);
const answer = useTemplateRef('answer');

/** A digit chooses; once something is chosen, a letter says how sure. */
const letters = ['a', 's', 'd', 'f', 'g'];
const keys: Record<string, () => void> = { Enter: () => props.round.next() };
for (let n = 0; n < 4; n++) keys[String(n + 1)] = () => props.round.choose(n);
for (const [n, letter] of letters.entries())
  keys[letter] = () => {
    const level = props.round.levels.value[n];
    if (level !== undefined) props.round.say(level);
  };
useKeys(keys);
// On a phone the answer stands under the fold.
watch(isTold, async told => {
  await nextTick();
  if (told) (answer.value as HTMLElement | null)?.scrollIntoView({ block: 'nearest' });
});
function open(): void {
  if (drill.value) working.show({ title: drillNames[drill.value.kind], refs: drill.value.refs });
}
function lookOf(n: number): string {
  if (!isTold.value) return n === chosen.value ? 'chosen' : '';
  if (n === drill.value?.right) return 'right';
  return n === chosen.value ? 'wrong' : 'other';
}
function markOf(n: number): string {
  return { right: '● ', wrong: '○ ', chosen: '', other: '', '': '' }[lookOf(n)] ?? '';
}
</script>

<template>
  <section v-if="drill" class="drill" :aria-label="drillNames[drill.kind]" data-testid="drill">
    <p class="soft small kind">{{ drillNames[drill.kind] }}</p>
    <ul class="given">
      <li v-for="(g, n) in drill.given" :key="n">{{ inUnits(g) }}</li>
    </ul>
    <DrillPicture :drill="drill" />
    <h2>{{ drill.question }}</h2>
    <div class="options" role="group" :aria-label="drill.question">
      <Button
        v-for="(o, n) in drill.options"
        :key="o"
        :class="['option', lookOf(n)]"
        :aria-pressed="n === chosen"
        :disabled="isTold && n !== chosen && n !== drill.right"
        data-testid="drill-option"
        @click="round.choose(n)"
        ><kbd>{{ n + 1 }}</kbd
        ><span>{{ markOf(n) }}{{ inUnits(o) }}</span></Button
      >
    </div>
    <div v-if="chosen !== null && !isTold" class="sure" role="group" aria-label="How sure are you?">
      <p>How sure are you?</p>
      <Button
        v-for="(level, n) in round.levels.value"
        :key="level"
        size="large"
        data-testid="drill-sure"
        @click="round.say(level)"
        >{{ sureText(level) }} <kbd>{{ letters[n] }}</kbd></Button
      >
    </div>
    <div v-if="isTold" ref="answer" class="answer" role="status" data-testid="drill-answer">
      <p>
        <b :class="isRight ? 'fits' : 'out'">{{ isRight ? '● Right.' : '○ Not so.' }}</b>
        {{ inUnits(drill.why) }}
      </p>
      <p class="acts">
        <Button type="primary" size="large" @click="round.next()">Next <kbd>Enter</kbd></Button>
        <Button type="text" @click="open">Working</Button>
        <RouterLink v-if="lab && !isRight" :to="lab.to">{{ lab.label }}</RouterLink>
      </p>
      <p class="soft small">
        How clear it is: {{ drill.margin.what }} {{ Number(drill.margin.off.toPrecision(3)) }}
        {{ drill.margin.unit }}; under {{ drill.margin.tolerance }} {{ drill.margin.unit }} it would not be
        asked. Drill {{ drill.seed }}.
      </p>
    </div>
  </section>
</template>

<style scoped>
.drill {
  max-width: 760px;
}
.kind {
  margin: 12px 0 0;
}
.given {
  margin: 4px 0 10px;
  padding-left: 18px;
}
h2 {
  font-size: 19px;
  margin: 0 0 10px;
}
.options {
  display: grid;
  gap: 8px;
}
.option {
  height: auto;
  min-height: 48px;
  white-space: normal;
  text-align: left;
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: flex-start;
  padding: 8px 14px;
}
.option.chosen {
  border-color: var(--deep);
  box-shadow: inset 4px 0 0 var(--deep);
}
.option.right {
  border-color: var(--fits);
  box-shadow: inset 4px 0 0 var(--fits);
}
.option.wrong {
  border-color: var(--out);
  box-shadow: inset 4px 0 0 var(--out);
}
kbd {
  font: inherit;
  font-size: 12px;
  border: 1px solid var(--rule-strong);
  border-radius: 3px;
  padding: 0 5px;
  margin-left: 4px;
}
.option kbd {
  margin: 0;
}
.sure {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 14px;
}
.sure p {
  margin: 0 8px 0 0;
}
.sure :deep(.ant-btn) {
  min-height: 48px;
}
.answer {
  border-left: 3px solid var(--gold);
  padding-left: 14px;
  margin: 16px 0;
}
.answer p {
  margin: 4px 0 8px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
}
@media (hover: none) {
  kbd {
    display: none;
  }
}
</style>
