import { normalCdf } from '../lib/normal.js';
import { reliability, type Calibration } from '../lib/reliability.js';
import type { GateId } from '../score/gate.js';
import type { JudgedPart } from './happened.js';
import { calibratedModels, type CalibratedModel, type ModelClaim } from './model-claim.js';

/** A claim, and whether the part gave way as that model foresees. */
export interface ModelOutcome extends Omit<ModelClaim, 'model'> {
  failed: boolean;
  /** How much it counts; default 1. */
  weight?: number;
}

/** How far a model is off, by the parts that it spoke of. */
export interface ModelBias {
  model: CalibratedModel;
  parts: number;
  failures: number;
  /** What its margins are to be moved by: below 0 it promises too much. Kelvins for heat, else in ln. */
  shift: number;
  low: number;
  high: number;
  /** What `shift` means as a factor on what it has over what it needs; null for heat, which is in kelvins. */
  factor: number | null;
  /** What it promises, as far as the parts tell. */
  promises: 'too much' | 'too little' | 'what came';
}

/** Before a part has spoken: how far a model may be off, as a standard deviation; estimates. */
const PRIOR = { kelvin: 12, ln: 0.7 };
/** Steps of the grid on which what is believed is worked out, and how many prior deviations it reaches. */
const GRID = { steps: 801, reach: 4 };

/**
 * How far a model is off: with a shift δ of its margins a part fails with probability Φ(−(margin + δ)/σ); what is
 * believed of δ after all parts is worked out on a grid, with a normal prior about nought, so that few parts move it
 * little.
 * @param outcomes margin and spread of every part on the model’s own scale, and whether it gave way so
 * @param priorSd how far the model may be off before a part has spoken, on the same scale
 * @returns mean of the shift and the ends that hold it in 95 of 100
 */
export function shiftOf(
  outcomes: readonly ModelOutcome[],
  priorSd: number,
): { shift: number; low: number; high: number } {
  const grid = Array.from(
    { length: GRID.steps },
    (_, i) => GRID.reach * priorSd * ((2 * i) / (GRID.steps - 1) - 1),
  );
  const counted = condensed(outcomes);
  const logs = grid.map(delta =>
    counted.reduce(
      (sum, { margin, sigma, failed, weight = 1 }) => {
        const holds = normalCdf((margin + delta) / sigma);
        return sum + weight * Math.log(Math.max(1e-9, failed ? 1 - holds : holds));
      },
      -(delta ** 2) / (2 * priorSd ** 2),
    ),
  );
  const most = Math.max(...logs);
  const density = logs.map(l => Math.exp(l - most));
  const whole = density.reduce((s, d) => s + d, 0);
  const at = (share: number): number => {
    let sum = 0;
    const i = density.findIndex(d => (sum += d) >= share * whole);
    return grid[Math.max(0, i)]!;
  };
  return {
    shift: grid.reduce((s, delta, i) => s + (delta * density[i]!) / whole, 0),
    low: at(0.025),
    high: at(0.975),
  };
}

/** Outcomes up to which each is taken as it is, and the steps in which more are counted together, of their spread. */
const MOST_ONE_BY_ONE = 1000;
const ALIKE = { margin: 0.01, sigma: 0.02 };

/**
 * Thousands of outcomes counted together where they are alike: margins to a hundredth of their spread, which moves no
 * shift by as much as that, for what is rounded up and down evens out.
 */
function condensed(outcomes: readonly ModelOutcome[]): readonly ModelOutcome[] {
  if (outcomes.length <= MOST_ONE_BY_ONE) return outcomes;
  const groups = new Map<string, ModelOutcome & { weight: number }>();
  for (const { margin, sigma, failed, weight = 1 } of outcomes) {
    const spread = Math.round(Math.log(sigma) / ALIKE.sigma);
    const step = ALIKE.margin * Math.exp(spread * ALIKE.sigma);
    const key = `${Math.round(margin / step)} ${spread} ${failed}`;
    const group = groups.get(key);
    if (group) group.weight += weight;
    else groups.set(key, { margin, sigma, failed, weight });
  }
  return [...groups.values()];
}

/** How far each model is off, those that are shown to be off first. */
export function modelBiases(
  outcomes: Readonly<Partial<Record<CalibratedModel, readonly ModelOutcome[]>>>,
): ModelBias[] {
  const found = calibratedModels.flatMap((model): ModelBias[] => {
    const own = outcomes[model] ?? [];
    if (!own.length) return [];
    const belief = shiftOf(own, model === 'heat' ? PRIOR.kelvin : PRIOR.ln);
    const promises = belief.high < 0 ? 'too much' : belief.low > 0 ? 'too little' : 'what came';
    return [
      {
        ...{ model, parts: own.length, failures: own.filter(o => o.failed).length, ...belief, promises },
        factor: model === 'heat' ? null : Math.exp(belief.shift),
      },
    ];
  });
  const isOff = (b: ModelBias): number => Number(b.promises !== 'what came');
  return found.sort((a, b) => isOff(b) - isOff(a) || b.parts - a.parts);
}

/** What parts in service tell of the models: how sure they were, and which of them is off. */
export interface ModelCalibration {
  /** The chance that a part holds, as it was said, against whether it did. */
  holds: Calibration;
  biases: ModelBias[];
}

/** Steps of a fifth, by which chances are counted together. */
const BINS = 5;
const binOf = (said: number): number => Math.min(BINS - 1, Math.floor(BINS * said));

/**
 * What was said against what happened. A part that stands, for long enough to tell, says of every model that it held;
 * one that failed says so of the model that was least at ease about a failure of that kind, and nothing of the others.
 */
export function modelCalibration(list: readonly JudgedPart[]): ModelCalibration {
  const telling = list.filter(h => h.verdict !== 'too soon');
  const outcomes: Partial<Record<CalibratedModel, ModelOutcome[]>> = {};
  for (const h of telling) {
    const blamed = h.failed ? blamedOf(h) : null;
    for (const { model, margin, sigma } of h.claims)
      if (!h.failed || model === blamed)
        (outcomes[model] ??= []).push({ margin, sigma, failed: h.failed, weight: h.weight });
  }
  const forecasts = telling.map(h => ({ said: h.pHolds, came: !h.failed, weight: h.weight }));
  return { holds: reliability(forecasts, binOf), biases: modelBiases(outcomes) };
}

/** The model that a failure is put down to; null where none foresees its kind. */
function blamedOf({ claims, foreseenBy }: JudgedPart): CalibratedModel | null {
  const those = claims.filter(c => foreseenBy.includes(c.model as GateId));
  return (
    those.reduce<ModelClaim | null>(
      (worst, c) => (worst === null || c.margin / c.sigma < worst.margin / worst.sigma ? c : worst),
      null,
    )?.model ?? null
  );
}
