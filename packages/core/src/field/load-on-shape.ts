import type { Brief } from '../brief/brief.js';
import type { BriefLoad } from '../brief/brief-load.js';
import { LoadField } from '../brief/load-field.js';
import { knockPerMm2 } from './knock.js';
import type { StressFieldResult } from './stress-field.js';
import { StressFieldInput } from './stress-input.js';

/** The modulus that a brief's loads are worked out at: deflections only divide by another, MPa. */
const UNIT_MPA = 1000;

/** A load of a brief as `stress.field` asks for it, and what it found as the brief keeps it. */
export const loadFieldOf = {
  /** @param cells most cells; null for the usual number */
  input(
    { geometry, print }: Brief,
    { held, acts }: BriefLoad,
    cells: number | null = null,
  ): StressFieldInput {
    const up = geometry.up ? ([...geometry.up] as [number, number, number]) : null;
    const { fillets } = geometry;
    return Object.assign(new StressFieldInput(), {
      ...{ modulusMPa: UNIT_MPA, print, held, acts, fillets, up, cells },
    });
  },
  /** @param of what it stands for, see `fieldKey` */
  result(
    of: string,
    { modulusMPa }: StressFieldInput,
    { along, between, acts, energyNmm }: StressFieldResult,
  ): LoadField {
    const moves = Math.max(...acts.map(a => Math.abs(a.deflectionMm)));
    return Object.assign(new LoadField(), {
      of,
      alongMPa: along.MPa,
      betweenMPa: between.MPa,
      deflectionTimesModulus: moves * modulusMPa,
      knockAlongPerMm2: knockPerMm2(along.MPa, modulusMPa, energyNmm),
      knockBetweenPerMm2: knockPerMm2(between.MPa, modulusMPa, energyNmm),
      alongAtMm: [...along.atMm],
      betweenAtMm: [...between.atMm],
    });
  },
};
