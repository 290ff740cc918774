import { Brief, BriefHeat } from '../brief/brief.js';
import { instanceOf } from '../input/instance-of.js';
import type { Weather } from '../climate/weather.js';
import { bakedFamily } from '../materials/baked.js';
import type { Family } from '../materials/family.js';
import { contextFor, contextOf } from '../score/context.js';
import { chanceOfAll, gatesWithPoor } from '../score/holds.js';
import { weightsOf } from '../score/criteria.js';
import type { Gate, GateId } from '../score/gate.js';
import { judge } from '../score/judge.js';
import { lowerShare } from '../lib/distributions.js';
import { claimOf, type ModelClaim } from './model-claim.js';
import type { FailureMode } from './modes.js';
import type { Placed } from './placed.js';
import { knownMaterial, type Placement } from './placement.js';

/** Ways to fail that a gate foresees. */
const foresees: Partial<Record<GateId, readonly FailureMode[]>> = {
  heat: ['deformed'],
  creep: ['deformed'],
  strength: ['deformed', 'cracked'],
  clamp: ['deformed'],
  impact: ['cracked', 'brittle'],
  uv: ['brittle', 'faded', 'cracked'],
  ageing: ['brittle', 'cracked'],
  water: ['brittle', 'deformed', 'cracked'],
  wear: ['worn'],
  chemicals: ['cracked', 'deformed', 'brittle'],
};

/** What the models say of a part in service, and what happened. */
export interface Happened {
  id: string;
  /** What the models say of it for the years it stood. */
  predicted: 'holds' | 'only just' | 'fails';
  /** The gates that say so. */
  by: { id: GateId; why: string }[];
  failed: boolean;
  mode: FailureMode | null;
  years: number;
  verdict: HappenedVerdict;
  /** The chance that it holds, as the models had it. */
  pHolds: number;
  /** What each model said of it that parts can tell of, and the gates that foresee the way in which it failed. */
  claims: ModelClaim[];
  foreseenBy: GateId[];
  /** How much it counts where parts are counted. */
  weight: number;
}

/**
 * Foreseen: failed as said. Right: stands as said. Missed: failed unsaid. Too dark: stands, was said to fail. No claim:
 * "only just" was said, which says neither. Too soon: it stands, but not for long enough to tell.
 */
export type HappenedVerdict = 'foreseen' | 'right' | 'missed' | 'too dark' | 'no claim' | 'too soon';

/** What is read of {@link Happened} where thousands of parts are counted. */
export type JudgedPart = Pick<Happened, 'failed' | 'verdict' | 'pHolds' | 'claims' | 'foreseenBy' | 'weight'>;

/** Of what happened to a part only what a count reads. */
export function judgedPart({ failed, verdict, pHolds, claims, foreseenBy, weight }: Happened): JudgedPart {
  return { failed, verdict, pHolds, claims, foreseenBy, weight };
}

/** A part tells of the models once it has stood for a season, or for this share of its wanted life. */
const SEASON_YEARS = 0.25;
const LIFE_SHARE = 0.1;

/**
 * The brief that a part in service was in fact put to: its part's, with the place, the life and the sun that it had.
 * @param of the brief of its part, where it is of one
 */
export function briefAsPlaced({ placement, standing }: Placed, of: Brief | null): Brief {
  const { place, colour, lifeYears, ifItFails } = placement;
  const years = Math.max(0.1, standing.ended ? standing.seenYears : Math.max(standing.seenYears, 0.1));
  const base: object = of ?? { format: 'hornblende-brief', version: 1, name: placement.name };
  const heat =
    place.partMaxC === null
      ? {
          ...(of?.heat.setting === place.heat ? of.heat : { setting: safeSetting(place.heat) }),
          ...ownAir(place),
        }
      : { setting: 'custom', partC: place.partMaxC, partMinC: of?.heat.partMinC ?? null };
  // Every value was checked where it was written, in the brief or with the part in service.
  return instanceOf(Brief, {
    ...base,
    lifeYears: Math.min(lifeYears, years),
    ifItFails,
    sun: place.sun,
    water: place.water,
    heat: inOrder(instanceOf(BriefHeat, heat)),
    looks: { ...of?.looks, colour },
  });
}

/** A place may be colder than its part’s brief has it: what is coldest is then no warmer than what is hottest. */
function inOrder(heat: BriefHeat): BriefHeat {
  const { ambientMinC, ambientMaxC, partMinC } = heat;
  const hottest =
    heat.setting === 'custom' ? heat.partC : heat.setting === 'near-source' ? heat.sourceC : null;
  const below = (cold: number | null, hot: number | null): number | null =>
    cold === null || hot === null ? cold : Math.min(cold, hot);
  heat.ambientMinC = below(ambientMinC, ambientMaxC);
  heat.partMinC = below(partMinC, hottest);
  return heat;
}

/** The air of the place itself, where it is known. */
function ownAir({ weatherId, climate, airMaxC }: Placement['place']): object {
  return {
    ...(weatherId !== null ? { climate: 'own' } : climate === null ? {} : { climate }),
    ...(airMaxC === null ? {} : { ambientMaxC: airMaxC }),
  };
}

/** Near a source or custom without a temperature nothing can be worked out: indoors stands for it. */
function safeSetting(setting: Placement['place']['heat']): Placement['place']['heat'] {
  return setting === 'near-source' || setting === 'custom' ? 'indoors' : setting;
}

/**
 * What the models would have said of a part for the time it stood, beside what happened to it. Null where its filament
 * is not known, or nobody has looked at it.
 * @param weather the year of one's own weather that its place names, where it names one
 */
