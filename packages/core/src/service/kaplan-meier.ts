import { Z_95 } from '../lib/physical-constants.js';
/** One part's time in service, for survival: until when, whether it failed then, and how. */
export interface Lifetime {
  years: number;
  failed: boolean;
  mode: string | null;
}

/** A step of a survival curve. */
export interface SurvivalStep {
  years: number;
  /** Share that still stands after this time, and its 95 % interval by Greenwood. */
  survival: number;
  low: number;
  high: number;
  /** Parts that were at risk, and that failed, at this time. */
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
    const failed = failures.length;
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
    for (const mode of new Set(failures)) {
      const steps = (incidence[mode] ??= []);
      const share = (survival * failures.filter(m => m === mode).length) / atRisk;
      steps.push({ years, incidence: (steps.at(-1)?.incidence ?? 0) + share });
    }
    survival *= 1 - failures.length / atRisk;
  }
  return incidence;
}

/** Every time that was seen, with who was at risk then and how those that failed did. */
function timesOf(lives: readonly Lifetime[]): { years: number; atRisk: number; failures: string[] }[] {
  const sorted = [...lives].sort((a, b) => a.years - b.years);
  const times: { years: number; atRisk: number; failures: string[] }[] = [];
  for (const [n, life] of sorted.entries()) {
    let last = times.at(-1);
    if (last?.years !== life.years) {
      last = { years: life.years, atRisk: sorted.length - n, failures: [] };
      times.push(last);
    }
    if (life.failed) last.failures.push(life.mode ?? 'other');
  }
  return times;
}
