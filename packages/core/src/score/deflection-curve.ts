import { retentionAt } from '../materials/retention.js';
import { typical, type Family } from '../materials/family.js';
import { creepFactor } from '../models/creep-strain.js';
import type { ServiceLoad } from '../brief/service-load.js';
import { RETENTION_FLOOR } from './assess-load.js';

/**
 * The deflection of a held load over its life, on a logarithmic time axis from six minutes.
 * @param creepC the temperature it creeps at, from its {@link LoadAssessment}
 * @returns hours and mm, earliest first; empty for loads that are not held or have no span
 */
export function deflectionCurve(
  f: Family,
  load: ServiceLoad,
  creepC: number | null,
): { hours: number; mm: number }[] {
  if (creepC === null || load.kind !== 'sustained' || !load.deflectionTimesModulus) return [];
  const elastic =
    load.deflectionTimesModulus /
    (typical(f, 'modulusMPa') *
      load.printed.stiffness *
      Math.max(RETENTION_FLOOR, retentionAt(f.retention, creepC)));
  const end = Math.max(10, load.hours);
  return Array.from({ length: 31 }, (_, i) => {
    const hours = 0.1 * (end / 0.1) ** (i / 30);
    return {
      hours,
      mm:
        elastic *
        creepFactor(typical(f, 'creepA'), typical(f, 'creepN'), typical(f, 'creepKPerK'), creepC, hours),
    };
  });
}
