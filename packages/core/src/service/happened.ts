import type { Brief } from '../brief/brief.js';
import { parseBrief } from '../brief/parse-brief.js';
import type { Family } from '../materials/family.js';
import { contextOf } from '../score/context.js';
import { weightsOf } from '../score/criteria.js';
import type { Gate, GateId } from '../score/gate.js';
import { judge } from '../score/judge.js';
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
  /** Foreseen: failed as said. Right: stands as said. Missed: failed unsaid. Too dark: stands, was said to fail. */
  verdict: 'foreseen' | 'right' | 'missed' | 'too dark';
}

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
  const plain = JSON.parse(JSON.stringify(base)) as Record<string, unknown>;
  return parseBrief({
    ...plain,
    lifeYears: Math.min(lifeYears, years),
    ifItFails,
    sun: place.sun,
    water: place.water,
    heat: JSON.parse(JSON.stringify(heat)) as object,
    looks: { ...(plain.looks as object | undefined), colour },
  });
}

/** The air of the place itself, where it is known. */
function ownAir({ climate, airMaxC }: Placement['place']): object {
  return {
    ...(climate === null ? {} : { climate }),
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
 */
export function happened(placed: Placed, family: Family | null, of: Brief | null): Happened | null {
  const { placement, standing } = placed;
  if (!family || knownMaterial(placement) === null || standing.looks === 0) return null;
  const brief = briefAsPlaced(placed, of);
  const ctx = contextOf(brief, null, null);
  const { gates } = judge(ctx, family, weightsOf(ctx), brief.school);
  const telling = gates.filter(g => foresees[g.id] && g.verdict !== 'pass');
  const failing = telling.filter(g => g.verdict === 'fail');
  const failed = standing.verdict === 'failed';
  const said = (list: readonly Gate[]): boolean =>
    list.some(g => standing.mode !== null && foresees[g.id]!.includes(standing.mode));
  const by = failing.length ? failing : telling;
  return {
    id: placed.id,
    predicted: failing.length ? 'fails' : telling.length ? 'only just' : 'holds',
    by: by.map(g => ({ id: g.id, why: g.why })),
    failed,
    mode: standing.mode,
    years: standing.seenYears,
    verdict: verdictOf(failed, failed ? said(telling) : failing.length > 0),
  };
}

function verdictOf(failed: boolean, saidToFail: boolean): Happened['verdict'] {
  if (failed) return saidToFail ? 'foreseen' : 'missed';
  return saidToFail ? 'too dark' : 'right';
}

/** Misses first, then what was too dark, then what was foreseen, then what is right. */
const order: readonly Happened['verdict'][] = ['missed', 'too dark', 'foreseen', 'right'];

/** Parts in the order in which they teach. */
export function byLesson(list: readonly Happened[]): Happened[] {
  return [...list].sort((a, b) => order.indexOf(a.verdict) - order.indexOf(b.verdict) || b.years - a.years);
}
