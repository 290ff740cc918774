import type { Brief, CriterionId } from '../brief/brief.js';
import type { WorkingRef } from '../brief/conditions.js';
import { typical } from '../materials/family.js';
import { desirability } from '../models/score-desirability.js';
import type { PrintEconomicsInput, PrintEconomicsResult } from '../models/print-economics.js';
import type { Assessment } from './assess.js';
import type { Context } from './context.js';
import { FLOPPY_MPA, RIGID_MPA, worstCreep, worstReserve } from './gates-service.js';
import type { Printability } from './printability.js';

/** The two points of a desirability curve: 0 at the unacceptable, 0.8 at the comfortable. */
export interface DesirabilityPoints {
  unacceptable: number;
  comfortable: number;
}

/** One criterion of one candidate. */
export interface Criterion extends DesirabilityPoints {
  id: CriterionId;
  weight: number;
  value: number;
  unit: string;
  desirability: number;
  working?: WorkingRef;
}

/** What a criterion is called and whether more of it is better. */
export const criterionLabels: Record<CriterionId, { label: string; measure: string }> = {
  heat: { label: 'Heat', measure: 'margin to softening' },
  uv: { label: 'Sun', measure: 'life under ultraviolet light over the life wanted' },
  strength: { label: 'Strength', measure: 'allowable stress over stress with safety' },
  stiffness: { label: 'Stiffness', measure: 'deflection at once' },
  creep: { label: 'Creep', measure: 'deflection after the whole life' },
  impact: { label: 'Toughness', measure: 'notched impact when cold' },
  flex: { label: 'Flexibility', measure: 'fit to the wanted flexibility' },
  warp: { label: 'Warp', measure: 'bow of the part' },
  printability: { label: 'Printing', measure: 'chance that the first print succeeds' },
  accuracy: { label: 'Accuracy', measure: 'expected deviation' },
  finish: { label: 'Finish', measure: 'fairness of the surface' },
  mass: { label: 'Mass', measure: 'mass of one part' },
  moisture: { label: 'Moisture', measure: 'water taken up' },
  cost: { label: 'Cost', measure: 'cost of one part' },
};

/** Weights that follow from the brief, before the user's own. Criteria that the brief does not call for weigh nothing. */
export function impliedWeights(ctx: Context): Record<CriterionId, number> {
  const { brief, conditions: c, loads } = ctx;
  const functional = brief.purpose === 'functional';
  const stressed = loads.some(l => l.stressMPa !== null || l.strainPct !== null);
  const span = loads.some(l => l.deflectionTimesModulus !== null);
  const sustained = loads.some(l => l.kind === 'sustained' && l.hours > 1000);
  const knocks = loads.some(l => l.severityKJm2 !== null);
  const length = Math.max(brief.geometry.xMm, brief.geometry.yMm);
  const serious = brief.ifItFails === 'damages' || brief.ifItFails === 'injures' ? 1 : 0;
  return {
    // Once it passes the gate, a part that carries nothing gains little from more margin.
    heat:
      c.partMaxC >= 45
        ? brief.purpose === 'decorative'
          ? 2
          : loads.length
            ? 4
            : 3
        : c.partMaxC >= 35
          ? 2
          : 1,
    uv: brief.sun === 'none' ? 0 : brief.sun === 'reflected' ? 1 : 3,
    strength: stressed ? 3 + serious : 0,
    stiffness: span && brief.flex.want === 'rigid' ? 2 : 0,
    creep: sustained && brief.flex.want !== 'rubbery' ? 3 : 0,
    impact: knocks ? 4 : 0,
    // Where a span bends under load, stiffness says how rigid it is; it is not counted twice.
    flex: brief.flex.want !== 'rigid' ? 4 : functional && !span ? 1 : 0,
    warp: length >= 120 ? 3 : length >= 60 ? 2 : 1,
    printability: functional ? 2 : 3,
    accuracy: brief.toleranceMm <= 0.15 ? 4 : brief.toleranceMm <= 0.3 ? 1 : 0,
    finish:
      brief.looks.finish === 'fine'
        ? 4
        : brief.looks.finish === 'fair'
          ? 2
          : brief.purpose === 'decorative'
            ? 3
            : 0,
    mass: brief.mustFloat ? 5 : brief.maxMassG === null ? 0 : 2,
    moisture: brief.water === 'immersed' ? 3 : brief.water === 'dry' ? 0 : 2,
    cost:
      brief.maxCostEach !== null || brief.quantity >= 10
        ? 3
        : brief.purpose === 'prototype'
          ? 3
          : functional
            ? 1
            : 2,
  };
}

