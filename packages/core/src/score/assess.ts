import { effectiveColour } from '../brief/looks.js';
import { typical, typicalOrNull, type Family } from '../materials/family.js';
import { charpyAtKJm2 } from '../models/impact-drop.js';
import { allowableTemperatureC, type HeatAllowableInput } from '../models/heat-allowable.js';
import { uvYearsToHalf } from '../models/uv-retained.js';
import type { ServiceLoad } from '../brief/service-load.js';
import type { Context } from './context.js';
import { type LoadAssessment, assessLoad } from './assess-load.js';

/** The numbers of one family under a brief's conditions, on which gates and criteria rest. */
export interface Assessment {
  family: Family;
  softeningC: number;
  allowableC: number;
  heatInput: HeatAllowableInput;
  loads: LoadAssessment[];
  yearsToHalf: number;
  halfDoseMJm2: number;
  charpyColdKJm2: number;
}

/** Softening: Vicat where known, else the glass transition. */
export function softeningOf(f: Family): number {
  return typicalOrNull(f, 'vicatC') ?? typical(f, 'tgC');
}

/** Half-dose as the outdoor school sees it: the laboratory's, or what is logged outdoors. */
export function halfDoseOf(f: Family, school: 'laboratory' | 'field'): number {
  return typical(f, 'uvHalfDoseMJm2') * (school === 'field' ? typical(f, 'fieldUvFactor') : 1);
}

/** Works out what a brief's conditions do to a family. */
export function assess(ctx: Context, f: Family): Assessment {
  const { brief, conditions: c } = ctx;
  const halfDoseMJm2 = halfDoseOf(f, brief.outdoorSchool);
  const softeningC = softeningOf(f);
  const heatOf = (l: ServiceLoad | null): HeatAllowableInput => ({
    softeningC,
    hdt045C: typicalOrNull(f, 'hdt045C') ?? softeningC,
    hdt18C: typicalOrNull(f, 'hdt18C') ?? softeningC,
    stressMPa: l?.stressMPa ?? 0.05,
    sustainedHours: l?.kind === 'sustained' ? l.hours : 0,
    creepAllowanceK: 10,
  });
  let heatInput = heatOf(null);
  let allowableC = allowableTemperatureC(heatInput);
  for (const l of ctx.loads) {
    if (l.stressMPa === null || l.kind === 'impact') continue;
    const input = heatOf(l);
    const t = allowableTemperatureC(input);
    if (t < allowableC) {
      heatInput = input;
      allowableC = t;
    }
  }
  const charpyColdKJm2 = charpyAtKJm2(
    typical(f, 'charpyMinus30KJm2'),
    typical(f, 'charpy23KJm2'),
    c.partMinC,
  );
  return {
    family: f,
    softeningC,
    allowableC,
    heatInput,
    halfDoseMJm2,
    charpyColdKJm2,
    loads: ctx.loads.map(l => assessLoad(ctx, f, l, charpyColdKJm2)),
    yearsToHalf: uvYearsToHalf(c.doseAYearMJm2, halfDoseMJm2, effectiveColour(brief)),
  };
}
