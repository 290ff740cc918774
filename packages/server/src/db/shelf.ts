import type { Grade } from '@hornblende/core/formats';
import { materialFinder } from '@hornblende/core/materials';
import { shelfMaterials, type ShelfMaterial } from '@hornblende/core/workshop';
import type { Knex } from 'knex';
import { printers } from './kinds/printers.js';
import { spools } from './kinds/spools.js';
import { RevisionedStore } from './revisioned-store.js';
import { WorkshopStore } from './workshop.js';

/**
 * What is on the shelf, each filament by the spool that would be used, as the interface has it.
 * @param grades the workshop's own, which spools may be of
 * @param now ISO 8601
 */
export async function shelfNow(db: Knex, grades: readonly Grade[], now: string): Promise<ShelfMaterial[]> {
  const { settings } = await new WorkshopStore(db).get();
  const machines = await new RevisionedStore(db, printers).all();
  const rows = await new RevisionedStore(db, spools).all();
  const dryers = machines.flatMap(p => p.profile.dryerMaxC ?? []);
  return shelfMaterials(
    rows.map(r => r.spool),
    materialFinder(grades),
    { now, rhPct: settings.roomRhPct, dryerMaxC: dryers.length ? Math.max(...dryers) : null },
  );
}