/** The weights in force: the user's where set, else those implied. */
export function weightsOf(ctx: Context): Record<CriterionId, number> {
  return { ...impliedWeights(ctx), ...ctx.brief.weights };
}

/** Typical deviation of a well-kept FDM printer before warp and shrinkage, mm. */
const PROCESS_DEVIATION_MM = 0.12;
/** Share of the free contraction that escapes a one-figure shrinkage correction. */
const UNCORRECTED = 0.15;

/** Share of its saturated water by which a part's content swings in service, and the part of the uptake that shows as length. */
const WATER_SWING: Record<Brief['water'], number> = { dry: 0.15, humid: 0.4, rain: 0.5, immersed: 1 };
const SWELLING = 0.25;

/** Expected deviation of a dimension, mm: process, uncorrected shrinkage, swelling with damp, and bow as independent errors. */
export function expectedDeviationMm(i: DeviationInput): number {
  const swell = (i.waterUptakePct / 100) * SWELLING * WATER_SWING[i.water] * i.lengthMm;
  const shrink =
    (i.alphaPerK * Math.max(0, i.solidificationC - 23) + i.crystallisationStrain) * i.lengthMm * UNCORRECTED;
  const bow = i.bowMm / 2;
  return Math.sqrt(PROCESS_DEVIATION_MM * PROCESS_DEVIATION_MM + shrink * shrink + swell * swell + bow * bow);
}

/** What a part's deviation rests on. */
export interface DeviationInput {
  waterUptakePct: number;
  alphaPerK: number;
  solidificationC: number;
  crystallisationStrain: number;
  bowMm: number;
  lengthMm: number;
  water: Brief['water'];
}

