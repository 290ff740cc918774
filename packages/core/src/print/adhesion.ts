import { adhesiveNames, plateNames } from '../materials/names.js';
import type { Adhesive, Family, Plate, PlateHold } from '../materials/family.js';
import type { Printer } from '../workshop/printer.js';

/** The best foothold a printer offers a family. */
export interface Adhesion {
  plate: Plate;
  /** What one's own plate is called, where it is one. */
  name?: string;
  adhesive: Adhesive | null;
  energyJm2: number;
  /** Whether it bonds so hard there that it tears the plate. */
  grips: boolean;
}

/** Shares of a family's best hold under which nothing stays down, and from which it holds well. */
export const HOLD_SHARES = { fail: 0.25, comfortable: 0.4 };

/** A foothold as it is said in sentences. */
export function footholdName({
  plate,
  name = plateNames[plate],
  adhesive,
}: Pick<Adhesion, 'plate' | 'name' | 'adhesive'>): string {
  return adhesive ? `${name} with ${adhesiveNames[adhesive]}` : name;
}

const known = new WeakMap<Family['adhesion'], readonly Adhesion[]>();

/** Every foothold that any plate offers a family; asked for at every keystroke, and so remembered. */
function footholds(f: Family): readonly Adhesion[] {
  const found = known.get(f.adhesion);
  if (found) return found;
  const all = (Object.entries(f.adhesion) as [Plate, PlateHold][]).flatMap(([plate, hold]): Adhesion[] => [
    { plate, adhesive: null, energyJm2: hold.bare, grips: hold.grips ?? false },
    ...(Object.entries(hold.adhesive ?? {}) as [Adhesive, number][]).map(([adhesive, energyJm2]) => ({
      plate,
      adhesive,
      energyJm2,
      grips: false,
    })),
  ]);
  known.set(f.adhesion, all);
  return all;
}

/** A foothold on each plate of a printer that is of its kind: bought ones, and one's own as they hold. */
function onPrinter(printer: Printer, foothold: Adhesion): Adhesion[] {
  const { plate, adhesive } = foothold;
  if (adhesive !== null && !printer.adhesives.includes(adhesive)) return [];
  const own = printer.ownPlates
    .filter(p => p.like === plate)
    .map(p => ({ ...foothold, name: p.name, energyJm2: p.hold * foothold.energyJm2 }));
  return printer.plates.includes(plate) ? [foothold, ...own] : own;
}

/** The plate and adhesive on which a family holds best without damaging the plate, else with. */
export function bestAdhesion(f: Family, printer: Printer | null): Adhesion | null {
  let best: Adhesion | null = null;
  for (const foothold of footholds(f))
    for (const o of printer === null ? [foothold] : onPrinter(printer, foothold))
      if (best === null || better(o, best)) best = o;
  return best;
}

function better(a: Adhesion, b: Adhesion): boolean {
  return a.grips === b.grips ? a.energyJm2 > b.energyJm2 : b.grips;
}

/** How well a family holds on bare PEI, as a share of its best hold anywhere. */
export function holdOnPei(f: Family): number {
  const bare = Math.max(f.adhesion['smooth-pei']?.bare ?? 0, f.adhesion['textured-pei']?.bare ?? 0);
  return bare / Math.max(1, ...footholds(f).map(o => o.energyJm2));
}
