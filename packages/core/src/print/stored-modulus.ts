import { retentionAt } from '../materials/retention.js';
import { typical, type Family } from '../materials/family.js';

/**
 * The modulus that stands for the energy a layer stores while it cools from solidification to the chamber, MPa.
 * Its stress builds up at the falling temperature's own stiffness, σ = ē·E·mean(r), and is held at the
 * stiffness of the end, so that
 * ½·σ²/E(T_ch) = ½·(E·mean(r)²/r(T_ch))·ē². Nylon, soft far above its glass transition, stores far less
 * than E at 23 °C would say.
 */
export function storedModulusMPa(f: Family, chamberC: number, from = typical(f, 'solidificationC')): number {
  const n = 16;
  let sum = 0;
  for (let j = 0; j < n; j++) sum += retentionAt(f.retention, chamberC + ((from - chamberC) * (j + 0.5)) / n);
  const mean = sum / n;
  return (typical(f, 'modulusMPa') * mean * mean) / Math.max(0.05, retentionAt(f.retention, chamberC));
}
