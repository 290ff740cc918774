import type { Family } from '../materials/family.js';
import { OwnFacts, withOwnFacts } from '../materials/own-facts.js';
import type { SpoolState } from '../materials/spool-state.js';
import { gramsLeft, spoolMoistureNow, type Spool } from './spool.js';

/** A filament on the shelf, as the spool that would be used has it. */
export interface ShelfMaterial {
  material: string;
  /** What is known of that spool. */
  facts: OwnFacts | null;
  /** What its ledger says of its water; null of a filament that is not in the library. */
  state: SpoolState | null;
}

/** What the water in a spool is worked out by: the moment, the room's air, the hottest dryer. */
export interface ShelfAir {
  /** ISO 8601. */
  now: string;
  rhPct: number;
  dryerMaxC: number | null;
}

/**
 * Of several spools of one filament the one that would be used: the driest of those with filament left, and of equally
 * dry ones the fullest.
 */
export function spoolToUse<T extends { leftG: number; waterPct: number }>(spools: readonly T[]): T | null {
  const full = spools.filter(s => s.leftG > 0);
  full.sort((a, b) => a.waterPct - b.waterPct || b.leftG - a.leftG);
  return full[0] ?? null;
}

/** Every filament on the shelf by the spool that would be used; spools put away or spoiled do not count. */
export function shelfMaterials(
  spools: readonly Spool[],
  find: (material: string) => Family | undefined,
  { now, rhPct, dryerMaxC }: ShelfAir,
): ShelfMaterial[] {
  const byMaterial = new Map<string, (ShelfMaterial & { leftG: number; waterPct: number })[]>();
  for (const spool of spools) {
    if (spool.archived) continue;
    const { material, facts } = spool;
    const family = find(material);
    const water = family ? spoolMoistureNow(spool, family, now, rhPct, dryerMaxC) : null;
    if (water?.state === 'unusable') continue;
    const row = {
      material,
      facts,
      state: water?.state ?? null,
      leftG: gramsLeft(spool),
      waterPct: water?.waterPct ?? 0,
    };
    byMaterial.set(material, [...(byMaterial.get(material) ?? []), row]);
  }
  const used = [...byMaterial.values()].flatMap(rows => {
    const spool = spoolToUse(rows);
    return spool ? [{ material: spool.material, facts: spool.facts, state: spool.state }] : [];
  });
  // In an order of its own, whatever the order of the spools.
  return used.sort((a, b) => (a.material < b.material ? -1 : 1));
}

/** Families and grades as the shelf has them: with what is known of the spool that would be used. */
export function withShelf(families: readonly Family[], shelf: readonly ShelfMaterial[]): Family[] {
  if (!shelf.length) return [...families];
  const known = new Map(shelf.map(s => [s.material, s]));
  return families.map(f => {
    const spool = known.get(f.key);
    return spool ? { ...withOwnFacts(f, spool.facts), spool: spool.state } : f;
  });
}
