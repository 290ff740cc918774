import type { StoredSpool } from '@hornblende/core/api';
import { gramsLeft, spoolMoistureNow, type Spool, type SpoolMoisture } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import { shelfMaterials } from '@hornblende/core/workshop';
import { useIntervalFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { api } from '../api/client';
import { useLibrary } from './library';
import { usePrinters } from './printers';
import { useSpools } from './spools';
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
  const spools = useSpools();
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
    await spools.load();
    renew();
  }
  const dryerMaxC = computed(() => printers.dryerMaxC);
  const rows = computed<ShelfRow[]>(() =>
    spools.list.map(s => {
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
  /** Each filament on the shelf, by the spool that would be used. */
  const materials = computed(() =>
    shelfMaterials(
      spools.list.map(s => s.spool),
      key => library.find(key) ?? undefined,
      {
        now: now.value.toISOString(),
        rhPct: workshop.settings.roomRhPct,
        dryerMaxC: dryerMaxC.value,
      },
    ),
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
    return spools.keep(saved);
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
    spools.drop(id);
  }

  return {
    list: computed(() => spools.list),
    state: computed(() => spools.state),
    rows,
    materials,
    stock,
    dryerMaxC,
    load,
    save,
    remove,
  };
});
