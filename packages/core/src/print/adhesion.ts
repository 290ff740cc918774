import { adhesiveNames, plateNames } from '../materials/names.js';
import type { Adhesive, Family, Plate } from '../materials/family.js';
import type { Printer } from '../workshop/printer.js';

/** The best foothold a printer offers a family. */
export interface Adhesion {
  plate: Plate;
  adhesive: Adhesive | null;
  energyJm2: number;
  /** Whether it bonds so hard there that it tears the plate. */
  grips: boolean;
}

/** Shares of a family's best hold under which nothing stays down, and from which it holds well. */
export const HOLD_SHARES = { fail: 0.25, comfortable: 0.4 };

/** A foothold as it is said in sentences. */
export function footholdName({ plate, adhesive }: Pick<Adhesion, 'plate' | 'adhesive'>): string {
  return adhesive ? `${plateNames[plate]} with ${adhesiveNames[adhesive]}` : plateNames[plate];
}

/** Every foothold that a printer (or, without one, the world) offers a family. */
function footholds(f: Family, printer: Printer | null): Adhesion[] {
  const at = printer?.plates ?? (Object.keys(f.adhesion) as Plate[]);
  return at.flatMap((plate): Adhesion[] => {
    const hold = f.adhesion[plate];
    if (!hold) return [];
    const dressed = (Object.entries(hold.adhesive ?? {}) as [Adhesive, number][])
      .filter(([adhesive]) => !printer || printer.adhesives.includes(adhesive))
      .map(([adhesive, energyJm2]) => ({ plate, adhesive, energyJm2, grips: false }));
    return [{ plate, adhesive: null, energyJm2: hold.bare, grips: hold.grips ?? false }, ...dressed];
  });
}

/** The plate and adhesive on which a family holds best without damaging the plate, else with. */
export function bestAdhesion(f: Family, printer: Printer | null): Adhesion | null {
  return footholds(f, printer).reduce<Adhesion | null>(
    (best, o) => (best === null || better(o, best) ? o : best),
    null,
  );
}

function better(a: Adhesion, b: Adhesion): boolean {
  return a.grips === b.grips ? a.energyJm2 > b.energyJm2 : b.grips;
}

/** How well a family holds on bare PEI, as a share of its best hold anywhere. */
export function holdOnPei(f: Family): number {
  const bare = Math.max(f.adhesion['smooth-pei']?.bare ?? 0, f.adhesion['textured-pei']?.bare ?? 0);
  return bare / Math.max(1, ...footholds(f, null).map(o => o.energyJm2));
}
