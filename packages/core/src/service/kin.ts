import type { Placed } from './placed.js';
import { knownMaterial, type Placement } from './placement.js';

/** Parts that failed and are of one kind: their one known filament, the part that they are of, their sun and air. */
export interface FailedKind extends Pick<Placement['place'], 'sun' | 'heat'> {
  material: string;
  partId: string | null;
  count: number;
}

/** The parts that failed, by their kinds; those of which the filament is not known say nothing. */
export function failedKinds(placed: readonly Placed[]): FailedKind[] {
  const kinds = new Map<string, FailedKind>();
  for (const { placement, standing } of placed) {
    const material = knownMaterial(placement);
    if (material === null || standing.verdict !== 'failed') continue;
    const { partId, place } = placement;
    const { sun, heat } = place;
    const key = JSON.stringify([material, partId, sun, heat]);
    const kind = kinds.get(key) ?? { material, partId, sun, heat, count: 0 };
    kinds.set(key, { ...kind, count: kind.count + 1 });
  }
  return [...kinds.values()];
}

/**
 * How many of a part's kind have failed: of the same filament, and of the same part or in the same sun and air. What
 * failed in another filament says nothing of this one.
 */
export function failuresOfKind(failed: readonly FailedKind[], mine: Placement): number {
  const material = knownMaterial(mine);
  return failed
    .filter(
      theirs =>
        theirs.material === material &&
        ((mine.partId !== null && mine.partId === theirs.partId) ||
          (mine.place.sun === theirs.sun && mine.place.heat === theirs.heat)),
    )
    .reduce((sum, { count }) => sum + count, 0);
}
