import type { Placed } from './placed.js';
import { knownMaterial } from './placement.js';

/**
 * How many of a part's kind have failed: of the same part, or of the same filament in the same sun and air. Its own
 * failure counts as well; a part that has failed is not looked at again.
 * @param all every part in service
 */
export function failuresOfKind(all: readonly Placed[]): (placed: Placed) => number {
  const byPart = new Map<string, number>();
  const byPlace = new Map<string, number>();
  const both = new Map<string, number>();
  const add = (to: Map<string, number>, key: string | null): void => {
    if (key !== null) to.set(key, (to.get(key) ?? 0) + 1);
  };
  for (const p of all.filter(q => q.standing.verdict === 'failed')) {
    add(byPart, p.placement.partId);
    add(byPlace, placeKey(p));
    add(both, bothKey(p));
  }
  const of = (from: Map<string, number>, key: string | null): number =>
    key === null ? 0 : (from.get(key) ?? 0);
  // What is of the same part and of the same place is counted once.
  return p => of(byPart, p.placement.partId) + of(byPlace, placeKey(p)) - of(both, bothKey(p));
}

function placeKey({ placement }: Placed): string | null {
  const material = knownMaterial(placement);
  return material === null ? null : `${material} ${placement.place.sun} ${placement.place.heat}`;
}

function bothKey(p: Placed): string | null {
  const place = placeKey(p);
  return place === null || p.placement.partId === null ? null : `${p.placement.partId} ${place}`;
}
