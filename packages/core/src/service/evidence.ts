import type { CountedPart } from './placed.js';
import { knownMaterial } from './placement.js';
import { serviceRecord } from './standing.js';
import { serviceSurvival, ServiceSurvivalInput, type ServiceSurvivalResult } from './survival.js';

/** What parts may be grouped by. */
export const groupings = ['all', 'family', 'sun', 'heat', 'load', 'colour', 'part'] as const;
/** What parts are grouped by. */
export type Grouping = (typeof groupings)[number];

/** Parts that are alike in something, and what they tell. */
export interface EvidenceGroup {
  key: string;
  survival: ServiceSurvivalResult;
  /** Parts that nobody has looked at yet: they say nothing. */
  unseen: number;
}

/**
 * What parts in service tell, in groups, the largest first. A part of which it is not known whether it is of one
 * filament or another stands in a group of its own: it must not speak for either.
 * @param familyOf the key of the family of a grade or family
 */
export function evidence(
  placed: readonly CountedPart[],
  by: Grouping,
  familyOf: (key: string) => string | null,
): EvidenceGroup[] {
  const groups = new Map<string, CountedPart[]>();
  for (const p of placed) {
    const key = groupOf(p.placement, by, familyOf);
    const group = groups.get(key);
    if (group) group.push(p);
    else groups.set(key, [p]);
  }
  return [...groups]
    .map(([key, list]) => {
      const seen = list.filter(p => p.standing.looks > 0);
      const records = seen.map(p => serviceRecord(p.standing, p.placement));
      return {
        key,
        survival: serviceSurvival(Object.assign(new ServiceSurvivalInput(), { records })),
        unseen: list.length - seen.length,
      };
    })
    .sort((a, b) => b.survival.parts - a.survival.parts || a.key.localeCompare(b.key));
}

/** The group of parts whose filament is half remembered. */
export const UNSURE = 'unsure';

/** The group that a part stands in. @param familyOf the key of the family of a grade or family */
export function groupOf(
  p: CountedPart['placement'],
  by: Grouping,
  familyOf: (key: string) => string | null,
): string {
  switch (by) {
    case 'all':
      return 'all';
    case 'family': {
      const key = knownMaterial(p);
      return key === null ? UNSURE : (familyOf(key) ?? key);
    }
    case 'colour':
      return p.colour;
    case 'part':
      return p.partId ?? 'none';
    default:
      return p.place[by];
  }
}
