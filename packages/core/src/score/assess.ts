import { typical, typicalOrNull, type Family } from '../materials/family.js';
import { charpyAtKJm2 } from '../models/impact-drop.js';
import {
  UNLOADED_MPA,
  allowableTemperatureC,
  heatAllowableInput,
  type HeatAllowableInput,
} from '../models/heat-allowable.js';
import { uvYearsToHalf } from '../models/uv-retained.js';
import type { ServiceLoad } from '../brief/service-load.js';
import { creepEquivalentC } from '../models/creep-strain.js';
import { heatAgeing, type HeatAgeingInput, type HeatAgeingResult } from '../models/heat-ageing.js';
import {
  HYDROLYSIS_PER_K,
  HYDROLYSIS_TO_C,
  waterLife,
  type WaterLifeInput,
  type WaterLifeResult,
} from '../models/water-life.js';
import { steamLife, type WaterSteamInput, type WaterSteamResult } from '../models/water-steam.js';
import type { Water } from '../brief/choices.js';
import { pigmentOf, type Context } from './context.js';
import { type LoadAssessment, assessLoad } from './assess-load.js';

/** The numbers of one family under a brief's conditions, on which gates and criteria rest. */
export interface Assessment {
  family: Family;
  /** Where a part of it that carries nothing keeps its shape. */
  unloadedC: number;
  allowableC: number;
  heatInput: HeatAllowableInput;
  loads: LoadAssessment[];
  yearsToHalf: number;
  halfDoseMJm2: number;
  charpyColdKJm2: number;
  /** What long heat leaves at the end of the life. */
  ageing: HeatAgeingResult;
  /** What water leaves at the end of the life, and how warm it is taken; null where the part stays dry. */
  water: Soaking | null;
  /** What the steam that is asked leaves of it; null where it is not steamed, or loses its shape in it. */
  steam: { input: WaterSteamInput; result: WaterSteamResult } | null;
}

/** What being wet does, and what is left. */
export interface Soaking {
  input: WaterLifeInput;
  result: WaterLifeResult;
  /** Whether the half-life stands for water so hot: where it does not, the figure is shown and decides nothing. */
  known: boolean;
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

/** What being wet leaves of a family with this half-life; null where the part stays dry. */
function waterOf(ctx: Context, halfLife23Y: number | null): Assessment['water'] {
  const wet = wetnessOf(ctx);
  if (!wet) return null;
  const input = { ...wet, halfLife23Y, years: ctx.brief.lifeYears };
  return { input, result: waterLife(input), known: halfLife23Y === null || !isBeyondTests(ctx) };
}

/** What cycles of steam leave of a family; null where none are asked, or it loses its shape in them. */
function steamOf({ brief }: Context, f: Family): Assessment['steam'] {
  const { steamCycles: cycles, steamC } = brief.heat;
  const cycles134 = typicalOrNull(f, 'steamCycles134');
  if (cycles === 0 || cycles134 === null || typical(f, 'unloadedC') < steamC) return null;
  const input = { cycles134, steamC, cycles };
  return { input, result: steamLife(input) };
}

/** Share of its hours in which a part is wet. */
const WET_SHARE: Record<Water, number> = { dry: 0, humid: 0.3, rain: 0.2, immersed: 1 };

/**
 * How warm the water is, as the constant temperature that hydrolyses as much as its swing does, how long a day, and
 * how much of that the part is wet. Rain is as warm as the air. Null where it stays dry.
 */
export function wetnessOf({
  brief,
  conditions: c,
}: Context): Pick<WaterLifeInput, 'waterC' | 'hoursADay' | 'wetShare'> | null {
  if (brief.water === 'dry') return null;
  const steady = brief.heat.setting === 'custom' || brief.heat.setting === 'near-source';
  const [from, to] = brief.water === 'rain' ? [c.ambientMinC, c.ambientMaxC] : [c.partMinC, c.partMaxC];
  const waterC = Math.max(WATER_FREEZES_C, creepEquivalentC(from, to, HYDROLYSIS_PER_K));
  return {
    // What stands in water hotter than any test keeps no more than in the hottest that was tested.
    waterC: Math.min(HYDROLYSIS_TO_C, waterC),
    hoursADay: steady ? c.hoursADay : 24,
    wetShare: WET_SHARE[brief.water],
  };
}

/** Colder than this there is no water to speak of, °C. */
const WATER_FREEZES_C = 0;

/** Whether the part stands in water hotter than half-lives are known for. */
export function isBeyondTests({ conditions: c }: Pick<Context, 'conditions'>): boolean {
  return c.partMaxC > HYDROLYSIS_TO_C;
}

/** Works out what a brief's conditions do to a family. */
export function assess(ctx: Context, f: Family): Assessment {
  const { brief, conditions: c } = ctx;
  const halfDoseMJm2 = halfDoseOf(f, brief.outdoorSchool);
  const heatOf = (l: ServiceLoad | null): HeatAllowableInput =>
    heatAllowableInput(f, {
      stressMPa: l?.stressMPa ?? UNLOADED_MPA,
      sustainedHours: l?.kind === 'sustained' ? l.hours : 0,
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
    unloadedC: heatInput.unloadedC,
    allowableC,
    heatInput,
    halfDoseMJm2,
    charpyColdKJm2,
    loads: ctx.loads.map(l => assessLoad(ctx, f, l)),
    ageing: heatAgeing(ageingInput(ctx, typical(f, 'ageingIndexC'))),
    water: waterOf(ctx, typicalOrNull(f, 'waterHalfLifeY')),
    steam: steamOf(ctx, f),
    yearsToHalf: uvYearsToHalf(c.doseAYearMJm2, halfDoseMJm2, pigmentOf(ctx, f)),
  };
}
