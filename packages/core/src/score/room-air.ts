import type { Family } from '../materials/family.js';
import { vapours, type Vapour } from '../materials/vapours.js';
import { roomConcentrationUgM3, type AirRoomInput } from '../models/air-room.js';
import type { Printer } from '../workshop/printer.js';
import type { Context } from './context.js';

/** A room that nobody measured, m³: a garage or a large room; an estimate. */
const USUAL_ROOM_M3 = 45;
/**
 * Times an hour that the air of a room is changed where nobody measured: closed, with a window or a fan, extracted;
 * typical of houses (ASHRAE handbook, infiltration and natural ventilation).
 */
const AIR_CHANGES = { none: 0.3, room: 2, extracted: 2 } as const;
/** Share that a duct from a closed printer takes away; an estimate. */
const DUCT_CAPTURES = 0.8;

/** What printing a family puts into the room of a printer, and what it is held against. */
export interface RoomAir {
  vapour: Vapour;
  input: AirRoomInput;
  concentrationUgM3: number;
  /** The mean over a day of whoever is there, over the chronic reference value; null where none is settled. */
  share: number | null;
}

/** The room of a printer, with what nobody measured filled in. */
export function roomOf(p: Printer | null): Omit<AirRoomInput, 'rateUgMin'> {
  const ventilation = p?.ventilation ?? 'room';
  return {
    printers: p?.machinesInRoom ?? 1,
    roomM3: p?.roomM3 ?? USUAL_ROOM_M3,
    airChangesPerH: p?.airChangesPerH ?? AIR_CHANGES[ventilation],
    capturedShare: p?.capturedShare ?? (ventilation === 'extracted' ? DUCT_CAPTURES : 0),
    filterCadrM3H: p?.filterCadrM3H ?? 0,
  };
}

/** What a family puts into the room; null for one that gives off next to nothing. */
export function roomAirOf({ brief, printer }: Pick<Context, 'brief' | 'printer'>, f: Family): RoomAir | null {
  const source = f.flags.vapour;
  if (!source) return null;
  const vapour = vapours[source.of];
  const input = { ...roomOf(printer), rateUgMin: source.ugMin[1] };
  const concentrationUgM3 = roomConcentrationUgM3(input);
  const mean = concentrationUgM3 * (brief.room.hoursADay / 24);
  const { referenceUgM3 } = vapour;
  return { vapour, input, concentrationUgM3, share: referenceUgM3 === null ? null : mean / referenceUgM3 };
}
