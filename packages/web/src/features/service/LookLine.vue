<script setup lang="ts">
import type { Inspection } from '@hornblende/core/formats';
import { seenWords, verdictWords } from '@hornblende/core/service';
import { computed } from 'vue';
import { dayText } from '../../ui/day-text';

/** One look in a line: when, what it came to, what was seen. */
const props = defineProps<{ look: Inspection }>();
const signs: Record<Inspection['verdict'], { sign: string; tone: string }> = {
  fine: { sign: '●', tone: 'fits' },
  worn: { sign: '◐', tone: 'marginal' },
  failed: { sign: '○', tone: 'out' },
  lost: { sign: '–', tone: 'soft' },
  removed: { sign: '–', tone: 'soft' },
};
const seen = computed(() => seenWords(props.look));
</script>

<template>
  <span class="line" :class="{ struck: look.struck }">
    <b>{{ dayText(look.at) }}</b>
    <span :class="signs[look.verdict].tone"
      >{{ signs[look.verdict].sign }} {{ verdictWords[look.verdict] }}</span
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
