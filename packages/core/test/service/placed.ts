import { parseInspection, type InspectionVerdict } from '../../src/service/inspection.js';
import type { FailureMode } from '../../src/service/modes.js';
import type { Placed } from '../../src/service/placed.js';
import { parsePlacement } from '../../src/service/placement.js';
import { serviceStanding } from '../../src/service/standing.js';

let made = 0;

/** A part in service that was looked at once, some years after it was placed. */
export function placed(of: {
  material: string;
  years: number;
  sun?: 'none' | 'reflected' | 'part' | 'full';
  heat?: 'indoors' | 'outdoors' | 'closed-vehicle';
  verdict?: InspectionVerdict;
  mode?: FailureMode | null;
  partMaxC?: number;
  origin?: string;
  weight?: number;
  colour?: string;
  load?: string;
}): Placed {
  const id = `placed-${++made}`;
  const placement = parsePlacement({
    format: 'hornblende-service',
    version: 1,
    name: 'A part',
    since: '2010-01-01',
    materials: [{ material: of.material }],
    origin: of.origin ?? '',
    weight: of.weight ?? 1,
    colour: of.colour ?? 'mid',
    place: {
      where: 'the garden',
      sun: of.sun ?? 'none',
      heat: of.heat ?? 'outdoors',
      partMaxC: of.partMaxC ?? null,
      load: of.load ?? 'none',
    },
  });
  const at = new Date(Date.parse('2010-01-01') + of.years * 365.25 * 86_400_000).toISOString();
  const verdict = of.verdict ?? 'fine';
  const look = parseInspection({ id: `look-${id}`, placementId: id, at, verdict, mode: of.mode ?? null });
  return { id, placement, standing: serviceStanding(placement, [look], at) };
}
