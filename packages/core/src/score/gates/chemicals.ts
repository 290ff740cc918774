import { ramp } from '../../lib/between.js';
import { chemicalList } from '../../materials/names.js';
import type { Chemical, Family, Resistance } from '../../materials/family.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import { desirability } from '../desirability.js';
import type { Gate, Verdict } from '../gate.js';

/** How much at ease what bears something for a while passes: desirability half-way from badly to well. */
export const FOR_A_WHILE = 0.75;

const rank: Record<Resistance, number> = { good: 2, fair: 1, poor: 0 };
/** What a short contact adds to each class. */
const SHORT_ADDS: Record<Resistance, number> = { good: 0, fair: 1, poor: 0.5 };
/** Hours of contact in all up to which it is short, and from which it is as good as for ever, as decades. */
const SHORT_DECADES = { short: Math.log10(8), long: 3 };
/** What stress takes from a class where the chemical makes the plastic crack under it, and from which stress, MPa. */
const CRACKING_TAKES = 0.6;
const CRACKING_MPA = { from: 1, wholly: 5 };
/** Chemicals in which plastics that are prone to it crack under stress. */
const CRACKS_IN: ReadonlySet<Chemical> = new Set<Chemical>([
  'oil',
  'alcohol',
  'petrol',
  'detergent',
  'brake-fluid',
]);

/** How well a family bears one chemical in a brief's service: 2 for good, 1 for a while, 0 not at all. */
function bears(ctx: Context, f: Family, c: Chemical): number {
  const has = f.chemicals[c];
  const hours = ctx.brief.contact.hours;
  const shortness =
    hours === null ? 0 : ramp(Math.log10(Math.max(0.01, hours)), SHORT_DECADES.long, SHORT_DECADES.short);
  const cracks = f.flags.stressCracks && CRACKS_IN.has(c) && has !== 'good' ? stressShare(ctx) : 0;
  return Math.max(0, rank[has] + SHORT_ADDS[has] * shortness - CRACKING_TAKES * cracks);
}

/** How far the part stands under a stress that is held, 0 to 1. */
function stressShare({ loads }: Context): number {
  const held = Math.max(0, ...loads.filter(l => l.kind === 'sustained').map(l => l.stressMPa ?? 0));
  return ramp(held, CRACKING_MPA.from, CRACKING_MPA.wholly);
}

/** How the worst borne of the chemicals that touch the part is borne: 2 for good, 1 for a while, 0 not. */
export function chemicalsReading(ctx: Context, f: Family): number {
  return Math.min(rank.good, ...ctx.brief.contact.chemicals.map(c => bears(ctx, f, c)));
}

/** Chemicals: the worst resistance among those that touch the part, for as long as they do. */
export function chemicalsGate(ctx: Context, a: Assessment): Gate | null {
  const touching = ctx.brief.contact.chemicals;
  if (!touching.length) return null;
  const f = a.family;
  const reading = chemicalsReading(ctx, f);
  const verdict: Verdict = reading >= rank.good ? 'pass' : reading > 0 ? 'marginal' : 'fail';
  const worst = chemicalList(touching.filter(c => bears(ctx, f, c) === reading));
  const words = { pass: 'good', marginal: `fair: ${worst}`, fail: `poor: ${worst}` };
  return {
    id: 'chemicals',
    verdict,
    ease: desirability(reading, rank.poor, rank.good),
    need: chemicalList(touching),
    have: words[verdict],
    unit: '',
    why: whyOf(ctx, f, verdict, worst),
    rescue: verdict === 'fail' ? 'a coating or a liner that resists it' : null,
  };
}

function whyOf(ctx: Context, f: Family, verdict: Verdict, worst: string): string {
  const { chemicals, hours } = ctx.brief.contact;
  if (verdict === 'pass')
    return chemicals.every(c => f.chemicals[c] === 'good')
      ? `Resists ${chemicalList(chemicals)}.`
      : `Bears ${worst} for the ${String(hours)} h that it meets it.`;
  if (verdict === 'fail') return `${f.name} is attacked by ${worst}.`;
  return f.flags.stressCracks && stressShare(ctx) > 0
    ? `${f.name} bears ${worst} for a while, and may crack in it under its load.`
    : `${f.name} bears ${worst} for a while.`;
}
