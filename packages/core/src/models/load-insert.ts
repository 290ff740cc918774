import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { model, step } from './model.js';

/** Input of `load.insert`. */
export class LoadInsertInput {
  @Quantity({ min: 0, max: 1e5, unit: 'N', doc: 'Force that pulls the insert out of its hole.' })
  forceN!: number;
  @Quantity({ min: 1, max: 50, unit: 'mm', doc: 'Outer diameter of the insert over its knurl.' })
  diameterMm!: number;
  @Quantity({ min: 1, max: 100, unit: 'mm', doc: 'How deep the insert sits.' }) lengthMm!: number;
  @Quantity({ min: 1, max: 100, optional: true, doc: 'Walls around the hole; default 3.' }) walls = 3;
  @Quantity({ min: 0.1, max: 2, unit: 'mm', optional: true, doc: 'Width of a line; default 0.45.' })
  lineMm = 0.45;
  @Quantity({ min: 0, max: 1, optional: true, doc: 'Infill behind the walls; default 0.2.' }) infill = 0.2;
}

/** Share of the cylinder around a knurled insert that its knurl takes hold of. */
const HELD_BY_KNURL = 0.5;

/** How far from the insert plastic is sheared and dragged along, mm: thinner walls leave the rest to the infill. */
const SHEARED_MM = 1.2;

/** The share of solid plastic around an insert, 0 to 1: its walls, and behind them the infill. */
export function solidAround({ walls, lineMm, infill }: LoadInsertInput): number {
  const ofWalls = Math.min(1, (walls * lineMm) / SHEARED_MM);
  return ofWalls + (1 - ofWalls) * Math.min(1, infill);
}

/** The tension, MPa, that is as hard on the plastic around an insert as the shear of its pull (von Mises). */
export function insertStressMPa(i: LoadInsertInput): number {
  const holdsMm2 = Math.PI * i.diameterMm * i.lengthMm * HELD_BY_KNURL * solidAround(i);
  return (Math.sqrt(3) * i.forceN) / holdsMm2;
}

/** `load.insert`: what pulling on a heat-set insert does to the plastic around it. */
export const loadInsert = model({
  id: 'load.insert',
  title: 'Pull on a heat-set insert',
  source:
    'Shear of the cylinder around the knurl, half of which takes hold (estimate, set so that an M3 insert in ABS ' +
    'holds about 0.9 kN); √3·τ as tension (von Mises)',
  validity:
    'Knurled inserts set with heat into a hole of the size that their maker asks for, walls closed around it; ' +
    'pulled along their axis, away from edges by a diameter.',
  Input: LoadInsertInput,
  compute(i: LoadInsertInput) {
    const solid = solidAround(i);
    const stressMPa = insertStressMPa(i);
    const holdsMm2 = Math.PI * i.diameterMm * i.lengthMm * HELD_BY_KNURL * solid;
    return {
      result: { stressMPa, solidShare: solid },
      warnings:
        i.walls * i.lineMm < SHEARED_MM
          ? [
              'The walls around the hole are thinner than what an insert drags along: more walls hold it better.',
            ]
          : [],
      steps: [
        step(
          's',
          'w + (1 − w)·φ, w = walls·line/1.2 mm ≤ 1',
          `${sig(i.walls)} × ${sig(i.lineMm)} mm of walls, then ${sig(100 * i.infill)} % infill`,
          solid,
          '',
        ),
        step(
          'A',
          'π·d·L·0.5·s',
          `π × ${sig(i.diameterMm)} × ${sig(i.lengthMm)} × 0.5 × ${sig(solid)}`,
          holdsMm2,
          'mm²',
        ),
        step('σ', '√3·F/A', `1.732 × ${sig(i.forceN)} / ${sig(holdsMm2)}`, stressMPa, 'MPa'),
      ],
    };
  },
});
