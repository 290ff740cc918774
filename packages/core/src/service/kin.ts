import { knownMaterial, type Placement } from './placement.js';
import type { ServiceStanding } from './standing.js';

/** What says of what kind a part in service is, and whether it failed. */
export interface KindOfPart {
  placement: Pick<Placement, 'materials' | 'partId' | 'place'>;
  standing: Pick<ServiceStanding, 'verdict'>;
}

/**
 * How many of a part's kind have failed: of the same filament, and of the same part or in the same sun and air. What
 * failed in another filament says nothing of this one.
 * @param all every part in service, or those that failed
 */
export function failuresOfKind(all: readonly KindOfPart[]): (part: KindOfPart) => number {
  const failed = new Map<string, KindOfPart[]>();
  for (const p of all) {
    const material = knownMaterial(p.placement);
    if (material === null || p.standing.verdict !== 'failed') continue;
    failed.set(material, [...(failed.get(material) ?? []), p]);
  }
  return ({ placement: mine }) =>
    (failed.get(knownMaterial(mine) ?? '') ?? []).filter(({ placement: theirs }) => {
      const ofOnePart = mine.partId !== null && mine.partId === theirs.partId;
      return ofOnePart || (mine.place.sun === theirs.place.sun && mine.place.heat === theirs.place.heat);
    }).length;
}
