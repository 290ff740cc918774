import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { useShelf, type ShelfRow } from '../../stores/shelf';

/** What the shelf can be sorted by. */
export type ShelfSort = 'code' | 'name' | 'left' | 'water' | 'price';

/** The shelf as it is searched and sorted. */
export interface ShelfList {
  search: Ref<string>;
  away: Ref<boolean>;
  sortBy: Ref<ShelfSort>;
  falling: Ref<boolean>;
  rows: ComputedRef<ShelfRow[]>;
  sort: (by: ShelfSort) => void;
  /** The spool that a scanned code, or a search with one answer, means. */
  meant: () => ShelfRow | undefined;
}

const collator = new Intl.Collator(undefined, { numeric: true });
/** How far over its limit a spool's water is: a nylon at 1 % is wetter than a PVA at 4 %. */
const wetness = (r: ShelfRow): number => (r.moisture ? r.moisture.waterPct / r.moisture.limitPct : -1);
const order: Record<ShelfSort, (a: ShelfRow, b: ShelfRow) => number> = {
  code: (a, b) => collator.compare(a.spool.code, b.spool.code),
  name: (a, b) => collator.compare(a.name, b.name),
  left: (a, b) => a.leftG - b.leftG,
  water: (a, b) => wetness(a) - wetness(b),
  price: (a, b) => (a.spool.price ?? -1) - (b.spool.price ?? -1),
};

function reads(r: ShelfRow): string {
  const { code, colour, maker } = r.spool;
  return `${code} ${r.name} ${colour} ${maker} ${r.family?.grade?.maker ?? ''}`.toLowerCase();
}

/** Searching and sorting the shelf. */
export function useShelfList(): ShelfList {
  const shelf = useShelf();
  const search = ref('');
  const away = ref(false);
  const sortBy = ref<ShelfSort>('code');
  const falling = ref(false);
  const rows = computed(() => {
    const words = search.value.trim().toLowerCase().split(/\s+/).filter(Boolean);
    const way = falling.value ? -1 : 1;
    return shelf.rows
      .filter(r => r.spool.archived === away.value && words.every(w => reads(r).includes(w)))
      .sort((a, b) => way * (order[sortBy.value](a, b) || collator.compare(a.id, b.id)));
  });
  function sort(by: ShelfSort): void {
    if (sortBy.value === by) falling.value = !falling.value;
    else falling.value = by === 'water';
    sortBy.value = by;
  }
  function meant(): ShelfRow | undefined {
    const code = search.value.trim().toLowerCase();
    const exact = shelf.rows.find(r => code && r.spool.code.toLowerCase() === code);
    return exact ?? (rows.value.length === 1 ? rows.value[0] : undefined);
  }
  return { search, away, sortBy, falling, rows, sort, meant };
}