/** Every criterion of one candidate, weighed or not. */
export function criteriaOf(
  ctx: Context,
  a: Assessment,
  p: Printability,
  e: PrintEconomicsResult,
  economicsInput: PrintEconomicsInput,
  weights: Record<CriterionId, number>,
): Criterion[] {
  const { brief, conditions: c } = ctx;
  const f = a.family;
  const length = Math.max(brief.geometry.xMm, brief.geometry.yMm);
  const make = (
    id: CriterionId,
    value: number,
    unit: string,
    impliedX0: number,
    impliedX8: number,
    working?: WorkingRef,
  ): Criterion => {
    const [unacceptable, comfortable] = brief.points[id] ?? [impliedX0, impliedX8];
    return {
      id,
      weight: weights[id],
      value,
      unit,
      unacceptable,
      comfortable,
      desirability: desirability(value, unacceptable, comfortable),
      ...(working ? { working } : {}),
    };
  };
  const reserve = worstReserve(a)?.reserve ?? Infinity;
  const deflection = Math.max(
    0,
    ...a.loads.map(l => (l.load.deflectionTimesModulus === null ? 0 : (l.nowPct ?? 0))),
  );
  const creep = worstCreep(a)?.lifePct ?? 0;
  const knock = Math.min(Infinity, ...a.loads.map(l => l.impactReserve ?? Infinity));
  const cost = brief.maxCostEach ?? referenceCost(economicsInput) * 3;
  return [
    make('heat', a.allowableC - c.partMaxC, 'K', 0, 20, { model: 'heat.allowable', inputs: a.heatInput }),
    make(
      'uv',
      a.yearsToHalf / brief.lifeYears,
      '× life',
      0.25,
      1.5,
      c.doseAYearMJm2 > 0
        ? {
            model: 'uv.retained',
            inputs: {
              doseMJm2: c.uvDoseMJm2,
              halfDoseMJm2: a.halfDoseMJm2,
              colour: brief.looks.clear ? 'clear' : brief.looks.colour,
              doseAYearMJm2: c.doseAYearMJm2,
            },
          }
        : undefined,
    ),
    make('strength', reserve, '× need', 0.8, 2),
    make('stiffness', deflection, '% of span', 5, 1),
    make('creep', creep, worstCreep(a)?.load.spanMm ? '% of span' : '% strain', 5, 1.2),
    knock < Infinity
      ? make('impact', knock, '× need', 0.7, 2)
      : make('impact', a.charpyColdKJm2, 'kJ/m²', 0.5, 8),
    flexCriterion(ctx, a, make),
    make('warp', p.bow.bowMm, 'mm', Math.max(1, 0.012 * length), Math.max(0.2, 0.0025 * length), {
      model: 'warp.bow',
      inputs: p.bowInput,
    }),
    make('printability', p.success, 'first-print chance', 0.45, 0.9),
    make(
      'accuracy',
      expectedDeviationMm({
        waterUptakePct: typical(f, 'waterUptakePct'),
        alphaPerK: typical(f, 'alphaPerK'),
        solidificationC: typical(f, 'solidificationC'),
        crystallisationStrain: p.bowInput.crystallisationStrain,
        bowMm: p.bow.bowMm,
        lengthMm: length,
        water: brief.water,
      }),
      'mm',
      Math.max(0.3, 3 * brief.toleranceMm),
      Math.max(0.12, brief.toleranceMm),
    ),
    make('finish', f.flags.finish, 'of 1', 0.3, 0.82),
    // What must float is judged by the plastic's own density: the less it leans on sealed hollows the better.
    brief.mustFloat && brief.maxMassG === null
      ? make('mass', typical(f, 'densityGcm3'), 'g/cm³', 1.15, 0.9)
      : make(
          'mass',
          e.massG,
          'g',
          brief.maxMassG ?? 2 * ctx.volumeCm3 * brief.geometry.solidFraction,
          0.6 * (brief.maxMassG ?? 2 * ctx.volumeCm3 * brief.geometry.solidFraction),
          { model: 'print.economics', inputs: economicsInput },
        ),
    make('moisture', typical(f, 'waterUptakePct'), '%', 6, 0.5),
    make('cost', e.costEach, 'each', cost, cost * 0.4, { model: 'print.economics', inputs: economicsInput }),
  ];
}

/** Cost of the part in an ordinary filament at 24 a kilogram, the yardstick when no limit is given. */
function referenceCost(i: PrintEconomicsInput): number {
  const massG = i.volumeCm3 * i.solidFraction * 1.24;
  return (massG / 1000) * 24 + i.labour + (i.machinePerHour * massG) / 20;
}

function flexCriterion(
  ctx: Context,
  a: Assessment,
  make: (id: CriterionId, value: number, unit: string, x0: number, x8: number) => Criterion,
): Criterion {
  const f = a.family;
  switch (ctx.brief.flex.want) {
    case 'rigid':
      return make('flex', typical(f, 'modulusMPa'), 'MPa', RIGID_MPA.fail / 2, 1500);
    case 'springy':
      return typical(f, 'modulusMPa') < FLOPPY_MPA
        ? make('flex', 0, '% strain', 0.5, 2.5)
        : make('flex', typical(f, 'strainRepeatedPct'), '% strain', 0.5, 2.5);
    // A part that hinges must still be a part: what folds for ever because all of it is floppy is half an answer.
    case 'hinge':
      return make(
        'flex',
        typical(f, 'modulusMPa') < FLOPPY_MPA ? 2 : { no: 0, short: 3.5, lasting: 6 }[f.flags.hinge],
        'log₁₀ folds',
        1,
        5,
      );
    case 'rubbery': {
      const [low, high] = ctx.brief.flex.shoreA ?? [75, 98];
      const have = f.properties.shoreA?.typical;
      return make(
        'flex',
        have === undefined ? 100 : Math.abs(have - (low + high) / 2),
        'A from the middle',
        Math.max(8, high - low),
        Math.max(3, (high - low) / 4),
      );
    }
  }
}
