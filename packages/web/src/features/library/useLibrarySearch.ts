import {
  families,
  measureNames,
  measureOf,
  traitsIn,
  type Family,
  type MeasureName,
  type Trait,
} from '@hornblende/core/materials';
import { useSessionStorage, type RemovableRef } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import { useLibrary } from '../../stores/library';
import type { PropertyCondition } from './property-condition';

/** What of the library is looked at. */
export type LibraryKind = 'all' | 'families' | 'grades' | 'away';

/** A measure, or the name. */
export type LibrarySort = MeasureName | 'name';

/** How the library is looked at, and what that leaves. */
export interface LibrarySearch {
  search: RemovableRef<string>;
  kind: RemovableRef<LibraryKind>;
  conditions: RemovableRef<PropertyCondition[]>;
  columns: RemovableRef<MeasureName[]>;
  sortBy: RemovableRef<LibrarySort>;
  falling: RemovableRef<boolean>;
  picked: RemovableRef<string[]>;
  archived: ComputedRef<ReadonlySet<string>>;
  /** What of the search was understood as something that filaments do. */
  traits: ComputedRef<Trait[]>;
  rows: ComputedRef<Family[]>;
  sort: (by: LibrarySort) => void;
  pick: (key: string) => void;
  toggleColumn: (name: MeasureName, on: boolean) => void;
  /** Adds something that filaments do to the search, or takes it out again. */
  toggleTrait: (trait: Trait) => void;
}

/** How many can be compared. */
const COMPARED = 4;
const FIRST_COLUMNS: MeasureName[] = [
  'modulusMPa',
  'yieldMPa',
  'zRatio',
  'charpy23KJm2',
  'hdt045C',
  'uvHalfDoseMJm2',
  'waterUptakePct',
  'pricePerKg',
];

/** What a search looks through, made once for each of thousands. */
const texts = new WeakMap<Family, string>();
function textOf(f: Family): string {
  const made = [f.name, f.key, f.grade?.family, f.grade?.maker, f.filler].filter(Boolean).join(' ');
  const text = texts.get(f) ?? made.toLowerCase();
  texts.set(f, text);
  return text;
}

function meets(f: Family, c: PropertyCondition): boolean {
  const p = f.properties[c.name];
  if (!p) return false;
  return c.sense === 'at least' ? p.typical >= c.value : p.typical <= c.value;
}

const collator = new Intl.Collator(undefined, { numeric: true });

/** By name, or by a property; what lacks the property comes last, whichever way it is sorted. */
function order(by: LibrarySort, falling: boolean): (a: Family, b: Family) => number {
  const sign = falling ? -1 : 1;
  const byName = (a: Family, b: Family): number => collator.compare(a.name, b.name);
  if (by === 'name') return (a, b) => sign * byName(a, b);
  return (a, b) => {
    const p = measureOf(a, by)?.typical;
    const q = measureOf(b, by)?.typical;
    if (p === undefined || q === undefined) return Number(p === undefined) - Number(q === undefined);
    return sign * (p - q) || byName(a, b);
  };
}

/**
 * Finding in the library. How it was last looked at stays while the tab lives: a page opened from it leads back to the
 * same sight.
 */
export function useLibrarySearch(): LibrarySearch {
  const library = useLibrary();
  const search = useSessionStorage('hornblende-library-search', '');
  const kind = useSessionStorage<LibraryKind>('hornblende-library-kind', 'all');
  const conditions = useSessionStorage<PropertyCondition[]>('hornblende-library-conditions', []);
  const columns = useSessionStorage<MeasureName[]>('hornblende-library-columns', FIRST_COLUMNS);
  const sortBy = useSessionStorage<LibrarySort>('hornblende-library-sort', 'name');
  const falling = useSessionStorage('hornblende-library-falling', false);
  const picked = useSessionStorage<string[]>('hornblende-library-picked', []);

  const archived = computed(
    () => new Set([...library.grades.values()].filter(g => g.grade.archived).map(g => g.grade.key)),
  );
  const sources: Record<LibraryKind, () => Family[]> = {
    all: () => library.everything,
    families: () => [...families],
    grades: () => library.active,
    away: () => [...archived.value].flatMap(k => library.find(k) ?? []),
  };
  const read = computed(() => traitsIn(search.value));
  const typed = computed(() => search.value.trim().toLowerCase().split(/\s+/).filter(Boolean));
  /** By its name as it is typed, or by what it does with the rest in its name: “tough” is both. */
  const isFound = (f: Family): boolean => {
    const has = (words: readonly string[]): boolean => words.every(w => textOf(f).includes(w));
    return has(typed.value) || (read.value.traits.every(t => t.of(f)) && has(read.value.words));
  };
  const rows = computed(() => {
    return sources[kind.value]()
      .filter(f => isFound(f) && conditions.value.every(c => meets(f, c)))
      .sort(order(sortBy.value, falling.value));
  });

  return {
    search,
    kind,
    conditions,
    columns,
    sortBy,
    falling,
    picked,
    archived,
    traits: computed(() => read.value.traits),
    rows,
    sort: by => {
      falling.value = sortBy.value === by ? !falling.value : by !== 'name';
      sortBy.value = by;
    },
    pick: key => {
      picked.value = picked.value.includes(key)
        ? picked.value.filter(k => k !== key)
        : [...picked.value, key].slice(-COMPARED);
    },
    toggleTrait: trait => {
      const others = read.value.traits.filter(t => t !== trait).map(t => t.label.toLowerCase());
      const now = others.length < read.value.traits.length ? others : [...others, trait.label.toLowerCase()];
      search.value = [...now, ...read.value.words].join(', ');
    },
    toggleColumn: (name, on) => {
      columns.value = measureNames.filter(n => (n === name ? on : columns.value.includes(n)));
    },
  };
}
