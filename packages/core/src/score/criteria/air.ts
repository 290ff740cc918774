import { sig } from '../../lib/figures.js';
import { roomAirOf } from '../room-air.js';
import { two } from '../sentences.js';
import type { CriterionRule } from './criterion.js';

const weightByPeople = { nobody: 0, adults: 2, children: 3 } as const;
/** Share of the reference value that is at ease: a tenth, and of children a thirtieth. */
const AT_EASE = { nobody: 1, adults: 0.1, children: 1 / 30 } as const;
/** Shares beyond which more makes no difference any more, and under which there is nothing to tell. */
const FAR_OVER = 10;
const NEXT_TO_NOTHING = 0.001;

/** Air: what printing leaves in the room of whoever is there, over the chronic reference value. */
export const airCriterion: CriterionRule = {
  id: 'air',
  label: 'Room air',
  measure: 'vapour in the room over its chronic reference value, over the day',
  weigh: ({ brief: { room } }) =>
    room.who === null || room.fumes === 'nuisance' ? 0 : weightByPeople[room.who],
  read({ ctx, assessment: { family } }) {
    const air = roomAirOf(ctx, family);
    return {
      value: Math.min(FAR_OVER, Math.max(NEXT_TO_NOTHING, air?.share ?? 0)),
      unit: '× reference',
      unacceptable: FAR_OVER,
      comfortable: AT_EASE[ctx.brief.room.who ?? 'nobody'],
      log: true,
      ...(air ? { working: { model: 'air.room', inputs: air.input } } : {}),
    };
  },
  drawn: 'as-typical',
  says: {
    pro: c =>
      c.value <= NEXT_TO_NOTHING
        ? 'Gives off next to nothing.'
        : `Leaves ${two(c.value)} of the reference value in this room.`,
    con: c => `Leaves ${sig(c.value, 2)} times the reference value in this room.`,
  },
};
