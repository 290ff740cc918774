import { Choice, ListOf, Quantity } from '../input/fields.js';
import { InputError } from '../input/parse.js';
import { bisect } from '../lib/bisect.js';
import { sig } from '../lib/figures.js';
import { isotonic, monotoneCurve } from '../lib/monotone.js';
import { shoreModulusMPa } from './flex-modulus.js';
import { infillPatterns, patternRules, type InfillPattern } from './infill-pattern.js';
import { model, step } from './model.js';

/** A pad printed with some infill, and how hard it was. */
export class InfillReading {
  @Quantity({ min: 0, max: 1, doc: 'Infill, as a share.' }) infill!: number;
  @Quantity({ min: 0, max: 100, doc: 'How hard it was, on the same scale.' }) hardness!: number;
}

/** How a pad is pressed. */
const pressedWays = ['onto-layers', 'from-the-side'] as const;
/** How a pad is pressed. */
type PressedWay = (typeof pressedWays)[number];

/** What a pad is, beside its infill. */
type PadOfInfill = Pick<FlexInfillInput, 'scale' | 'solidHardness' | 'readings' | 'pattern'> &
  Partial<Pick<FlexInfillInput, 'walls' | 'lineMm' | 'sideMm' | 'pressed'>>;

/** Input of `flex.infill`. */
export class FlexInfillInput {
  @Choice(['A', 'D'], { doc: 'Shore scale.' }) scale!: 'A' | 'D';
  @Quantity({ min: 1, max: 99, doc: 'Hardness of the solid plastic.' }) solidHardness!: number;
  @Quantity({
    min: 0,
    max: 99,
    optional: true,
    nullable: true,
    doc: 'Hardness that is wanted: gives the infill; default null.',
  })
  wantedHardness: number | null = null;
  @Quantity({
    min: 0,
    max: 1,
    optional: true,
    nullable: true,
    doc: 'Infill as a share: gives the hardness; default null.',
  })
  infill: number | null = null;
  @ListOf(() => InfillReading, {
    max: 100,
    optional: true,
    doc: 'Pads of one’s own; default none: the estimate.',
  })
  readings: InfillReading[] = [];
  @Choice(infillPatterns, { optional: true, doc: 'default gyroid.' }) pattern: InfillPattern = 'gyroid';
  @Quantity({
    min: 0.001,
    max: 1e5,
    unit: 'cm³',
    optional: true,
    nullable: true,
    doc: 'Volume of the part, for its mass; default null.',
  })
  volumeCm3: number | null = null;
  @Quantity({
    min: 0.1,
    max: 3,
    unit: 'g/cm³',
    optional: true,
    doc: 'Density of the solid plastic; default 1.2.',
  })
  densityGcm3 = 1.2;
  @Quantity({
    min: 0,
    max: 20,
    optional: true,
    doc: 'Walls around the pad; default 0: none, or not counted.',
  })
  walls = 0;
  @Quantity({ min: 0.1, max: 2, unit: 'mm', optional: true, doc: 'Line width; default 0.45.' }) lineMm = 0.45;
  @Quantity({
    min: 1,
    max: 1000,
    unit: 'mm',
    optional: true,
    doc: 'Side of the square that is pressed: the smaller it is, the more its walls count; default 30.',
  })
  sideMm = 30;
  @Choice(pressedWays, {
    optional: true,
    doc: 'onto its layers, or from the side: cells that stand upright bend sideways more easily; default onto-layers.',
  })
  pressed: PressedWay = 'onto-layers';
}

/** Result of `flex.infill`: what was not given. */
export interface FlexInfillResult {
  hardness?: number;
  infill?: number;
  massG?: number;
  /** Whether readings of one's own were used. */
  byReadings: boolean;
}

/** Shore hardness of a stiffness: the inverse of `flex.modulus`, nothing under 0. */
export function hardnessOfModulus(scale: 'A' | 'D', modulusMPa: number): number {
  const found =
    scale === 'A'
      ? (modulusMPa * 0.137505 * 254 - 0.0981 * 56) / (0.0981 * 7.62336 + modulusMPa * 0.137505 * 2.54)
      : (Math.log10(modulusMPa) + 0.6403) / 0.0235 - 50;
  return Math.max(0, found);
}

/** Share of a square pad that its walls are. */
function wallShare(walls: number, lineMm: number, sideMm: number): number {
  return 1 - Math.max(0, 1 - (2 * walls * lineMm) / sideMm) ** 2;
}

