import { actingForceN, hasPlaces, type BriefLoad } from '@hornblende/core/brief';
import type { Xyz } from '@hornblende/core/geometry';
import { directionOf, forceAlong, type Direction } from './load-direction';

/** How a load acts on the faces that it acts on. */
export const actKinds = {
  force: 'a force on that face',
  throughout: 'a force on all of it, as its own weight',
  pressure: 'a pressure on that face',
  torque: 'a torque about that face or hole',
} as const;

/** A way in which a load acts. */
export type ActKind = keyof typeof actKinds;

/** A load on the shape as one says it: where it is held, where what acts, and which way. */
export interface PlacedLoad {
  heldAt: readonly Xyz[];
  actsAt: readonly Xyz[];
  kind: ActKind;
  way: Direction;
  /** MPa under a pressure, N·mm under a torque; the load says a force itself. */
  amount: number;
}

/** What one begins with where another kind of act is chosen. */
const FIRST_AMOUNT = { force: 0, throughout: 0, pressure: 0.1, torque: 1000 } as const;

const places = (said: readonly { atMm: Xyz }[], point: Xyz | null): Xyz[] =>
  said.length ? said.map(p => p.atMm) : point ? [point] : [];

function kindOf(act: BriefLoad['acts'][number] | undefined): ActKind {
  if (act?.throughout) return 'throughout';
  if (act?.torqueNmm) return 'torque';
  return act?.pressureMPa ? 'pressure' : 'force';
}

/** What a load says of its places so far. */
export function placedAs(load: BriefLoad): PlacedLoad {
  const [act] = load.acts;
  const kind = kindOf(act);
  return {
    heldAt: places(load.held, load.heldAtMm),
    actsAt: places(load.acts, load.actsAtMm),
    kind,
    way: directionOf(act?.forceN),
    amount: act?.pressureMPa ?? act?.torqueNmm ?? FIRST_AMOUNT[kind],
  };
}

const copy = (p: Xyz): [number, number, number] => [...p];

/**
 * A load with its places, and what acts on each of them: a force is shared evenly, a pressure and a torque act on each.
 * It names none while it is not known where it is held, where it acts, or how hard.
 */
export function withPlaces(load: BriefLoad, change: Partial<PlacedLoad>): BriefLoad {
  const before = placedAs(load);
  const kind = change.kind ?? before.kind;
  const amount = change.amount ?? (kind === before.kind ? before.amount : FIRST_AMOUNT[kind]);
  const { heldAt, actsAt, way } = { ...before, ...change };
  const newtons = actingForceN(load) ?? 0;
  const forced = kind === 'force' || kind === 'throughout';
  const known = heldAt.length > 0 && actsAt.length > 0 && (forced ? newtons > 0 : amount !== 0);
  const act = {
    forceN: forced ? forceAlong(way, newtons / Math.max(1, actsAt.length)) : null,
    throughout: kind === 'throughout',
    pressureMPa: kind === 'pressure' ? amount : null,
    torqueNmm: kind === 'torque' ? amount : null,
  };
  return {
    ...load,
    heldAtMm: heldAt[0] ? copy(heldAt[0]) : null,
    actsAtMm: actsAt[0] ? copy(actsAt[0]) : null,
    held: known ? heldAt.map(p => ({ atMm: copy(p) })) : [],
    acts: known ? actsAt.map(p => ({ ...act, atMm: copy(p) })) : [],
  };
}

/** Whether a load can be worked out on the shape as it stands. */
export const canBeWorked = (load: BriefLoad): boolean => hasPlaces(withPlaces(load, {}));
