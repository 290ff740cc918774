<script setup lang="ts">
import type { MarkedPlace } from '@hornblende/core/geometry';
import { Button } from '../../ui/kit';
import { computed } from 'vue';
import { useUnits } from '../../ui/useUnits';
import { placeWords } from './place-words';

/** What of the part wants looking at, as it lies; each place can be flown to. */
const props = defineProps<{ places: readonly MarkedPlace[]; looked: number }>();
const emit = defineEmits<{ look: [index: number] }>();
const { show } = useUnits();

const kinds = [
  {
    kind: 'corner',
    title: 'Sharp corners on the plate',
    none: 'No sharp corner on the plate.',
    form: 'M6 1 L11 11 L1 11 Z',
  },
  {
    kind: 'overhang',
    title: 'Hanging over',
    none: 'Nothing hangs over.',
    form: 'M6 1 a5 5 0 1 0 0.01 0 M6 4 a2 2 0 1 1 -0.01 0',
  },
  {
    kind: 'thin',
    title: 'Thin walls',
    none: 'No wall is thinner than two lines.',
    form: 'M6 0 L11 6 L6 12 L1 6 Z',
  },
] as const;
const groups = computed(() =>
  kinds.map(k => ({
    ...k,
    places: props.places.flatMap((p, index) => (p.kind === k.kind ? [{ ...p, index }] : [])),
  })),
);
function said({ kind, figure, atMm }: MarkedPlace): string {
  const at = (of: readonly number[]): string => placeWords(of, show);
  switch (kind) {
    case 'corner':
      return `${Math.round(figure)}° at ${at(atMm.slice(0, 2))}`;
    case 'overhang':
      return `${show(figure, 'area', 2)}, ${at(atMm.slice(2))} up`;
    case 'thin':
      return `${show(figure, 'length', 2)} at ${at(atMm)}`;
  }
}
</script>

<template>
  <div class="marks" data-testid="marks">
    <section v-for="g in groups" :key="g.kind" :aria-label="g.title">
      <h3>
        <svg viewBox="0 0 12 12" width="12" height="12" :class="g.kind" aria-hidden="true">
          <path :d="g.form" />
        </svg>
        {{ g.title }}
        <span v-if="g.places.length" class="soft">{{ g.places.length }}</span>
      </h3>
      <p v-if="!g.places.length" class="soft small">{{ g.none }}</p>
      <ul v-else>
        <li v-for="p in g.places" :key="p.index">
          <Button type="text" size="small" :aria-pressed="p.index === looked" @click="emit('look', p.index)">
            {{ said(p) }}
          </Button>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
h3 {
  display: flex;
  gap: 7px;
  align-items: center;
  margin: 0 0 2px;
}
section + section {
  margin-top: 12px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 132px;
  overflow: auto;
}
p {
  margin: 0;
}
svg path {
  fill-rule: evenodd;
}
.corner path {
  fill: var(--out);
}
.overhang path {
  fill: var(--marginal-fill);
}
.thin path {
  fill: var(--info);
}
[aria-pressed='true'] {
  background: var(--hover);
  font-weight: 700;
}
</style>
