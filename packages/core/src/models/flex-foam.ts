import { ListOf, Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { monotoneCurve, type CurvePoint } from '../lib/monotone.js';
import { model, step } from './model.js';

/** A single-wall square that was printed at some temperature and flow, and measured. */
export class FoamReading {
  @Quantity({ min: 100, max: 400, unit: '°C', doc: 'Nozzle temperature.' }) temperatureC!: number;
  @Quantity({ min: 5, max: 200, unit: '%', doc: 'Flow it was printed with.' }) flowPct!: number;
  @Quantity({ min: 0.05, max: 10, unit: 'mm', doc: 'Thickness of its wall.' }) wallMm!: number;
  @Quantity({
    min: 0,
    max: 100,
    optional: true,
    nullable: true,
    doc: 'Shore A of a plate printed so; default null.',
  })
  hardness: number | null = null;
  @Quantity({
    min: 0.05,
    max: 3,
    unit: 'g/cm³',
    optional: true,
    nullable: true,
    doc: 'Its density; default null.',
  })
  densityGcm3: number | null = null;
}

/** Input of `flex.foam`. */
export class FlexFoamInput {
  @Quantity({ min: 0.1, max: 5, unit: 'mm', doc: 'Thickness that the wall should have.' })
  targetWallMm!: number;
  @ListOf(() => FoamReading, { max: 200, doc: 'Squares, in the order in which they were printed.' })
  readings!: FoamReading[];
  @Quantity({
    min: 1,
    max: 99,
    optional: true,
    nullable: true,
    doc: 'Shore A that is wanted: gives a temperature; default null.',
  })
  wantedHardness: number | null = null;
  @Quantity({
    min: 0.05,
    max: 3,
    unit: 'g/cm³',
    optional: true,
    nullable: true,
    doc: 'Density that is wanted: gives a temperature; default null.',
  })
  wantedDensityGcm3: number | null = null;
}

/** Result of `flex.foam`. */
export interface FlexFoamResult {
  /** Flow to print each square with next, %, in the order of the readings. */
  nextFlowPct: number[];
  /** Whether its wall is within 2 % of the target. */
  converged: boolean[];
  /** How much it foamed: the wall over what its flow would fill unfoamed. */
  foamingFactor: number[];
  /** Temperature at which it foams most; beyond it the foam collapses. */
  peakC: number | null;
  /** Whether squares past the peak have collapsed. */
  collapses: boolean;
  /** Temperature for what is wanted, on the side that still foams; null where the readings do not reach it. */
  temperatureC: number | null;
  /** Flow at that temperature, %. */
  flowPct: number | null;
  /** Whether each floats: lighter than water, for as long as its cells are closed. */
  floats: (boolean | null)[];
}

/** A wall within this share of its target is done. */
const WITHIN = 0.02;
/** Foam that fell by this share from its peak has collapsed. */
const COLLAPSED = 0.03;
/** Fresh water, g/cm³. */
const WATER_GCM3 = 0.998;

/** Single-wall squares judged: next flow = flow × target wall / measured wall, until within 2 %. */
export function flexFoam(i: FlexFoamInput): FlexFoamResult {
  const factor = (r: FoamReading): number => r.wallMm / (i.targetWallMm * (r.flowPct / 100));
  const foam = curveOf(i.readings, factor);
  const top = foam.reduce<CurvePoint | null>((best, p) => (best && best.y >= p.y ? best : p), null);
  const last = foam.at(-1);
  const temperatureC = chosen(i, top?.x ?? null);
  return {
    nextFlowPct: i.readings.map(r => (r.flowPct * i.targetWallMm) / r.wallMm),
    converged: i.readings.map(r => Math.abs(r.wallMm / i.targetWallMm - 1) <= WITHIN + 1e-12),
    foamingFactor: i.readings.map(factor),
    peakC: top?.x ?? null,
    collapses: !!top && !!last && last.x > top.x && last.y < (1 - COLLAPSED) * top.y,
    temperatureC,
    flowPct: temperatureC === null ? null : 100 / monotoneCurve(foam)(temperatureC),
    floats: i.readings.map(r => (r.densityGcm3 === null ? null : r.densityGcm3 < WATER_GCM3)),
  };
}

/** The last value at each temperature, by temperature. */
function curveOf(readings: readonly FoamReading[], of: (r: FoamReading) => number | null): CurvePoint[] {
  const last = new Map<number, number>();
  for (const r of readings) {
    const y = of(r);
    if (y !== null) last.set(r.temperatureC, y);
  }
  return [...last].map(([x, y]) => ({ x, y })).sort((a, b) => a.x - b.x);
}

/** The lowest temperature, up to the peak, at which what is wanted is reached. */
function chosen(i: FlexFoamInput, peakC: number | null): number | null {
  const [wanted, of] =
    i.wantedHardness !== null
      ? [i.wantedHardness, (r: FoamReading) => r.hardness]
      : [i.wantedDensityGcm3, (r: FoamReading) => r.densityGcm3];
  if (wanted === null || peakC === null) return null;
  const points = curveOf(i.readings, of).filter(p => p.x <= peakC);
  for (const [at, to] of points.slice(1).entries()) {
    const from = points[at]!;
    if ((from.y - wanted) * (to.y - wanted) > 0) continue;
    if (from.y === to.y) return from.x;
    return crossing(monotoneCurve(points), from.x, to.x, wanted);
  }
  return null;
}

/** Where a curve that does not turn between two places passes a value. */
function crossing(curve: (x: number) => number, from: number, to: number, y: number): number {
  const rises = curve(to) > curve(from);
  let a = from;
  let b = to;
  for (let n = 0; n < 60; n++) {
    const m = (a + b) / 2;
    if (curve(m) > y === rises) b = m;
    else a = m;
  }
  return (a + b) / 2;
}

/** `flex.foam`: the loop of squares, and the temperature for a hardness or a density. */
export const flexFoamModel = model({
  id: 'flex.foam',
  title: 'Foaming filament: flow, hardness and density by temperature',
  source:
    'next flow = flow × target wall / measured wall, until within 2 %; foaming factor = wall/(target × flow); ' +
    'monotone interpolation between temperatures (Fritsch and Butland 1984)',
  validity: 'One spool, one nozzle; foam peaks with temperature and then collapses.',
  Input: FlexFoamInput,
  compute(i: FlexFoamInput) {
    const r = flexFoam(i);
    const warnings: string[] = [];
    const isWanted = i.wantedHardness !== null || i.wantedDensityGcm3 !== null;
    if (r.collapses) warnings.push(`Over ${sig(r.peakC!)} °C the foam collapses: print no hotter.`);
    if (isWanted && r.temperatureC === null)
      warnings.push('No temperature that was tried reaches what is wanted, up to the peak.');
    return {
      result: r,
      warnings,
      steps: [
        ...i.readings.map((s, n) =>
          step(
            `flow_${n + 1}`,
            'flow × target/wall',
            `${sig(s.flowPct)} × ${sig(i.targetWallMm)}/${sig(s.wallMm)} at ${sig(s.temperatureC)} °C`,
            r.nextFlowPct[n]!,
            '%',
          ),
        ),
        ...(r.temperatureC === null
          ? []
          : [step('T', 'interpolated', 'for what is wanted', r.temperatureC, '°C')]),
      ],
    };
  },
});
