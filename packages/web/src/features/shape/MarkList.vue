<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
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
type Place = MarkedPlace & { index: number };
/** Places that are alike, told once: corners of one angle, walls of one thickness, what hangs at one height. */
interface Alike {
  key: string;
  places: Place[];
}
const groups = computed(() =>
  kinds.map(k => {
    const places = props.places.flatMap((p, index) => (p.kind === k.kind ? [{ ...p, index }] : []));
    return { ...k, count: places.length, alike: alike(places) };
  }),
);
function alike(places: readonly Place[]): Alike[] {
  const byKey = new Map<string, Place[]>();
  for (const p of places) byKey.set(sameAs(p), [...(byKey.get(sameAs(p)) ?? []), p]);
  return [...byKey].map(([key, of]) => ({ key, places: of }));
}
/** What makes places alike to somebody who looks at them. */
function sameAs({ kind, figure, atMm }: MarkedPlace): string {
  return kind === 'overhang' ? `${Math.round(atMm[2])} up` : sig(figure, 2);
}
const at = (of: readonly number[]): string => placeWords(of, show);
function said({ places }: Alike): string {
  const [first] = places as [Place];
  const many = places.length > 1 ? `, ${places.length} places` : '';
  switch (first.kind) {
    case 'corner':
      return `${Math.round(first.figure)}°${many || ` at ${at(first.atMm.slice(0, 2))}`}`;
    case 'overhang': {
      const areaMm2 = places.reduce((sum, p) => sum + p.figure, 0);
      return `${show(areaMm2, 'area', 2)}, ${at(first.atMm.slice(2))} up${many}`;
    }
    case 'thin':
      return `a wall of ${show(first.figure, 'length', 2)}${many || ` at ${at(first.atMm)}`}`;
  }
}
/** Flies to the first of them, pressed again to the next. */
function look({ places }: Alike): void {
  const now = places.findIndex(p => p.index === props.looked);
  emit('look', places[(now + 1) % places.length]!.index);
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
        <span v-if="g.count" class="soft">{{ g.count }}</span>
      </h3>
      <p v-if="!g.count" class="soft small">{{ g.none }}</p>
      <ul v-else>
        <li v-for="a in g.alike" :key="a.key">
          <Button
            type="text"
            size="small"
            :aria-pressed="a.places.some(p => p.index === looked)"
            :title="a.places.length > 1 ? 'Press again for the next of them' : undefined"
            @click="look(a)"
          >
            {{ said(a) }}
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
