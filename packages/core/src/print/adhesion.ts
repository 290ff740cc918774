import { adhesiveNames, plateNames } from '../materials/names.js';
import type { Adhesive, Family, Plate } from '../materials/family.js';
import type { Printer } from '../workshop/printer.js';

/** The best foothold a printer offers a family. */
export interface Adhesion {
  plate: Plate;
  adhesive: Adhesive | null;
  energyJm2: number;
}

/** Adhesion below which nothing stays down, and above which the plate suffers, J/m². */
export const ADHESION_LIMITS = { low: 60, comfortable: 110, high: 450 };

/** A foothold as it is said in sentences. */
export function footholdName({ plate, adhesive }: Pick<Adhesion, 'plate' | 'adhesive'>): string {
  return adhesive ? `${plateNames[plate]} with ${adhesiveNames[adhesive]}` : plateNames[plate];
}

/** The plate and adhesive on which a family holds best without damaging the plate. */
export function bestAdhesion(f: Family, printer: Printer | null): Adhesion | null {
  const options: Adhesion[] = [];
  for (const plate of printer?.plates ?? (Object.keys(f.adhesion) as Plate[])) {
    const entry = f.adhesion[plate];
    if (!entry) continue;
    options.push({ plate, adhesive: null, energyJm2: entry.bare });
    for (const [adhesive, energyJm2] of Object.entries(entry.adhesive ?? {}) as [Adhesive, number][]) {
      if (!printer || printer.adhesives.includes(adhesive)) options.push({ plate, adhesive, energyJm2 });
    }
  }
  const safe = options.filter(o => o.energyJm2 <= ADHESION_LIMITS.high);
  const pick = (list: Adhesion[], better: (a: Adhesion, b: Adhesion) => boolean): Adhesion | null =>
    list.reduce<Adhesion | null>((m, o) => (m === null || better(o, m) ? o : m), null);
  return (
    pick(safe, (a, b) => a.energyJm2 > b.energyJm2) ?? pick(options, (a, b) => a.energyJm2 < b.energyJm2)
  );
}
