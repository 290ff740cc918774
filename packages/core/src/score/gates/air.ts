import { sig } from '../../lib/figures.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import type { Gate, Verdict } from '../gate.js';
import { roomAirOf, roomOf, type RoomAir } from '../room-air.js';

/** Air changes an hour under which a room is not ventilated. */
const VENTILATED_PER_H = 1;

/**
 * Air: what printing puts into the room where somebody is in it, beside the chronic reference value of its chief
 * vapour. How it counts is the brief's school of fumes; a ventilation engineer and local rules decide.
 */
export function airGate(ctx: Context, a: Assessment): Gate | null {
  const { who, fumes } = ctx.brief.room;
  if (who === null || who === 'nobody' || fumes === 'nuisance') return null;
  const air = roomAirOf(ctx, a.family);
  if (!air) return null;
  const { input, vapour, concentrationUgM3, share } = air;
  const verdict = verdictOf(ctx, a, air);
  const mean = (concentrationUgM3 * ctx.brief.room.hoursADay) / 24;
  const beside =
    vapour.referenceUgM3 === null
      ? `no reference value is settled for ${vapour.name}`
      : `${sig(mean, 2)} µg/m³ over the day, of ${sig(vapour.referenceUgM3, 2)} (${vapour.source})`;
  return {
    id: 'air',
    verdict,
    need: vapour.referenceUgM3 ?? 'not settled',
    have: Number.isFinite(mean) ? mean : 'rises without end',
    unit: 'µg/m³',
    why:
      `Printing ${a.family.name} leaves ${sig(concentrationUgM3, 2)} µg/m³ of ${vapour.name} in this room: ` +
      `${beside}.`,
    rescue: verdict === 'pass' ? null : rescueOf(air, share ?? Infinity),
    working: { model: 'air.room', inputs: input },
  };
}

function verdictOf({ brief, printer }: Context, { family }: Assessment, { share }: RoomAir): Verdict {
  const { fumes } = brief.room;
  if (fumes === 'decisive') {
    const { airChangesPerH, capturedShare, filterCadrM3H, roomM3 } = roomOf(printer);
    const changed = airChangesPerH + filterCadrM3H / roomM3;
    const closed = changed < VENTILATED_PER_H && capturedShare < 0.5;
    return closed && family.flags.fumes !== 'low' ? 'fail' : 'pass';
  }
  if (share === null || share <= 1) return 'pass';
  return fumes === 'limit' ? 'fail' : 'marginal';
}

/** How many air changes would bring it down to the reference value, or else what takes it away at the printer. */
function rescueOf({ input, share }: RoomAir, over: number): string {
  const needed = input.airChangesPerH * over;
  return share !== null && Number.isFinite(needed) && needed < 10
    ? `${sig(Math.ceil(10 * needed) / 10, 2)} air changes an hour, or a duct to the open air`
    : 'a duct from a closed printer to the open air, or a room that nobody is in';
}
