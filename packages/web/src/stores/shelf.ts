import {
  gramsLeft,
  spoolMoistureNow,
  type Family,
  type Spool,
  type SpoolMoisture,
  type StoredSpool,
} from '@hornblende/core';
import { useIntervalFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api } from '../api/client';
import { useLibrary } from './library';
import { usePrinters } from './printers';
import { useWorkshop } from './workshop';

/** A spool with what follows from its ledger at this moment. */
export interface ShelfRow extends StoredSpool {
  name: string;
  family: Family | null;
  leftG: number;
  low: boolean;
  moisture: SpoolMoisture | null;
}

/** The spools on the shelf. */
export const useShelf = defineStore('shelf', () => {
  const library = useLibrary();
  const workshop = useWorkshop();
  const printers = usePrinters();
  const list = shallowRef<StoredSpool[]>([]);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  /**
   * The moment that water is worked out for: renewed now and then, and with every entry, which must not lie
   * ahead of it.
   */
  const now = shallowRef(new Date());
  const renew = (): void => {
    now.value = new Date();
  };
  useIntervalFn(renew, 600_000);

  async function load(): Promise<void> {
    try {
      list.value = await api.spools();
      state.value = 'ready';
      renew();
    } catch (e) {
      state.value = 'failed';
      throw e;
    }
  }
  /** The hottest dryer in the workshop, °C; null where there is none. */
  const dryerMaxC = computed(() =>
    printers.list.reduce<number | null>(
      (m, p) => (p.profile.dryerMaxC === null ? m : Math.max(m ?? 0, p.profile.dryerMaxC)),
      null,
    ),
  );
  const rows = computed<ShelfRow[]>(() =>
    list.value.map(s => {
      const family = library.find(s.spool.material) ?? null;
      const leftG = gramsLeft(s.spool);
      return {
        ...s,
        family,
        leftG,
        name: family?.name ?? s.spool.material,
        low: leftG < s.spool.lowG,
        moisture: family
          ? spoolMoistureNow(
              s.spool,
              family,
              now.value.toISOString(),
              workshop.settings.roomRhPct,
              dryerMaxC.value,
            )
          : null,
      };
    }),
  );
  /** Grams on the shelf by family or grade, of spools that are in use. */
  const stock = computed(() => {
    const grams = new Map<string, number>();
    for (const r of rows.value)
      if (!r.spool.archived && r.leftG > 0)
        grams.set(r.spool.material, (grams.get(r.spool.material) ?? 0) + r.leftG);
    return grams;
  });

  function put(saved: StoredSpool): StoredSpool {
    renew();
    const others = list.value.filter(s => s.id !== saved.id);
    const at = list.value.findIndex(s => s.id === saved.id);
    list.value = at < 0 ? [...list.value, saved] : [...others.slice(0, at), saved, ...others.slice(at)];
    return saved;
  }
  /** Adds a spool, or saves it over the revision it was made from. @throws ApiError */
  async function save(
    spool: Spool,
    from: StoredSpool | null,
    id: string | null = null,
  ): Promise<StoredSpool> {
    return put(from ? await api.saveSpool(from.id, spool, from.revision) : await api.addSpool(spool, id));
  }
  async function remove(id: string): Promise<void> {
    await api.removeSpool(id);
    list.value = list.value.filter(s => s.id !== id);
  }

  return { list, state, rows, stock, dryerMaxC, load, save, remove };
});
