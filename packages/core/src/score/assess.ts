import { typical, typicalOrNull, type Family } from '../materials/family.js';
import { charpyAtKJm2 } from '../models/impact-drop.js';
import { UNLOADED_MPA, allowableTemperatureC, type HeatAllowableInput } from '../models/heat-allowable.js';
import { uvYearsToHalf } from '../models/uv-retained.js';
import type { ServiceLoad } from '../brief/service-load.js';
import { creepEquivalentC } from '../models/creep-strain.js';
import { heatAgeing, type HeatAgeingInput, type HeatAgeingResult } from '../models/heat-ageing.js';
import { HYDROLYSIS_PER_K, waterLife, type WaterLifeResult } from '../models/water-life.js';
import { pigmentOf, type Context } from './context.js';
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
  /** What long heat leaves at the end of the life. */
  ageing: HeatAgeingResult;
  /** What water leaves at the end of the life, and how warm the water is taken; null unless immersed. */
  water: Soaking | null;
}

/** What standing in water does: how warm it is taken, and what is left. */
export interface Soaking {
  waterC: number;
  result: WaterLifeResult;
}

/** Softening: Vicat where known, else the glass transition. */
export function softeningOf(f: Family): number {
  return typicalOrNull(f, 'vicatC') ?? typical(f, 'tgC');
}

/** Half-dose as the outdoor school sees it: the laboratory's, or what is logged outdoors. */
export function halfDoseOf(f: Family, school: 'laboratory' | 'field'): number {
  return typical(f, 'uvHalfDoseMJm2') * (school === 'field' ? typical(f, 'fieldUvFactor') : 1);
}

/** What ages a family with this index: the hours at its hottest, or every hour where a year is known. */
export function ageingInput(ctx: Context, indexC: number): HeatAgeingInput {
  const { lifeYears: years } = ctx.brief;
  return ctx.year
    ? { indexC, partC: ctx.year.ageingC, hoursADay: 24, years }
    : { indexC, partC: ctx.conditions.partMaxC, hoursADay: ctx.conditions.hoursADay, years };
}

/** What standing in water leaves of a family with this half-life; null where the part is not immersed. */
function waterOf(ctx: Context, halfLife23Y: number | null): Assessment['water'] {
  if (ctx.brief.water !== 'immersed') return null;
  const waterC = waterTemperatureC(ctx);
  return { waterC, result: waterLife({ halfLife23Y, waterC, years: ctx.brief.lifeYears }) };
}

/** The constant temperature of water that hydrolyses as much as the part's swing does, °C. */
export function waterTemperatureC({ conditions: c }: Context): number {
  return creepEquivalentC(c.partMinC, c.partMaxC, HYDROLYSIS_PER_K);
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
    stressMPa: l?.stressMPa ?? UNLOADED_MPA,
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
  const warmKJm2 = typical(f, 'charpy23KJm2');
  const toughness = { coldKJm2: charpyColdKJm2, warmKJm2 };
  return {
    family: f,
    softeningC,
    allowableC,
    heatInput,
    halfDoseMJm2,
    charpyColdKJm2,
    loads: ctx.loads.map(l => assessLoad(ctx, f, l, toughness)),
    ageing: heatAgeing(ageingInput(ctx, typical(f, 'ageingIndexC'))),
    water: waterOf(ctx, typicalOrNull(f, 'waterHalfLifeY')),
    yearsToHalf: uvYearsToHalf(c.doseAYearMJm2, halfDoseMJm2, pigmentOf(ctx, f)),
  };
}
