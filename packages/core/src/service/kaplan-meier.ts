import { Z_95 } from '../lib/physical-constants.js';
/** One part's time in service, for survival: until when, whether it failed then, and how. */
export interface Lifetime {
  years: number;
  failed: boolean;
  mode: string | null;
  /** How much it counts; default 1. */
  weight?: number;
}

/** A step of a survival curve. */
export interface SurvivalStep {
  years: number;
  /** Share that still stands after this time, and its 95 % interval by Greenwood. */
  survival: number;
  low: number;
  high: number;
  /** Parts that were at risk, and that failed, at this time, by what they count. */
  atRisk: number;
  failed: number;
}

/**
 * Share that survives by the product-limit estimator (Kaplan and Meier 1958); its variance
 * S²·Σ d/(n·(n − d)) (Greenwood 1926). A step for every time that was seen.
 */
export function kaplanMeier(lives: readonly Lifetime[]): SurvivalStep[] {
  let survival = 1;
  let greenwood = 0;
  return timesOf(lives).map(({ years, atRisk, failures }) => {
    const failed = weightOf(failures);
    survival *= 1 - failed / atRisk;
    greenwood += atRisk > failed ? failed / (atRisk * (atRisk - failed)) : 0;
    const half = survival > 0 ? Z_95 * survival * Math.sqrt(greenwood) : 0;
    return {
      years,
      survival,
      low: Math.max(0, survival - half),
      high: Math.min(1, survival + half),
      atRisk,
      failed,
    };
  });
}

/** Share that has failed in one way by a time. */
export interface IncidenceStep {
  years: number;
  incidence: number;
}

/**
 * Share that has failed in each way, the other ways competing (Aalen and Johansen 1978):
 * F_m(t) = Σ S(t⁻)·d_m/n. They and the survivors sum to one.
 */
export function incidenceByMode(lives: readonly Lifetime[]): Record<string, IncidenceStep[]> {
  const incidence: Record<string, IncidenceStep[]> = {};
  let survival = 1;
  for (const { years, atRisk, failures } of timesOf(lives)) {
    for (const mode of new Set(failures.map(f => f.mode ?? 'other'))) {
      const steps = (incidence[mode] ??= []);
      const share = (survival * weightOf(failures.filter(f => (f.mode ?? 'other') === mode))) / atRisk;
      steps.push({ years, incidence: (steps.at(-1)?.incidence ?? 0) + share });
    }
    survival *= 1 - weightOf(failures) / atRisk;
  }
  return incidence;
}

const weightOf = (lives: readonly Lifetime[]): number => lives.reduce((sum, l) => sum + (l.weight ?? 1), 0);

/** Every time that was seen, with how much was at risk then and those that failed. */
function timesOf(lives: readonly Lifetime[]): { years: number; atRisk: number; failures: Lifetime[] }[] {
  const sorted = lives.filter(l => l.weight !== 0).sort((a, b) => a.years - b.years);
  const times: { years: number; atRisk: number; failures: Lifetime[] }[] = [];
  let atRisk = weightOf(sorted);
  for (const life of sorted) {
    let last = times.at(-1);
    if (last?.years !== life.years) {
      last = { years: life.years, atRisk, failures: [] };
      times.push(last);
    }
    if (life.failed) last.failures.push(life);
    atRisk -= life.weight ?? 1;
  }
  return times;
}
