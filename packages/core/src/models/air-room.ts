import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { model, step } from './model.js';

const MINUTES_AN_HOUR = 60;

/** Input of `air.room`. */
export class AirRoomInput {
  @Quantity({ min: 0, max: 1000, doc: 'Printers that run at once.' }) printers!: number;
  @Quantity({ min: 0, max: 1e6, unit: 'µg/min', doc: 'What one of them gives off.' }) rateUgMin!: number;
  @Quantity({ min: 1, max: 1e6, unit: 'm³', doc: 'Volume of the room.' }) roomM3!: number;
  @Quantity({ min: 0, max: 100, unit: '1/h', doc: 'Times an hour that its air is changed.' })
  airChangesPerH!: number;
  @Quantity({
    min: 0,
    max: 1,
    optional: true,
    doc: 'Share that a hood or duct takes away at the printer; default 0.',
  })
  capturedShare = 0;
  @Quantity({
    min: 0,
    max: 1e5,
    unit: 'm³/h',
    optional: true,
    doc: 'Clean air that a filter for this vapour delivers; default 0.',
  })
  filterCadrM3H = 0;
}

/** Result of `air.room`. */
export interface AirRoomResult {
  /** In steady state, µg/m³; Infinity where the air is never changed. */
  concentrationUgM3: number;
}

/** What a steady source leaves in a well-mixed room, µg/m³: C = n·r·60·(1 − captured)/(V·ACH + CADR). */
export function roomConcentrationUgM3(i: AirRoomInput): number {
  const givenOff = i.printers * i.rateUgMin * MINUTES_AN_HOUR * (1 - i.capturedShare);
  if (givenOff <= 0) return 0;
  return givenOff / (i.roomM3 * i.airChangesPerH + i.filterCadrM3H);
}

/** `air.room`: what printing puts into the air of a room. */
export const airRoomModel = model({
  id: 'air.room',
  title: 'What printing puts into the air of a room',
  source:
    'Mass balance of a well-mixed room in steady state; rates of vapours after Azimi, Zhao, Pouzet, Crain and ' +
    'Stephens (2016), which range widely',
  validity:
    'A room whose air mixes, after some hours of printing; beside a printer it is more. Local rules and a ' +
    'ventilation engineer decide.',
  Input: AirRoomInput,
  compute(i: AirRoomInput) {
    const concentrationUgM3 = roomConcentrationUgM3(i);
    const warnings = ['It compares rooms and filaments: local rules and a ventilation engineer decide.'];
    if (!Number.isFinite(concentrationUgM3))
      warnings.push('In a room whose air is never changed and not filtered it only rises.');
    return {
      result: { concentrationUgM3 },
      warnings,
      steps: [
        step(
          'C',
          'n·r·60·(1 − captured)/(V·ACH + CADR)',
          `${sig(i.printers)} × ${sig(i.rateUgMin)} × 60 × (1 − ${sig(i.capturedShare)}) / ` +
            `(${sig(i.roomM3)} × ${sig(i.airChangesPerH)} + ${sig(i.filterCadrM3H)})`,
          concentrationUgM3,
          'µg/m³',
        ),
      ],
    };
  },
});
