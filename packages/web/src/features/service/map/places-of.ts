import type { ListedPlacement } from '@hornblende/core/api';
import { PLACE_UNSAID } from '@hornblende/core/formats';

/**
 * What the places are called that parts in service are said to be at, those with most parts first. Of what nobody has
 * said where it is there is no place.
 */
export function placesOf(list: readonly Pick<ListedPlacement, 'placement'>[]): string[] {
  const parts = new Map<string, number>();
  for (const { where } of list.map(p => p.placement.place))
    if (where !== PLACE_UNSAID) parts.set(where, (parts.get(where) ?? 0) + 1);
  return [...parts].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0])).map(([where]) => where);
}

/** Parts in service as a map takes them. */
export function forMap(
  list: readonly Pick<ListedPlacement, 'id' | 'placement'>[],
): { id: string; where: string }[] {
  return list.map(({ id, placement }) => ({ id, where: placement.place.where }));
}
