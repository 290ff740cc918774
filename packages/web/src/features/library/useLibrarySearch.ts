import { families, propertyNames, type Family, type PropertyName } from '@hornblende/core/materials';
import { useSessionStorage, type RemovableRef } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import { useLibrary } from '../../stores/library';
import type { PropertyCondition } from './PropertyConditions.vue';

/** What of the library is looked at. */
export type LibraryKind = 'all' | 'families' | 'grades' | 'away';

/** A property, or the name. */
export type LibrarySort = PropertyName | 'name';

/** How the library is looked at, and what that leaves. */
export interface LibrarySearch {
  search: RemovableRef<string>;
  kind: RemovableRef<LibraryKind>;
  conditions: RemovableRef<PropertyCondition[]>;
  columns: RemovableRef<PropertyName[]>;
  sortBy: RemovableRef<LibrarySort>;
  falling: RemovableRef<boolean>;
  picked: RemovableRef<string[]>;
  archived: ComputedRef<ReadonlySet<string>>;
  rows: ComputedRef<Family[]>;
  sort: (by: LibrarySort) => void;
  pick: (key: string) => void;
  toggleColumn: (name: PropertyName, on: boolean) => void;
}

/** How many can be compared. */
const COMPARED = 4;
const FIRST_COLUMNS: PropertyName[] = [
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
    const p = a.properties[by]?.typical;
    const q = b.properties[by]?.typical;
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
  const columns = useSessionStorage<PropertyName[]>('hornblende-library-columns', FIRST_COLUMNS);
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
  const rows = computed(() => {
    const words = search.value.trim().toLowerCase().split(/\s+/).filter(Boolean);
    return sources[kind.value]()
      .filter(f => words.every(w => textOf(f).includes(w)) && conditions.value.every(c => meets(f, c)))
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
    toggleColumn: (name, on) => {
      columns.value = propertyNames.filter(n => (n === name ? on : columns.value.includes(n)));
    },
  };
}