export function happened(
  placed: Placed,
  family: Family | null,
  of: Brief | null,
  weather: Weather | null = null,
): Happened | null {
  const { placement, standing } = placed;
  if (!family || knownMaterial(placement) === null || standing.looks === 0) return null;
  const brief = briefAsPlaced(placed, of);
  const ctx = contextOf(brief, null, weather);
  const { gates, baked } = judge(ctx, family, weightsOf(ctx), brief.school);
  const own = contextFor(ctx, family);
  const withPoor = gatesWithPoor(own, baked ? bakedFamily(family) : family, gates);
  const telling = gates.filter(g => foresees[g.id] && g.verdict !== 'pass');
  const failing = telling.filter(g => g.verdict === 'fail');
  const failed = standing.verdict === 'failed';
  const names = (list: readonly Gate[]): boolean =>
    list.some(g => standing.mode !== null && foresees[g.id]!.includes(standing.mode));
  const by = failing.length ? failing : telling;
  return {
    id: placed.id,
    predicted: failing.length ? 'fails' : telling.length ? 'only just' : 'holds',
    by: by.map(g => ({ id: g.id, why: g.why })),
    failed,
    mode: standing.mode,
    weight: placement.weight,
    pHolds: chanceOfAll(withPoor),
    claims: withPoor.flatMap(g => claimOf(g) ?? []),
    foreseenBy: gates.flatMap(g => (standing.mode && foresees[g.id]?.includes(standing.mode) ? [g.id] : [])),
    years: standing.seenYears,
    verdict: failed
      ? ofFailed(names(failing), names(telling))
      : ofStanding(failing.length > 0, telling.length > 0, standing.seenYears >= yearsToTell(placement)),
  };
}

/** Years that a part must have stood before it tells whether the models were right of it. */
function yearsToTell({ lifeYears }: Placement): number {
  return Math.min(SEASON_YEARS, LIFE_SHARE * lifeYears);
}

function ofFailed(saidToFail: boolean, saidOnlyJust: boolean): HappenedVerdict {
  if (saidToFail) return 'foreseen';
  return saidOnlyJust ? 'no claim' : 'missed';
}

function ofStanding(saidToFail: boolean, saidOnlyJust: boolean, longEnough: boolean): HappenedVerdict {
  if (!longEnough) return 'too soon';
  if (saidToFail) return 'too dark';
  return saidOnlyJust ? 'no claim' : 'right';
}

/** Misses first, then what was too dark, then what was foreseen, then what is right, then what tells nothing. */
const order: readonly HappenedVerdict[] = ['missed', 'too dark', 'foreseen', 'right', 'no claim', 'too soon'];

/** Where a part stands in the order in which parts teach, from 0; within a place those go first that stood longest. */
export function lessonPlace(verdict: HappenedVerdict): number {
  return order.indexOf(verdict);
}

/** How often the models were right of parts in service, and how much a record of this size proves. */
export interface ModelRecord {
  /** Parts of which the models said something, and that have stood for long enough, or failed. */
  telling: number;
  right: number;
  /** At least so large a share is right, at 95 % confidence (exact one-sided bound); null where nothing tells. */
  lowerBound95: number | null;
}

/** How many parts came out in each way, by what each counts. */
export type HappenedTally = Record<HappenedVerdict, number>;

/** Counts parts by how they came out. */
export function happenedTally(list: readonly Pick<Happened, 'verdict' | 'weight'>[]): HappenedTally {
  const tally = Object.fromEntries(order.map(verdict => [verdict, 0])) as HappenedTally;
  for (const { verdict, weight } of list) tally[verdict] += weight;
  return tally;
}

/** How many parts those are; to a tenth, which is as fine as weights are given. */
function countOf(tally: HappenedTally, verdicts: readonly HappenedVerdict[]): number {
  return Number(verdicts.reduce((sum, verdict) => sum + tally[verdict], 0).toFixed(1));
}

/** Counts how often the models were right; what was no claim, or is too young to tell, counts for nothing. */
export function modelRecord(tally: HappenedTally): ModelRecord {
  const all = countOf(tally, ['right', 'foreseen', 'missed', 'too dark']);
  const right = countOf(tally, ['right', 'foreseen']);
  return {
    telling: all,
    right,
    lowerBound95: all > 0 ? lowerShare(right, all, 0.95) : null,
  };
}

/** The record in sentences: what it counts, what it leaves out, and how much it proves. */
export function modelRecordWords(tally: HappenedTally): string {
  const count = (verdict: HappenedVerdict): number => countOf(tally, [verdict]);
  const parts = (n: number): string => (n === 1 ? '1 part' : `${n} parts`);
  const { telling, right, lowerBound95 } = modelRecord(tally);
  const soon = count('too soon');
  const noClaim = count('no claim');
  const leftOut = [
    soon ? `${parts(soon)} of them stood for less than a season or a tenth of the wanted life` : '',
    noClaim ? `of ${parts(noClaim)} the models said “only just”, which is no claim` : '',
  ].filter(Boolean);
  const out = leftOut.length ? ` Not counted: ${leftOut.join('; ')}.` : '';
  if (lowerBound95 === null)
    return `Of ${parts(countOf(tally, order))} that were looked at none tells yet whether the models were right.${out}`;
  const missed = [
    count('missed') ? `missed ${count('missed')}` : '',
    count('too dark') ? `said ${count('too dark')} would fail that stand` : '',
  ].filter(Boolean);
  return (
    `Of ${parts(telling)} that tell, the models had ${right} right${missed.length ? `, ${missed.join(', ')}` : ''}. ` +
    `A record of this size proves that they are right for at least ${Math.floor(100 * lowerBound95)} in 100 such ` +
    `parts (95 % confidence).${out}`
  );
}
