<script setup lang="ts">
import { failureModeWords, type Inspection } from '@hornblende/core';
import { computed } from 'vue';

/** One look in a line: when, what it came to, what was seen. */
const props = defineProps<{ look: Inspection }>();
const signs: Record<Inspection['verdict'], { sign: string; tone: string; words: string }> = {
  fine: { sign: '●', tone: 'fits', words: 'fine' },
  worn: { sign: '◐', tone: 'marginal', words: 'worn' },
  failed: { sign: '○', tone: 'out', words: 'failed' },
  lost: { sign: '–', tone: 'soft', words: 'lost' },
  removed: { sign: '–', tone: 'soft', words: 'removed, sound' },
};
const seen = computed(() => {
  const l = props.look;
  return [
    l.mode ? failureModeWords[l.mode] : '',
    l.bentMm === null
      ? ''
      : `bent by ${l.bentMm} mm${l.bentOverMm === null ? '' : ` over ${l.bentOverMm} mm`}`,
    l.cracks === 'none'
      ? ''
      : `${l.cracks === 'hairline' ? 'a hairline crack' : 'cracked through'} ${l.crackedAt}`,
    l.springs === 'stays-bent' ? 'stays bent' : '',
    l.nail === 'marks' ? 'a nail marks it' : l.nail === 'flakes' ? 'flakes under a nail' : '',
    l.fading === 'paler' || l.fading === 'chalky' ? l.fading : '',
    l.loose ? 'loose' : '',
    l.chewed ? 'gnawed at' : '',
    l.note,
  ]
    .map(s => s.trim())
    .filter(Boolean)
    .join('; ');
});
</script>

<template>
  <span class="line" :class="{ struck: look.struck }">
    <b>{{ look.at.slice(0, 10) }}</b>
    <span :class="signs[look.verdict].tone"
      >{{ signs[look.verdict].sign }} {{ signs[look.verdict].words }}</span
    >
    <span v-if="seen">{{ seen }}</span>
    <span v-if="look.by" class="soft small">{{ look.by }}</span>
  </span>
</template>

<style scoped>
.line {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 0 12px;
}
.struck {
  text-decoration: line-through;
}
</style>
