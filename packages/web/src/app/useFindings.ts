import type { SearchKind } from '@hornblende/core/api';
import { computed, watch, type ComputedRef, type Ref } from 'vue';
import { useCurrentPart } from '../stores/current-part';
import { useLibrary } from '../stores/library';
import { finds } from '../ui/search-words';
import { useWordSearch } from '../ui/useWordSearch';
import { pages, partPages } from './pages';

/** Something to go to. */
export interface Finding {
  /** The address of its page. */
  to: string;
  title: string;
  /** What tells it from others of that name. */
  beside: string;
}

/** Findings of one kind, under its heading. */
export interface FindingGroup {
  heading: string;
  findings: Finding[];
}

/** Findings of a kind that stand in the list at once. */
const MOST_OF_A_KIND = 8;

/**
 * What the words lead to: parts and parts in service, which the server looks for among all of them, filaments, and
 * pages. Without words, what was touched last, and the pages.
 */
export function useFindings(words: Ref<string>): {
  groups: ComputedRef<FindingGroup[]>;
  busy: Ref<boolean>;
  failed: Ref<string>;
} {
  const library = useLibrary();
  const part = useCurrentPart();
  const { hits, busy, failed, lookFor } = useWordSearch(['parts', 'placements'], MOST_OF_A_KIND, words.value);
  watch(words, lookFor);

  const ofKind = (kind: SearchKind, address: (id: string) => string): Finding[] =>
    hits.value
      .filter(h => h.kind === kind)
      .map(h => ({ to: address(h.id), title: h.title, beside: h.place }));
  const has = computed(() => finds(words.value));
  const filaments = computed(() =>
    has.value === null
      ? []
      : library.everything
          .filter(f => has.value?.(`${f.name} ${f.key}`))
          .slice(0, MOST_OF_A_KIND)
          .map(f => ({ to: `/library/${f.key}`, title: f.name, beside: f.grade?.maker ?? '' })),
  );
  const places = computed(() =>
    [
      ...partPages.flatMap(({ path, title }) =>
        part.id === null ? [] : [{ to: `/parts/${part.id}/${path}`, title, beside: part.name }],
      ),
      ...pages
        .filter(p => !/[:*]/.test(p.path) && p.path !== '/pair')
        .map(({ path, title }) => ({ to: path, title, beside: '' })),
    ].filter(p => has.value === null || has.value(p.title)),
  );
  const groups = computed(() =>
    [
      { heading: 'Parts', findings: ofKind('parts', id => `/parts/${id}/brief`) },
      { heading: 'In service', findings: ofKind('placements', id => `/service/${id}`) },
      { heading: 'Filaments', findings: filaments.value },
      { heading: 'Pages', findings: places.value },
    ].filter(g => g.findings.length),
  );
  return { groups, busy, failed };
}
