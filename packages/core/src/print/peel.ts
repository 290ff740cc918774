import type { Family, Plate } from '../materials/family.js';

/** Energy of peeling a strip straight up off a plate, J/m²: the pull over the width, N/mm × 1000 (Kendall 1975). */
export function peelEnergyJm2(forceN: number, widthMm: number): number {
  return (1000 * forceN) / widthMm;
}

/**
 * How a plate of one's own holds beside a new one of its kind, by a strip peeled off it.
 * @returns null where the family is not known to hold on such a plate bare
 * @example
 * // 3 N at 10 mm are 300 J/m²
 * holdByPeel(familyByKey('pla')!, 'smooth-pei', 3, 10);
 */
export function holdByPeel(f: Family, like: Plate, forceN: number, widthMm: number): number | null {
  const asNew = f.adhesion[like]?.bare;
  return asNew ? peelEnergyJm2(forceN, widthMm) / asNew : null;
}
