import { ramp } from '../../lib/between.js';
import type { Family, WearClass } from '../../materials/family.js';
import { isFibre } from '../../materials/fibre.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import { desirability } from '../desirability.js';
import type { Gate, Verdict } from '../gate.js';

/** How well a class bears rubbing that is neither light nor slow: 2 well, 1 for a while, 0 badly. */
const wearRank: Record<WearClass, number> = { good: 2, fair: 1, poor: 0 };
/** What light, slow rubbing adds to a class that bears it badly. */
const LIGHT_ADDS = 1;
/** Pressure times speed up to which rubbing is light, and from which it is not, MPa·m/s: typical dry limits. */
const PV = { light: 0.01, hard: 0.05 };
/** The same where nobody has said it: stress in the part, MPa, and decades of cycles. */
const STRESS_MPA = { light: 4, hard: 12 };
const CYCLE_DECADES = { light: 6, hard: 7 };

/** How light the rubbing is, 1 light and slow to 0 hard: by pressure and speed where known, else by the loads. */
export function lightness({ brief, loads }: Context): number {
  const { wearPressureMPa, wearSpeedMs } = brief;
  if (wearPressureMPa !== null && wearSpeedMs !== null)
    return ramp(wearPressureMPa * wearSpeedMs, PV.hard, PV.light);
  const stress = Math.max(0, wearPressureMPa ?? 0, ...loads.map(l => l.stressMPa ?? 0));
  const cycles = Math.max(1, ...loads.map(l => l.cycles));
  return Math.min(
    ramp(stress, STRESS_MPA.hard, STRESS_MPA.light),
    ramp(Math.log10(cycles), CYCLE_DECADES.hard, CYCLE_DECADES.light),
  );
}

/** How a family bears the rubbing of a brief, 0 badly to 2 well. */
export function wearReading(ctx: Context, f: Family): number {
  const rank = wearRank[f.flags.wear];
  return rank === 0 ? LIGHT_ADDS * lightness(ctx) : rank;
}

/** Wear: whether it bears sliding, or teeth. What is only looked at may wear, and what rubs lightly wears slowly. */
export function wearGate(ctx: Context, a: Assessment): Gate | null {
  const { wear, purpose } = ctx.brief;
  if (wear === 'none') return null;
  const f = a.family;
  const tried = purpose === 'decorative';
  const have = f.flags.wear;
  const verdict = verdictOf(wearReading(ctx, f), tried);
  const what = wear === 'gear' ? 'teeth' : 'sliding';
  return {
    id: 'wear',
    verdict,
    ease: desirability(wearReading(ctx, f), wearRank.poor, wearRank.good),
    need: what,
    have: have === 'poor' && verdict === 'marginal' ? 'light and slow only' : have,
    unit: '',
    why: whyOf(f, what, verdict),
    rescue: verdict === 'pass' ? null : 'a metal bush or pin, a smooth steel mate, and grease',
  };
}

function verdictOf(reading: number, tried: boolean): Verdict {
  if (reading >= wearRank.good) return 'pass';
  return reading > 0 || tried ? 'marginal' : 'fail';
}

function whyOf(f: Family, what: string, verdict: Verdict): string {
  if (verdict === 'pass') return `${f.name} bears ${what} well.`;
  if (verdict === 'fail') return `${f.name} wears quickly under ${what} that is neither light nor slow.`;
  if (isFibre(f)) return 'Its fibres bear smooth steel, and wear any softer mate.';
  return f.flags.wear === 'poor'
    ? `${f.name} bears ${what} while it is light and slow.`
    : `${f.name} bears ${what} for a while.`;
}
