import type { Placement } from './placement.js';

/** What may be looked at. */
export type CheckId = 'cracks' | 'loose' | 'bent' | 'springs' | 'nail' | 'fading' | 'chewed';

/** Something to look at, and why it is asked of this part. */
export interface ServiceCheck {
  id: CheckId;
  why: string;
}

/** What to look at on a part, safety first: what its place and load call for. */
export function checksFor({ place, ifItFails }: Pick<Placement, 'place' | 'ifItFails'>): ServiceCheck[] {
  const outdoors = place.heat === 'outdoors' || place.sun !== 'none';
  const hurts = ifItFails === 'injures' || ifItFails === 'damages';
  const all: (ServiceCheck & { asked: boolean; first: boolean })[] = [
    {
      id: 'cracks',
      why: hurts ? 'if it breaks it does harm' : 'cracks begin at corners, holes and between layers',
      asked: hurts || place.load !== 'none' || outdoors,
      first: hurts,
    },
    {
      id: 'loose',
      why: 'plastic under a screw gives way over months',
      asked: place.load === 'held' || place.load === 'moving' || hurts,
      first: hurts,
    },
    {
      id: 'bent',
      why: 'heat and load bend before anything breaks',
      asked: place.load !== 'none' || place.heat !== 'indoors',
      first: false,
    },
    {
      id: 'springs',
      why: 'what has gone brittle or creeps no longer springs back',
      asked: place.load === 'moving' || place.sun === 'full',
      first: false,
    },
    {
      id: 'nail',
      why: 'a surface that the sun has eaten flakes under a nail',
      asked: place.sun === 'full' || place.sun === 'part',
      first: false,
    },
    { id: 'fading', why: 'colour goes before strength does', asked: place.sun !== 'none', first: false },
    { id: 'chewed', why: 'mice, birds and bees take to soft plastics', asked: outdoors, first: false },
  ];
  return all
    .filter(c => c.asked)
    .sort((a, b) => Number(b.first) - Number(a.first))
    .map(({ id, why }) => ({ id, why }));
}
