import { scoreShown } from '@hornblende/core/score';
import type { Candidate } from '@hornblende/core/score';
import { useSessionStorage, type RemovableRef } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import { useDraft } from '../part/draft';
import { useShelf, type ShelfRow } from '../../stores/shelf';
import { useRanking } from '../part/useRanking';
import { useUnits } from '../../ui/useUnits';

/** The filters, and what they leave. */
export interface RankFilters {
  onlyShelf: RemovableRef<boolean>;
  onlyPrinter: RemovableRef<boolean>;
  /** The colour and the maker that spools of the shelf have to be of; empty for any. */
  colour: RemovableRef<string>;
  maker: RemovableRef<string>;
  /** What there is to choose among on the shelf, in alphabetical order. */
  colours: ComputedRef<string[]>;
  makers: ComputedRef<string[]>;
  /** Those that the filters leave, in the order of the whole ranking, with its ranks and scores. */
  shown: ComputedRef<Candidate[]>;
  /** The best of those in the running; null when none is. */
  best: ComputedRef<Candidate | null>;
  /** What the shelf amounts to, in a sentence; empty unless it is asked for. */
  shelfWords: ComputedRef<string>;
  clear: () => void;
}

/** What of a ranking is looked at: all of it, what is on the shelf, what this printer can. */
export function useRankFilters(): RankFilters {
  const draft = useDraft();
  const shelf = useShelf();
  const { show } = useUnits();
  const { ranking, first } = useRanking();
  const onlyShelf = useSessionStorage('hornblende-rank-shelf', false);
  const onlyPrinter = useSessionStorage('hornblende-rank-printer', false);
  const colour = useSessionStorage('hornblende-rank-colour', '');
  const maker = useSessionStorage('hornblende-rank-maker', '');
  const makerOf = (r: ShelfRow): string => r.spool.maker || (r.family?.grade?.maker ?? '');
  const spools = computed(() => shelf.rows.filter(r => !r.spool.archived && r.leftG > 0));
  const among = (of: (r: ShelfRow) => string): string[] =>
    [...new Set(spools.value.map(of))].filter(Boolean).sort((a, b) => a.localeCompare(b));
  const meant = computed(() =>
    spools.value.filter(
      r => (!colour.value || r.spool.colour === colour.value) && (!maker.value || makerOf(r) === maker.value),
    ),
  );
  /** Grams of what is meant, by filament. */
  const stock = computed(() => {
    const grams = new Map<string, number>();
    for (const r of meant.value) grams.set(r.spool.material, (grams.get(r.spool.material) ?? 0) + r.leftG);
    return grams;
  });
  const stopped = (c: Candidate): boolean =>
    c.gates.some(g => (g.id.startsWith('printability') || g.id === 'build') && g.verdict === 'fail');
  const shown = computed(() =>
    (ranking.value?.candidates ?? []).filter(
      c => (!onlyShelf.value || stock.value.has(c.material)) && (!onlyPrinter.value || !stopped(c)),
    ),
  );
  const best = computed(() => shown.value.find(c => c.rank !== null) ?? null);

  function behind(c: Candidate, top: Candidate): string {
    if (c.material === top.material) return 'the first choice itself';
    // Step-up orders by demands, not by score.
    if (ranking.value?.school === 'step-up') return `number ${c.rank} of the ranking`;
    const equals = ranking.value?.asGood.flatMap(g => [g, ...g.variants]) ?? [];
    return equals.some(e => e.material === c.material)
      ? `as good as ${top.name}`
      : `${(scoreShown(top) - scoreShown(c)).toFixed(2)} behind ${top.name}`;
  }
  const shelfWords = computed(() => {
    const top = first.value;
    if (!onlyShelf.value || !top) return '';
    if (!spools.value.length) return 'The shelf is empty.';
    if (!stock.value.size) return 'No spool on the shelf is of that colour and maker.';
    const c = best.value;
    if (!c) return `Nothing on the shelf fits; ${top.name} would have to be bought.`;
    const left = stock.value.get(c.material) ?? 0;
    const need = c.printing.massG * (draft.brief?.quantity ?? 1);
    const enough =
      left >= need
        ? `${show(left, 'mass')} is enough`
        : `but ${show(left, 'mass')} is not enough for the ${show(need, 'mass')} wanted`;
    const damp = meant.value.some(
      r => r.spool.material === c.material && r.moisture !== null && r.moisture.state !== 'dry',
    );
    return `Best from the shelf: ${c.name}, ${behind(c, top)}; ${enough}${damp ? '; dry it first' : ''}.`;
  });
  return {
    onlyShelf,
    onlyPrinter,
    colour,
    maker,
    colours: computed(() => among(r => r.spool.colour)),
    makers: computed(() => among(makerOf)),
    shown,
    best,
    shelfWords,
    clear: () => {
      onlyShelf.value = false;
      onlyPrinter.value = false;
      colour.value = '';
      maker.value = '';
    },
  };
}