/**
 * Stiffness of a pad of some infill, as a share of the solid's: its walls and its core carry side by side. A core of
 * share φ has the stiffness E·φⁿ (Gibson and Ashby); from the side, upright cells bend more easily: n + 1.
 */
function padStiffness(i: PadOfInfill, infill: number): number {
  const { exponent, upright } = patternRules[i.pattern];
  const n = exponent + (upright && i.pressed === 'from-the-side' ? 1 : 0);
  const walls = wallShare(i.walls ?? 0, i.lineMm ?? 0.45, i.sideMm ?? 30);
  return walls + (1 - walls) * (infill <= 0 ? 0 : infill ** n);
}

/** Hardness against infill: never falls. */
export function infillCurve(i: PadOfInfill): (infill: number) => number {
  const solid = shoreModulusMPa(i.scale, i.solidHardness);
  const cellular = (infill: number): number => {
    const share = padStiffness(i, infill);
    return share <= 0 ? 0 : hardnessOfModulus(i.scale, solid * share);
  };
  if (!i.readings.length) return cellular;
  const points = isotonic([
    ...i.readings.map(r => ({ x: r.infill, y: r.hardness })),
    ...(i.readings.some(r => r.infill === 1) ? [] : [{ x: 1, y: i.solidHardness }]),
  ]);
  const curve = monotoneCurve(points);
  const [least] = points;
  // Under one's least infill the estimate, drawn through that point.
  const share = cellular(least!.x) > 0 ? least!.y / cellular(least!.x) : 1;
  return infill => (infill < least!.x ? share * cellular(infill) : curve(infill));
}

/** `flex.infill`: how hard a pad of some infill is, or the infill for a hardness. */
export const flexInfillModel = model({
  id: 'flex.infill',
  title: 'Hardness against infill',
  source:
    'One’s own readings by monotone interpolation (Fritsch and Butland 1984); else walls beside a cellular core, ' +
    'E·(w + (1 − w)·φⁿ) (Gibson and Ashby), through flex.modulus',
  validity: 'Square pads without closed skins; a skin on top makes a thin pad harder.',
  Input: FlexInfillInput,
  compute(i: FlexInfillInput) {
    if ((i.wantedHardness === null) === (i.infill === null))
      throw new InputError([
        {
          field: 'wantedHardness',
          value: i.wantedHardness,
          message: 'either it or infill must be given, not both',
        },
      ]);
    const curve = infillCurve(i);
    const byReadings = i.readings.length > 0;
    const warnings = ['Walls, skins and the direction of print shift it: print a pad before the part.'];
    const walls = wallShare(i.walls, i.lineMm, i.sideMm);
    const massOf = (infill: number): { massG?: number } =>
      i.volumeCm3 === null ? {} : { massG: i.volumeCm3 * i.densityGcm3 * (walls + (1 - walls) * infill) };
    const wallSteps =
      i.walls > 0
        ? [
            step(
              'w',
              '1 − (1 − 2·n·b/a)²',
              `1 − (1 − 2 × ${sig(i.walls)} × ${sig(i.lineMm)} / ${sig(i.sideMm)})²`,
              walls,
              '',
            ),
          ]
        : [];
    const how = byReadings ? 'own readings' : 'cellular estimate';
    if (i.infill !== null) {
      const hardness = curve(i.infill);
      return {
        result: { hardness, byReadings, ...massOf(i.infill) } as FlexInfillResult,
        warnings,
        steps: [
          ...wallSteps,
          step('H', how, `at ${sig(100 * i.infill)} % infill`, hardness, `Shore ${i.scale}`),
        ],
      };
    }
    const wanted = i.wantedHardness!;
    const infill = curve(1) <= wanted ? 1 : curve(0) >= wanted ? 0 : bisect(x => curve(x) - wanted, 0, 1);
    if (curve(0) > wanted + 0.5)
      warnings.unshift(
        `Its walls alone reach ${sig(curve(0))} Shore ${i.scale}: fewer walls, or a softer filament.`,
      );
    if (curve(1) < wanted - 0.5)
      warnings.unshift(`Solid, it reaches no more than ${sig(curve(1))} Shore ${i.scale}.`);
    return {
      result: { infill, byReadings, ...massOf(infill) } as FlexInfillResult,
      warnings,
      steps: [...wallSteps, step('φ', `${how}, inverted`, `for ${sig(wanted)} Shore ${i.scale}`, infill, '')],
    };
  },
});
