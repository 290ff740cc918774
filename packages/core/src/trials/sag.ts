import { ListOf, Quantity, Text } from '../input/fields.js';
import { InputError } from '../input/parse.js';
import { sig } from '../lib/figures.js';
import { STANDARD_GRAVITY } from '../lib/physical-constants.js';
import { HeatSurfaceInput, surfaceTemperatureC } from '../models/heat-surface.js';
import { model, step } from '../models/model.js';

/** One look at a strip. */
export class SagLook {
  @Text({
    maxLength: 40,
    optional: true,
    allowEmpty: true,
    doc: 'When, or what the day was; default not said.',
  })
  at = '';
  @Quantity({ min: -60, max: 400, unit: '°C', doc: 'Air, oven or cabin at its hottest since the last look.' })
  airC!: number;
  @Quantity({ min: 0, max: 1400, unit: 'W/m²', optional: true, doc: 'Sun on the strip then; default 0.' })
  irradianceWm2 = 0;
  @Quantity({ min: 0, max: 30, unit: 'm/s', optional: true, doc: 'Wind then; default 1.' }) windMs = 1;
  @Quantity({ min: 0, max: 500, unit: 'mm', doc: 'How far its end hangs under where it began.' })
  sagMm!: number;
}

/** Input of `trial.sag`. */
export class TrialSagInput {
  @Quantity({ min: 0.2, max: 20, unit: 'mm', doc: 'Thickness of the strip.' }) thicknessMm!: number;
  @Quantity({ min: 5, max: 500, unit: 'mm', optional: true, doc: 'Free length; default 60.' }) overhangMm =
    60;
  @Quantity({ min: 0.1, max: 25, unit: 'g/cm³', optional: true, doc: 'Density; default 1.2.' }) densityGcm3 =
    1.2;
  @Quantity({ min: 0, max: 1, optional: true, doc: 'Share of the sun it takes in; default 0.65, mid grey.' })
  absorptivity = 0.65;
  @Quantity({ min: 0.1, max: 100, unit: 'mm', optional: true, doc: 'Sag that counts as soft; default 1.' })
  limitMm = 1;
  @ListOf(() => SagLook, { max: 400, doc: 'The looks, in their order.' }) looks!: SagLook[];
}

/** Result of `trial.sag`. */
export interface TrialSagResult {
  /** How warm the strip itself was at each look, °C. */
  stripC: number[];
  /** Hottest it bore straight, and first at which it hung: it softens between them; null where it was not seen. */
  lowC: number | null;
  highC: number | null;
  /** The middle of the two; null before it hung. */
  softensC: number | null;
  /** Stress of its own weight at the clamp, MPa. */
  stressMPa: number;
}

/**
 * Strips hung out by one end and looked at over days: the strip's own temperature from the day's air, sun and wind,
 * and between which two of them it gave way. A sag once there stays: the first look over the limit is what tells.
 * Own weight bends it with σ = 3·ρ·g·L²/h.
 */
export function trialSag(i: TrialSagInput): TrialSagResult {
  const stripC = i.looks.map(look =>
    look.irradianceWm2 > 0
      ? surfaceTemperatureC(
          Object.assign(new HeatSurfaceInput(), {
            ambientC: look.airC,
            irradianceWm2: look.irradianceWm2,
            absorptivity: i.absorptivity,
            windMs: look.windMs,
          }),
        )
      : look.airC,
  );
  const gave = i.looks.findIndex(look => look.sagMm >= i.limitMm);
  const straight = stripC.slice(0, gave < 0 ? stripC.length : gave);
  const lowC = straight.length ? Math.max(...straight) : null;
  const highC = gave < 0 ? null : stripC[gave]!;
  // In g/cm³, mm and mm, MPa: 1e3 kg/m³ × 1e-6 m² / 1e-3 m × 1e-6.
  const stressMPa = (3 * i.densityGcm3 * STANDARD_GRAVITY * i.overhangMm ** 2) / i.thicknessMm / 1e6;
  return { stripC, lowC, highC, softensC: middle(lowC, highC), stressMPa };
}

function middle(lowC: number | null, highC: number | null): number | null {
  if (highC === null) return null;
  return lowC === null || lowC > highC ? highC : (lowC + highC) / 2;
}

/** Kelvin between the two looks from which on the answer is loose. */
const LOOSE_K = 10;

/** `trial.sag`: a strip that hangs in the heat. */
export const trialSagModel = model({
  id: 'trial.sag',
  title: 'A strip that hangs in the heat',
  source:
    'heat.surface for a strip in the sun; interval between the hottest look straight and the first one hanging',
  validity: 'One end clamped level, the other free, looked at after each hotter day.',
  Input: TrialSagInput,
  compute(i: TrialSagInput) {
    const hot = i.looks.findIndex(l => l.irradianceWm2 > 0 && l.airC > 70);
    if (hot >= 0)
      throw new InputError([
        {
          field: `looks[${hot}].airC`,
          value: i.looks[hot]!.airC,
          message: 'must be at most 70 °C in the sun: in an oven there is none',
        },
      ]);
    const r = trialSag(i);
    const warnings: string[] = [];
    if (r.highC === null) warnings.push('It has not hung yet: it softens above the hottest look.');
    else if (r.lowC === null) warnings.push('It hung at the first look: it may soften far below that.');
    else if (r.lowC > r.highC)
      warnings.push(
        'It was straight when hotter, and hung later: time under load did it, or a wetter strip.',
      );
    else if (r.highC - r.lowC > LOOSE_K)
      warnings.push('The looks are far apart in heat: the answer is loose.');
    return {
      result: r,
      warnings,
      steps: [
        ...r.stripC.map((c, n) =>
          step(
            `T${n + 1}`,
            i.looks[n]!.irradianceWm2 > 0 ? 'heat.surface' : 'T of the air',
            `${sig(i.looks[n]!.airC)} °C, ${sig(i.looks[n]!.irradianceWm2)} W/m², hangs ${sig(i.looks[n]!.sagMm)} mm`,
            c,
            '°C',
          ),
        ),
        step(
          'σ',
          '3·ρ·g·L²/h',
          `3 × ${sig(i.densityGcm3)} × 9.807 × ${sig(i.overhangMm)}²/${sig(i.thicknessMm)}`,
          r.stressMPa,
          'MPa',
        ),
        ...(r.softensC === null ? [] : [step('T_soft', '(T_straight + T_hung)/2', '', r.softensC, '°C')]),
      ],
    };
  },
});
