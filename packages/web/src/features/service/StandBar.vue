<script setup lang="ts">
import { yearsText } from '@hornblende/core/lib';
import { shareStanding, type EvidenceGroup } from '@hornblende/core/service';
import { computed } from 'vue';

/** The share of a group that stands, as a mark on a scale from none to all, with its 95 % interval. */
const props = defineProps<{ survival: EvidenceGroup['survival'] }>();
const standing = computed(() => shareStanding(props.survival));
const inHundred = (share: number): number => Math.round(100 * share);
const told = computed(() => {
  const s = standing.value;
  if (!s) return 'too early to tell';
  return `${inHundred(s.share)} of 100 stand after ${yearsText(s.years)}, ${inHundred(s.low)} to ${inHundred(s.high)}`;
});
</script>

<template>
  <span class="bar" role="img" :aria-label="told" :title="told" data-testid="stand-bar">
    <template v-if="standing">
      <span
        class="interval"
        :style="{ left: `${100 * standing.low}%`, right: `${100 * (1 - standing.high)}%` }"
      ></span>
      <span
        class="mark"
        :class="{ failed: survival.failures > 0 }"
        :style="{ left: `${100 * standing.share}%` }"
      ></span>
    </template>
  </span>
</template>

<style scoped>
.bar {
  position: relative;
  display: block;
  height: 20px;
  border-inline: 1px solid var(--rule);
  background: linear-gradient(
    90deg,
    transparent calc(50% - 0.5px),
    var(--rule) 0 calc(50% + 0.5px),
    transparent 0
  );
}
.interval {
  position: absolute;
  top: 7px;
  height: 6px;
  min-width: 2px;
  border-radius: 3px;
  background: var(--s-strength);
  opacity: 0.45;
}
.mark {
  position: absolute;
  top: 4px;
  width: 12px;
  height: 12px;
  margin-left: -6px;
  border-radius: 50%;
  background: var(--ink);
}
/* Some have failed: the mark is hollow, so that the colour alone does not tell. */
.failed {
  background: var(--ground);
  border: 2.5px solid var(--out);
}
</style>
