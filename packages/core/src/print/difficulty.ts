import type { Family } from '../materials/family.js';
import { ADHESION_LIMITS } from './adhesion.js';

/**
 * What a family asks beyond an ordinary machine and a spool off the shelf: one entry a penalty, for the
 * step-up school.
 */
export function demands(f: Family): string[] {
  const list: string[] = [];
  if (f.windows.nozzleC.low > 250) list.push('a hot end for over 250 °C');
  if (f.windows.chamberC.low > 30) list.push('warm, still air');
  if (f.flags.fumes !== 'low') list.push('ventilation');
  if (f.flags.moisture !== 'low') list.push('a dry spool');
  if (f.flags.moisture === 'high') list.push('drying before each print');
  if (f.flags.abrasive) list.push('a hardened nozzle');
  if (f.flags.drive !== 'any') list.push('slow feeding');
  if (f.flags.drive === 'direct') list.push('a direct drive');
  const onPei = Math.max(f.adhesion['smooth-pei']?.bare ?? 0, f.adhesion['textured-pei']?.bare ?? 0);
  if (onPei < ADHESION_LIMITS.comfortable) list.push('a plate, tape or glue of its own');
  if (f.flags.stringing > 0.5) list.push('cleaning off strings');
  if (f.flags.foaming) list.push('tuning flow and temperature to the foam');
  if (f.flags.bake) list.push('an hour in an oven', 'allowing for its shrinkage there');
  return list;
}
